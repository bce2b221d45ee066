<section class="rail" aria-label="{{ __('layout.pots_on') }}">
    <ul>
        @forelse (array_slice($tickets, 0, 4) as $ticket)
            <li>
                <a class="ticket @if ($loop->first) next @endif" href="{{ route('pots.show', $ticket->potId) }}"
                    data-pot="{{ $ticket->potId }}">
                    <x-icon.burner :mark="$ticket->mark" />
                    <span class="what"><b>{{ $ticket->name }}@if ($ticket->place !== ''), {{ mb_strtolower($ticket->place) }}@endif</b>
                        <span>{{ $ticket->what }}@if ($ticket->cook !== '') · {{ $ticket->cook }}@endif</span></span>
                    @if ($ticket->calls)
                        <time data-ends="{{ $ticket->calls->format('Uv') }}" data-whole="{{ round($ticket->seconds) }}"
                            data-calls="{{ $ticket->name }}: {{ $ticket->kind === Lento\Course\CallKind::Timer ? __('stove.call.timer')
                            : $ticket->what }}" datetime="{{ $ticket->calls->format('c') }}">{{ $ticket->calls->format('H:i') }}</time>
                        <svg class="burn" viewBox="0 0 386 6" preserveAspectRatio="none" aria-hidden="true">
                            <rect width="386" height="6" data-burndown/></svg>
                    @else
                        <span class="wants">{{ __($ticket->kind === Lento\Course\CallKind::Hands ? 'layout.now'
                            : 'layout.perhaps') }}</span>
                    @endif
                </a>
            </li>
        @empty
            <li class="aside">{{ __('layout.no_pots') }}</li>
        @endforelse
        @if (count($tickets) > 4)
            <li class="aside">
                <details class="more-pots">
                    <summary>{{ __('layout.more', ['count' => count($tickets) - 4]) }}</summary>
                    <ul>@foreach (array_slice($tickets, 4) as $ticket)<li><a href="{{ route('pots.show', $ticket->potId) }}"
                        data-pot="{{ $ticket->potId }}">{{ $ticket->name }} <span>{{ $ticket->what }}</span> @if ($ticket->calls)<time
                        data-ends="{{ $ticket->calls->format('Uv') }}"
                        data-calls="{{ $ticket->name }}: {{ $ticket->kind === Lento\Course\CallKind::Timer ? __('stove.call.timer')
                        : $ticket->what }}">{{ $ticket->calls->format('H:i') }}</time>@else{{ __('layout.now') }}@endif</a>
                        </li>@endforeach</ul>
                </details>
            </li>
        @endif
        <li class="aside"><a href="{{ route('stove.new') }}" data-key="h">{{ __('stove.put_on') }}</a></li>
    </ul>
</section>
