@props(['drawing', 'says', 'id'])
@php
    use Lento\Drawing\{ShrinkingBands, Svg};
    $n = Svg::number(...);
@endphp
<svg class="bands" viewBox="0 0 {{ $n($drawing->width) }} {{ ShrinkingBands::HEIGHT }}" width="{{ $n($drawing->width) }}" role="img"
    aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ $says }}</title>
    @foreach ($drawing->ticks as [$y, $text])
        <path d="{{ Svg::path('M%s %sH%s', ShrinkingBands::left(), $y, $drawing->width - 8) }}" stroke="var(--rule)"/>
        <text x="{{ $n(ShrinkingBands::left() - 6) }}" y="{{ $n($y + 5) }}" font-size="14" text-anchor="end"
            class="t-soft">{{ $text }}</text>
    @endforeach
    <path d="{{ Svg::path('M%s %sH%s', ShrinkingBands::left(), $drawing->house, $drawing->width - 8) }}" class="s-copper" stroke-width="2"/>
    @foreach ($drawing->posts as $post)
        <path d="{{ Svg::path('M%s %sV%sM%s %sh10M%s %sh10', $post['x'], $post['low'], $post['high'], $post['x'] - 5, $post['low'],
            $post['x'] - 5, $post['high']) }}" class="s-ink" stroke-width="2"/>
        <circle cx="{{ $n($post['x']) }}" cy="{{ $n($post['middle']) }}" r="5.5" class="{{ $loop->last ? 'f-ink' : 'f-paper' }} s-ink"
            stroke-width="2"/>
        <text x="{{ $n($post['x']) }}" y="114" font-size="14" text-anchor="middle" class="t-soft">{{ $post['pot'] }}</text>
    @endforeach
</svg>
