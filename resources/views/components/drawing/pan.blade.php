@props(['pan'])
{{-- In cross-section; all pans of the kitchen to one scale, 1 mm of pan to 0.16. --}}
@php
    use Lento\Drawing\Svg;
    [$w, $h] = [0.16 * $pan->millimetresWide, 0.16 * $pan->millimetresHigh];
    $base = ['thin' => 2, 'medium' => 3.5, 'thick' => 5.5][$pan->base->value];
@endphp
<svg class="pan" viewBox="0 0 72 46" width="72" height="46" aria-hidden="true">
    <path d="{{ Svg::path('M%s %sv%sh%sv-%s', 36 - $w / 2, 42 - $h, $h, $w, $h) }}" class="s-ink" fill="none" stroke-width="2.5"
    stroke-linejoin="round"/><rect x="{{ Svg::number(37 - $w / 2) }}" y="42" width="{{ Svg::number($w - 2) }}" height="{{ $base }}"
    class="f-copper"/></svg>
