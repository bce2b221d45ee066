<section class="rail" aria-label="{{ __('layout.pots_on') }}">
    <ul>
        @forelse (array_slice($tickets, 0, 4) as $ticket)
            <li>
                <a class="ticket @if ($loop->first) next @endif" href="{{ route('pots.show', $ticket->potId) }}"
                    data-pot="{{ $ticket->potId }}">
                    <x-icon.burner :mark="$ticket->mark" />
                    <span class="what"><b>{{ $ticket->name }}@if ($ticket->place !== ''), {{ mb_strtolower($ticket->place) }}@endif</b>
                        <span>{{ $ticket->what }}@if ($who = $hands->cookOf($ticket)) · {{ $who }}@endif</span></span>
                    @if ($ticket->calls)
                        <time data-ends="{{ $ticket->calls->format('Uv') }}" data-for="{{ $who }}"
                            data-whole="{{ round($ticket->seconds) }}"
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
        {{-- Who does what next at a pot that has no ticket of its own yet. --}}
        @foreach ($hands->unseen(array_slice($tickets, 0, 4)) as $cook => $hand)<li class="aside next-hand"><a
            href="{{ route('score', $hands->service()) }}"><b>{{ $cook }}</b> <span class="at">{{ $hand->at->format('H:i') }}</span>
            {{ $hand->what }}, {{ $hand->name }}</a></li>@endforeach
        {{-- The tub that wants the thermometer first; the others call from here too. --}}
        @foreach ($tubs as $call)<li class="aside next-hand" @unless ($loop->first) hidden @endunless><a
            href="{{ route('keep.tub', $call['id']) }}">{{ $call['words'] }} <time data-ends="{{ $call['at']->format('Uv') }}"
            data-calls="{{ $call['words'] }}" datetime="{{ $call['at']->format('c') }}">{{ $call['at']->format('H:i') }}</time></a>
            </li>@endforeach
        {{-- However many there are, these two stay in sight. --}}
        <li class="aside pinned">
        @if (count($tickets) > 4)
                <details class="more-pots">
                    <summary>{{ __('layout.more', ['count' => count($tickets) - 4]) }}</summary>
                    <ul>@foreach (array_slice($tickets, 4) as $ticket)<li><a href="{{ route('pots.show', $ticket->potId) }}"
                        data-pot="{{ $ticket->potId }}">{{ $ticket->name }} <span>{{ $ticket->what }}</span> @if ($ticket->calls)<time
                        data-ends="{{ $ticket->calls->format('Uv') }}" data-for="{{ $hands->cookOf($ticket) }}"
                        data-calls="{{ $ticket->name }}: {{ $ticket->kind === Lento\Course\CallKind::Timer ? __('stove.call.timer')
                        : $ticket->what }}">{{ $ticket->calls->format('H:i') }}</time>@else{{ __('layout.now') }}@endif</a>
                        </li>@endforeach</ul>
                </details>
        @endif
            <a href="{{ route('stove.new') }}" data-key="h">{{ __('stove.put_on') }}</a></li>
    </ul>
</section>
