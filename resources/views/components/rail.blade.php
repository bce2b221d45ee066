<section class="rail" aria-label="{{ __('layout.pots_on') }}">
    <ul>
        @forelse (array_slice($tickets, 0, 4) as $ticket)
            <li>
                <a class="ticket @if ($loop->first) next @endif" href="{{ route('pots.show', $ticket->potId) }}" data-pot="{{ $ticket->potId }}">
                    <x-icon.burner />
                    <span class="what"><b>{{ $ticket->name }}</b> <span>{{ $ticket->step }}</span></span>
                    @if ($ticket->ends)
                        <time data-ends="{{ $ticket->ends->getTimestamp() * 1000 }}" datetime="{{ $ticket->ends->format('c') }}">{{ $ticket->ends->format('H:i') }}</time>
                    @else
                        <span class="wants">{{ __('layout.now') }}</span>
                    @endif
                </a>
            </li>
        @empty
            <li class="aside">{{ __('layout.no_pots') }}</li>
        @endforelse
        @if (count($tickets) > 4)<li class="aside">{{ __('layout.more', ['count' => count($tickets) - 4]) }}</li>@endif
    </ul>
</section>
