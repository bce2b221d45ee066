@props(['pan'])
@php
    use Lento\Drawing\{PanDrawing, Svg};
    $n = Svg::number(...);
    $d = PanDrawing::of($pan->millimetresWide, $pan->millimetresHigh);
@endphp
<svg class="pan" viewBox="0 0 {{ PanDrawing::WIDTH }} {{ PanDrawing::HEIGHT }}" width="{{ PanDrawing::WIDTH }}"
    height="{{ PanDrawing::HEIGHT }}" aria-hidden="true">
    <path d="{{ $d->walls() }}" class="s-ink" fill="none" stroke-width="2.5" stroke-linejoin="round"/>
    <rect x="{{ $n($d->left() + 1) }}" y="{{ PanDrawing::floor() }}" width="{{ $n($d->inside()) }}"
        height="{{ ['thin' => 2, 'medium' => 3.5, 'thick' => 5.5][$pan->base->value] }}" class="f-copper"/></svg>
