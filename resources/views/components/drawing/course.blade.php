@props(['page', 'id', 'drawing' => null])
@php
    use Lento\Drawing\{CourseDrawing, Svg};
    $n = Svg::number(...);
    $d = $drawing ?? $page->drawing;
@endphp
<svg class="course-line" viewBox="0 0 {{ CourseDrawing::WIDTH }} {{ $n($d->height()) }}" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ __('log.course_says', ['planned' => round($page->entry->plannedMinutes()),
        'taken' => $page->entry->minutesTaken() ?? 0]) }}</title>
    <text x="0" y="38" font-size="16">{{ __('log.planned') }}</text>
    <text x="0" y="92" font-size="16" class="b">{{ __('log.happened') }}</text>
    @foreach ([['blocks' => $d->planned, 'y' => 14, 'class' => 'planned'], ['blocks' => $d->happened, 'y' => 68,
        'class' => 'happened']] as $row)
        @foreach ($row['blocks'] as $block)
            <rect x="{{ $n($block['x']) }}" y="{{ $row['y'] }}" width="{{ $n($block['width']) }}" height="38"
                class="{{ $row['class'] }} {{ $block['step'] % 2 ? 'odd' : 'even' }}"/>
            @if ($block['word'])<text x="{{ $n($block['x'] + 7) }}" y="{{ $row['y'] + 24 }}" font-size="15"
                class="{{ $row['class'] === 'happened' ? 't-paper' : '' }}">{{ $page->names[$block['step']] }}</text>@endif
        @endforeach
    @endforeach
    @foreach ($d->marks as $mark)
        @php($x = $mark['x'])
        @if ($mark['kind'] === 'tick')
            <path d="{{ Svg::path('M%s 106v7', $x) }}" class="s-ink" stroke-width="1.5"/>
        @else
            @php($y = $mark['y'])
            <path d="{{ Svg::path('M%s 106V%s', $x, $y - 5) }}" class="s-soft" stroke-width="1"/>
            @switch($mark['kind'])
                @case('ring')<circle cx="{{ $n($x) }}" cy="{{ $n($y) }}" r="4.5" class="mark-ring"/>@break
                @case('note')<rect x="{{ $n($x - 4) }}" y="{{ $n($y - 4) }}" width="8" height="8" class="f-ink"/>@break
                @case('rescue')<path d="{{ Svg::path('M%s %sl6 6l-6 6l-6 -6z', $x, $y - 6) }}" class="mark-rescue"/>@break
                @case('heat')<path d="{{ Svg::path('M%s %sl5 9h-10z', $x, $y - 5) }}" class="mark-heat"/>@break
                @default<circle cx="{{ $n($x) }}" cy="{{ $n($y) }}" r="3" class="f-ink"/>
            @endswitch
            @if ($mark['lane'] !== null)<text x="{{ $n($mark['wordsX']) }}" y="{{ $n($y + 5) }}" font-size="14"
                @if ($mark['left']) text-anchor="end" @endif>{{ $mark['text'] }}</text>@endif
        @endif
    @endforeach
    @foreach ($d->ticks as $tick)
        <path d="{{ Svg::path('M%s %sv8', $tick['x'], $d->axis()) }}" class="s-ink" stroke-width="1.5"/>
        <text x="{{ $n($tick['x']) }}" y="{{ $n($d->axis() + 26) }}" font-size="15" text-anchor="middle">{{ $tick['minute'] }} min</text>
    @endforeach
    <path d="M92 {{ $n($d->axis()) }}H{{ CourseDrawing::WIDTH - 8 }}" class="s-ink" stroke-width="1.5"/>
</svg>
