<x-layout :title="__('log.title')" at="log">
    <div class="log">
        <h1>{{ __('log.title') }}</h1>
        @forelse ($page->days as $day => $entries)
            <section>
                <h2>{{ $day }}</h2>
                <ol>
                    @foreach ($entries as $entry)
                        <li>
                            <a href="{{ route('log.show', $entry->id) }}" aria-label="{{ __('log.open', ['name' => $entry->name, 'time' => $entry->startedAt->format('H:i')]) }}">
                                <time>{{ $entry->startedAt->format('H:i') }}</time>
                                <span class="who"><b>{{ $entry->name }}</b> @if ($entry->cook)<span class="soft">{{ __('log.by', ['cook' => $entry->cook]) }}</span>@endif</span>
                                @if ($entry->spoon)<x-drawing.volume-bar :entry="$entry" />@else<span></span>@endif
                                <span class="came"><b>{{ $entry->outcome() }}</b> @if ($entry->spoon)<span>{{ $entry->volumeVerdict() }}, {{ $entry->spoonVerdict() }}</span>@endif</span>
                                <span class="took">{{ __('log.minutes', ['taken' => $entry->minutesTaken(), 'planned' => round($entry->plannedMinutes)]) }}</span>
                                @if ($entry->taste !== '')<span class="taste">{{ $entry->taste }}</span>@endif
                            </a>
                        </li>
                    @endforeach
                </ol>
            </section>
        @empty
            <div class="empty"><p>{{ __('log.empty') }}</p><p class="soft">{{ __('log.empty_hint') }}</p></div>
        @endforelse
    </div>
</x-layout>
