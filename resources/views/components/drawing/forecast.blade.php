@props(['curve', 'now', 'value', 'id', 'width' => 430, 'height' => 190])
@php
    use App\Pages\Pictures\ForecastPicture;
    use Lento\Drawing\Svg;
    $n = Svg::number(...);
    $picture = ForecastPicture::of($curve, (float) $now, $value, (float) $width, (float) $height);
    $d = $picture->drawing;
@endphp
<svg class="forecast" viewBox="0 0 {{ $width }} {{ $height }}" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ $picture->says }}</title>
    @foreach ($d->yTicks as [$y, $text])
        <path d="{{ Svg::path('M%s %sH%s', $d->left(), $y, $d->right()) }}" stroke="var(--rule)" stroke-width="1"/>
        <text x="{{ $n($d->left() - 7) }}" y="{{ $n($y + 5) }}" font-size="15" text-anchor="end" class="t-soft">{{ $text }}</text>
    @endforeach
    @foreach ($d->xTicks as [$x, $text])
        <path d="{{ Svg::path('M%s %sv5', $x, $d->floor()) }}" class="s-ink" stroke-width="1.2"/>
        <text x="{{ $n($x) }}" y="{{ $n($d->floor() + 20) }}" font-size="15" text-anchor="middle" class="t-soft">{{ $text }}</text>
    @endforeach
    <path d="{{ Svg::path('M%s %sV%sH%s', $d->left(), 8.0, $d->floor(), $d->right()) }}" class="s-ink" fill="none" stroke-width="1.5"/>
    @if ($d->band)<rect x="{{ $n($d->band[0]) }}" y="{{ $n($d->target - 6) }}" width="{{ $n($d->bandWidth()) }}"
        height="12" class="f-wash s-edge" stroke-width="1"/>@endif
    <path d="{{ Svg::path('M%s %sH%s', $d->left(), $d->target, $d->right()) }}" class="s-copper" stroke-width="2.5"/>
    @if ($d->planned !== '')<path d="{{ $d->planned }}" class="s-edge" fill="none" stroke-width="2" stroke-dasharray="2 5"/>@endif
    @if ($d->ahead !== '')<path d="{{ $d->ahead }}" class="s-ink" fill="none" stroke-width="2.5" stroke-dasharray="9 5"/>@endif
    @if ($d->gone !== '')<path d="{{ $d->gone }}" class="s-ink" fill="none" stroke-width="3"/>@endif
    @foreach ($d->read as [$x, $y])<circle cx="{{ $n($x) }}" cy="{{ $n($y) }}" r="6" class="f-paper s-ink" stroke-width="2.5"/>@endforeach
    @if ($d->ahead !== '')<path d="{{ Svg::path('M%s %sV%s', $d->now, 8.0, $d->floor()) }}" class="s-copper" stroke-width="1.5"/>@endif
    <text x="{{ $n($d->left() - 10) }}" y="{{ $n($d->floor() + 20) }}" font-size="14" text-anchor="end"
        class="t-soft">{{ __('stove.curve.minutes') }}</text>
    {{-- A level sinks and a colour rises: the corner that its curve leaves free. --}}
    <text x="{{ $n($picture->sinks ? $d->right() : $d->left() + 6) }}" y="13" font-size="14"
        text-anchor="{{ $picture->sinks ? 'end' : 'start' }}"
        class="t-soft">{{ $picture->unit }}</text>
</svg>
