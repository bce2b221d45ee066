@props(['sheet', 'id', 'width' => 1232, 'now' => null])
@php
    use Lento\Drawing\{Ink, StripDrawing, Svg};
    use Lento\Roux\Colour;
    $n = Svg::number(...);
    $d = StripDrawing::of($width, 44, App\Format\StripSamples::all());
    $shade = $sheet->question->colour->shade();
    // A hot pan carries the colour on: lift where it will end there.
    $lift = $sheet->rouxForecast?->shade ?? $shade;
    $carries = $shade->value - $lift->value > 0.05;
    $x = $d->x($lift->value);
    $ends = $d->x($shade->value);
    // Clear of the names while it stands between them.
    $top = $carries ? 101 : 36;
    $half = min(62, $width / 12);
    $left = max(2, $x - $half);
    $percent = round(100 * $shade->strength());
    $nowX = $now === null ? null : $d->x($now);
@endphp
<svg {{ $attributes->merge(['class' => 'strip']) }} viewBox="0 0 {{ $width }} 166" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ __('compose.strip_says', ['colour' => __('compose.colour.' . $sheet->question->colour->value), 'percent' => $percent]) }}@if ($carries) {{ __('stove.carries_says') }}@endif</title>
    <defs><linearGradient id="{{ $id }}-roux">@foreach ($d->stops as $stop)<stop offset="{{ $stop['offset'] }}%" stop-color="{{ $stop['hex'] }}"/>@endforeach</linearGradient></defs>
    <path d="{{ $d->area() }}" class="f-wash"/>
    <path d="{{ $d->curve }}" class="s-ink" fill="none" stroke-width="2.5"/>
    <rect x=".75" y="46" width="{{ $width - 1.5 }}" height="78" fill="url(#{{ $id }}-roux)" class="s-ink" stroke-width="1.5"/>
    @foreach (Colour::cases() as $colour)
        @php($at = $d->x($colour->shade()->value))
        <circle cx="{{ $n($at) }}" cy="{{ $n($d->y($colour->shade()->strength())) }}" r="5.5" class="f-ink"/>
        {{-- A name gives way to the marker; on a narrow strip there is no room beside it. --}}
        @php($near = $nowX !== null && abs($nowX - max(28, $at)) < ($width < 600 ? 34 : 46))
        @php($off = $near ? ($at >= $nowX || $nowX < 90 ? 1 : -1) * 52 - (max(28, $at) - $nowX) : 0)
        <text x="{{ $n(max(28, $at) + $off) }}" y="93" @if ($near && $width < 600) visibility="hidden" @endif font-size="{{ $width < 600 ? 17 : 22 }}" class="b t-{{ Ink::on($colour->shade()->swatch()->hex())->value }}" text-anchor="middle">{{ __('compose.colour.' . $colour->value) }}</text>
    @endforeach
    <path d="{{ Svg::path('M%s %sV138H%sV%s', $left, $top, $x + $half, $top) }}" class="s-casing" fill="none" stroke-width="8"/>
    <path d="{{ Svg::path('M%s %sV138H%sV%s', $left, $top, $x + $half, $top) }}" class="s-ink" fill="none" stroke-width="4"/>
    @if ($carries)
        <path d="{{ Svg::path('M%s 115H%s', $x, $ends - 7) }}" class="s-casing" fill="none" stroke-width="7"/>
        <path d="{{ Svg::path('M%s 115H%sM%s 109L%s 115L%s 121', $x, $ends - 1, $ends - 8, $ends, $ends - 8) }}" class="s-ink" fill="none" stroke-width="3"/>
    @endif
    <text x="{{ $n(min($width - 52, max(78, $x))) }}" y="160" font-size="21" class="b" text-anchor="middle">{{ __($carries ? 'stove.lift_here' : 'stove.stop_here') }}</text>
    <text x="{{ $n($x > $width * 0.6 ? max(78, $x) - 64 : max(78, $x) + 64) }}" y="160" font-size="18" class="t-soft" @if ($x > $width * 0.6) text-anchor="end" @endif>{{ __($carries && $width >= 600 ? 'stove.carries_thickens' : 'stove.thickens', ['percent' => $percent]) }}</text>
    @if ($nowX !== null)
        <path d="{{ Svg::path('M%s 34V128', $nowX) }}" class="s-casing" stroke-width="10"/>
        <path d="{{ Svg::path('M%s 34V128', $nowX) }}" class="s-ink" stroke-width="5"/>
        <path d="{{ Svg::path('M%s 126l11 17h-22Z', $nowX) }}" class="f-ink"/>
        <text x="{{ $n($width < 600 ? ($nowX > $width * .6 ? $nowX : max(4, min($nowX + 8, $width - 90))) : $nowX + 14 * ($nowX > 150 ? -1 : 1)) }}" y="{{ $width < 600 ? 30 : 160 }}" font-size="{{ $width < 600 ? 18 : 21 }}" class="b" text-anchor="{{ $width < 600 ? ($nowX > $width * .6 ? 'end' : 'start') : ($nowX > 150 ? 'end' : 'start') }}">{{ __('stove.yours_now') }}</text>
    @endif
</svg>
