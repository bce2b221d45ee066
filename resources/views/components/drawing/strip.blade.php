@props(['sheet', 'id', 'width' => 1232])
@php
    use Lento\Drawing\{Ink, StripDrawing, Svg};
    use Lento\Roux\Colour;
    $n = Svg::number(...);
    $d = StripDrawing::of($width, 44, App\Format\StripSamples::all());
    $shade = $sheet->question->colour->shade();
    $x = $d->x($shade->value);
    $half = min(62, $width / 12);
    $left = max(2, $x - $half);
    $percent = round(100 * $shade->strength());
@endphp
<svg {{ $attributes->merge(['class' => 'strip']) }} viewBox="0 0 {{ $width }} 166" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ __('compose.strip_says', ['colour' => __('compose.colour.' . $sheet->question->colour->value), 'percent' => $percent]) }}</title>
    <defs><linearGradient id="{{ $id }}-roux">@foreach ($d->stops as $stop)<stop offset="{{ $stop['offset'] }}%" stop-color="{{ $stop['hex'] }}"/>@endforeach</linearGradient></defs>
    <path d="{{ $d->area() }}" class="f-wash"/>
    <path d="{{ $d->curve }}" class="s-ink" fill="none" stroke-width="2.5"/>
    <rect x=".75" y="46" width="{{ $width - 1.5 }}" height="78" fill="url(#{{ $id }}-roux)" class="s-ink" stroke-width="1.5"/>
    @foreach (Colour::cases() as $colour)
        @php($at = $d->x($colour->shade()->value))
        <circle cx="{{ $n($at) }}" cy="{{ $n($d->y($colour->shade()->strength())) }}" r="5.5" class="f-ink"/>
        <text x="{{ $n(max(28, $at)) }}" y="93" font-size="{{ $width < 600 ? 17 : 22 }}" class="b t-{{ Ink::on($colour->shade()->swatch()->hex())->value }}" text-anchor="middle">{{ __('compose.colour.' . $colour->value) }}</text>
    @endforeach
    <path d="{{ Svg::path('M%s 36V138H%sV36', $left, $x + $half) }}" class="s-casing" fill="none" stroke-width="8"/>
    <path d="{{ Svg::path('M%s 36V138H%sV36', $left, $x + $half) }}" class="s-ink" fill="none" stroke-width="4"/>
    <text x="{{ $n(min($width - 52, max(78, $x))) }}" y="160" font-size="21" class="b" text-anchor="middle">{{ __('stove.stop_here') }}</text>
    <text x="{{ $n($x > $width * 0.6 ? max(78, $x) - 64 : max(78, $x) + 64) }}" y="160" font-size="18" class="t-soft" @if ($x > $width * 0.6) text-anchor="end" @endif>{{ __('stove.thickens', ['percent' => $percent]) }}</text>
</svg>
