@props(['page', 'id'])
@php
    use Lento\Drawing\{CourseDrawing, Svg};
    $n = Svg::number(...);
    $d = $page->drawing;
@endphp
<svg class="course-line" viewBox="0 0 {{ CourseDrawing::WIDTH }} 150" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ __('log.course_says', ['planned' => round($page->entry->plannedMinutes), 'taken' => $page->entry->minutesTaken() ?? 0]) }}</title>
    <text x="0" y="38" font-size="16">{{ __('log.planned') }}</text>
    <text x="0" y="92" font-size="16" class="b">{{ __('log.happened') }}</text>
    @foreach ([['blocks' => $d->planned, 'y' => 14, 'class' => 'planned'], ['blocks' => $d->happened, 'y' => 68, 'class' => 'happened']] as $row)
        @foreach ($row['blocks'] as $block)
            <rect x="{{ $n($block['x']) }}" y="{{ $row['y'] }}" width="{{ $n($block['width']) }}" height="38" class="{{ $row['class'] }} {{ $block['step'] % 2 ? 'odd' : 'even' }}"/>
            @if ($block['word'])<text x="{{ $n($block['x'] + 7) }}" y="{{ $row['y'] + 24 }}" font-size="15" class="{{ $row['class'] === 'happened' ? 't-paper' : '' }}">{{ $page->names[$block['step']] }}</text>@endif
        @endforeach
    @endforeach
    @foreach ($d->ticks as $tick)
        <path d="{{ Svg::path('M%s 112v8', $tick['x']) }}" class="s-ink" stroke-width="1.5"/>
        <text x="{{ $n($tick['x']) }}" y="138" font-size="15" text-anchor="middle">{{ $tick['minute'] }} min</text>
    @endforeach
    <path d="M92 112H{{ CourseDrawing::WIDTH - 8 }}" class="s-ink" stroke-width="1.5"/>
</svg>
