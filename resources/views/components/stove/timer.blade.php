@props(['page'])
<section class="clockface">
    @if ($page->course->timerEnds())
        @php($ends = $page->course->timerEnds())
        <div class="digits" role="timer" data-ends="{{ $ends->format('Uv') }}" data-whole="{{ round($page->course->timerSeconds()) }}"
            data-digits>{{ $ends->format('H:i') }}</div>
        <svg class="burndown" viewBox="0 0 388 14" preserveAspectRatio="none" aria-hidden="true">
            <rect x="1" y="1" width="386" height="12" class="frame"/>
            <rect x="1" y="1" width="386" height="12" class="left" data-burndown/></svg>
        <div class="under">
            <span>{{ $page->timerSays($ends) }}</span>
            <x-stove.tap :page="$page" kind="more-time" :fields="['seconds' => 60]" key="+">{{ __('stove.plus_minute') }}</x-stove.tap>
        </div>
    @else
        {{-- For a tablet that goes on to a timed step without a line. --}}
        <div class="digits" role="timer" hidden></div>
        <p class="no-clock">{{ __('stove.no_clock') }}</p>
        <p class="soft">{{ __('stove.since', ['time' => $page->course->since()->format('H:i')]) }}</p>
    @endif
</section>
