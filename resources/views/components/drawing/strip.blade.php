@props(['picture', 'id'])
@php
    use Lento\Drawing\Svg;
    $n = Svg::number(...);
    $d = $picture->drawing;
    $b = $picture->bracket;
    $narrow = $picture->width < 600;
@endphp
<svg {{ $attributes->merge(['class' => 'strip']) }} viewBox="0 0 {{ $picture->width }} 166" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ $picture->says }}</title>
    <defs><linearGradient id="{{ $id }}-roux">@foreach ($d->stops as $stop)<stop offset="{{ $stop['offset'] }}%"
        stop-color="{{ $stop['hex'] }}"/>@endforeach</linearGradient></defs>
    <path d="{{ $d->area() }}" class="f-wash"/>
    <path d="{{ $d->curve }}" class="s-ink" fill="none" stroke-width="2.5"/>
    <rect x=".75" y="46" width="{{ $n($picture->width - 1.5) }}" height="78" fill="url(#{{ $id }}-roux)" class="s-ink" stroke-width="1.5"/>
    @foreach ($picture->colours as $colour)
        <circle cx="{{ $n($colour['x']) }}" cy="{{ $n($colour['y']) }}" r="5.5" class="f-ink"/>
        <text x="{{ $n($colour['nameX']) }}" y="93" @if ($colour['hidden']) visibility="hidden" @endif font-size="{{ $narrow ? 17 : 22 }}"
            class="b t-{{ $colour['ink'] }}"
            text-anchor="middle">{{ $colour['name'] }}</text>
    @endforeach
    @foreach ([['s-casing', 8], ['s-ink', 4]] as [$class, $wide])
        <path d="{{ Svg::path('M%s %sV138H%sV%s', $b['left'], $b['top'], $b['right'], $b['top']) }}" class="{{ $class }}" fill="none"
            stroke-width="{{ $wide }}"/>
    @endforeach
    @if ($b['carries'])
        <path d="{{ Svg::path('M%s 115H%s', $b['x'], $b['ends'] - 7) }}" class="s-casing" fill="none" stroke-width="7"/>
        <path d="{{ Svg::path('M%s 115H%sM%s 109L%s 115L%s 121', $b['x'], $b['ends'] - 1, $b['ends'] - 8, $b['ends'], $b['ends'] - 8) }}"
            class="s-ink" fill="none" stroke-width="3"/>
    @endif
    <text x="{{ $n($picture->lift['x']) }}" y="{{ $n($picture->lift['y']) }}" font-size="21" class="b"
        text-anchor="{{ $picture->lift['anchor'] }}">{{ $picture->lift['text'] }}</text>
    @if ($picture->thickens)
        <text x="{{ $n($picture->thickens['x']) }}" y="160" font-size="18" class="t-soft"
            text-anchor="{{ $picture->thickens['anchor'] }}">{{ $picture->thickens['text'] }}</text>
    @endif
    @if ($picture->now)
        <path d="{{ Svg::path('M%s 34V128', $picture->now['x']) }}" class="s-casing" stroke-width="10"/>
        <path d="{{ Svg::path('M%s 34V128', $picture->now['x']) }}" class="s-ink" stroke-width="5"/>
        <path d="{{ Svg::path('M%s 126l11 17h-22Z', $picture->now['x']) }}" class="f-ink"/>
        <text x="{{ $n($picture->now['textX']) }}" y="{{ $n($picture->now['textY']) }}" font-size="{{ $picture->now['size'] }}" class="b"
            text-anchor="{{ $picture->now['anchor'] }}">{{ $picture->now['text'] }}</text>
    @endif
</svg>
