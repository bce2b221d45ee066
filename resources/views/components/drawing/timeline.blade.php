@props(['sheet', 'id'])
@php
    use Lento\Drawing\{Svg, TimelineDrawing};
    $n = Svg::number(...);
    $picture = App\Pages\Pictures\TimelinePicture::of($sheet);
    $d = $picture->drawing;
@endphp
<figure class="timeline-figure">
    <figcaption><strong>{{ __('sheet.course') }}</strong></figcaption>
    <svg class="timeline" viewBox="0 0 {{ TimelineDrawing::WIDTH }} {{ TimelineDrawing::HEIGHT }}" role="img"
        aria-labelledby="{{ $id }}-says">
        <title id="{{ $id }}-says">{{ $picture->says }}</title>
        @foreach ($d->stretches as $one)
            @if ($one['hands'])
                <rect x="{{ $n($one['x']) }}" y="14" width="{{ $n($one['width']) }}" height="26" class="f-ink"/>
            @else
                <path d="{{ Svg::path('M%s 27h%s', $one['x'], $one['width']) }}" class="s-ink" stroke-width="2" stroke-dasharray="2 5"/>
            @endif
            @if ($one['labelled'])<text x="{{ $n($one['middle']) }}" y="{{ $one['hands'] ? 33 : 21 }}" font-size="15"
                class="b {{ $one['hands'] ? 't-paper' : '' }}" text-anchor="middle">{{ round($one['minutes']) }}</text>@endif
        @endforeach
        <path d="M0 48H{{ TimelineDrawing::WIDTH }}" class="s-edge" stroke-width="1"/>
        @foreach ($d->ticks() as $tick)
            <path d="{{ Svg::path('M%s 44v8', $tick['x']) }}" class="s-edge" stroke-width="1.5"/>
            <text x="{{ $n($tick['numberX']) }}" y="68" font-size="14" class="t-soft"
                text-anchor="{{ $loop->first ? 'start' : 'middle' }}">{{ $tick['minutes'] }}{{ $loop->last ? ' min' : '' }}</text>
        @endforeach
    </svg>
</figure>
