@props(['picture', 'id'])
@php
    use Lento\Drawing\{CoolingDrawing, Svg};
    $d = $picture->drawing;
    $n = Svg::number(...);
    [$left, $right, $top, $floor] = [CoolingDrawing::left(), CoolingDrawing::right(), CoolingDrawing::top(), CoolingDrawing::floor()];
@endphp
<svg class="cooling" viewBox="0 0 {{ CoolingDrawing::WIDTH }} {{ CoolingDrawing::HEIGHT }}" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ $picture->says }}</title>
    <defs><pattern id="{{ $id }}-hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="8" height="8" class="f-sheet"/><rect width="4" height="8" class="f-madder"/></pattern></defs>
    <rect x="{{ $n($left) }}" y="{{ $n($top) }}" width="{{ $n($d->now - $left) }}" height="{{ $n($floor - $top) }}" class="f-wash"/>
    @foreach ($d->yTicks as [$y, $text])
        <path d="{{ Svg::path('M%s %sH%s', $left, $y, $right) }}" stroke="var(--rule)" stroke-width="1"/>
        <text x="{{ $n($left - 6) }}" y="{{ $n($y + 5) }}" font-size="14" text-anchor="end">{{ $text }}</text>
    @endforeach
    @foreach ($d->xTicks as [$x, $text])
        <path d="{{ Svg::path('M%s %sv6', $x, $floor) }}" class="s-ink" stroke-width="1.5"/>
        <text x="{{ $n($x) }}" y="{{ $n($floor + 22) }}" font-size="14" text-anchor="middle">{{ $text }}</text>
    @endforeach
    @if ($d->band !== '')<path d="{{ $d->band }}Z" class="cooling-band"/>@endif
    @foreach ($d->posts as $post)
        <rect x="{{ $n($post['x'] - CoolingDrawing::POST / 2) }}" y="{{ $n($top) }}" width="{{ CoolingDrawing::POST }}"
            height="{{ $n($post['y'] - $top) }}" fill="url(#{{ $id }}-hatch)" class="s-madder" stroke-width="2"/>
        <text x="{{ $n($post['words']) }}" y="{{ $n($top + 17) }}" font-size="20" text-anchor="{{ $post['anchor'] }}"
            class="b cased">{{ $post['limit'] }}</text>
        <text x="{{ $n($post['words']) }}" y="{{ $n($top + 36) }}" font-size="15" text-anchor="{{ $post['anchor'] }}"
            class="cased">{{ $post['by'] }}</text>
    @endforeach
    @if ($d->stands !== '')<path d="{{ $d->stands }}" class="s-madder" fill="none" stroke-width="2.5" stroke-dasharray="2 6"
        stroke-linecap="round"/>@endif
    @if ($d->fix !== '')<path d="{{ $d->fix }}" class="s-herb" fill="none" stroke-width="4"/>@endif
    @if ($d->gone !== '')<path d="{{ $d->gone }}" class="s-ink" fill="none" stroke-width="3" stroke-linejoin="round"/>@endif
    @if ($picture->now !== '')<path d="{{ Svg::path('M%s %sV%s', $d->now, $top, $floor) }}" class="s-copper" stroke-width="3"/>@endif
    @foreach ($d->posts as $post)@if ($post['cross'] !== null)
        <circle cx="{{ $n($post['x']) }}" cy="{{ $n($post['cross']) }}" r="12" class="f-sheet s-madder" stroke-width="3"/>
        <path d="{{ Svg::path('M%s %sl9 9m0 -9l-9 9', $post['x'] - 4.5, $post['cross'] - 4.5) }}" class="s-madder" stroke-width="3"/>
    @endif @endforeach
    @foreach ($d->doubted as [$x, $y])<path d="{{ Svg::path('M%s %sl10 10m0 -10l-10 10', $x - 5, $y - 5) }}" class="s-edge"
        stroke-width="2.5"/>@endforeach
    @foreach ($d->read as $one)
        <circle cx="{{ $n($one['x']) }}" cy="{{ $n($one['y']) }}" r="6" class="f-ink"/>
        @if ($one['name'] !== '')<text x="{{ $n($one['x'] + 9) }}" y="{{ $n($one['y'] - 8) }}" font-size="18"
            class="b cased">{{ $one['name'] }}</text>@endif
    @endforeach
    <path d="{{ Svg::path('M%s %sH%s', $left, $floor, $right) }}" class="s-ink" stroke-width="2"/>
    @if ($picture->now !== '')<g class="now-flag"><rect x="{{ $n($d->flag()) }}" y="{{ $n($floor - 24) }}" width="56" height="22"/>
        <text x="{{ $n($d->flag() + 28) }}" y="{{ $n($floor - 8) }}" font-size="15" text-anchor="middle"
            class="b">{{ $picture->now }}</text></g>@endif
</svg>
