@props(['sheet', 'colour', 'id', 'drag' => null])
@php
    use App\Pages\Pictures\BalancePicture;
    use Lento\Drawing\{BalanceDrawing, Svg};
    $n = Svg::number(...);
    $picture = BalancePicture::of($sheet);
    $d = $picture->drawing;
@endphp
<svg class="balance" viewBox="0 0 {{ BalanceDrawing::WIDTH }} {{ BalanceDrawing::HEIGHT }}" role="{{ $drag ? 'group' : 'img' }}"
    aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ __('compose.balance_says', ['fat' => ucfirst($picture->fat), 'fat_amount' => $picture->fatAmount,
        'flour_amount' => $picture->flourAmount, 'liquid' => $picture->liquid, 'liquid_amount' => $picture->liquidAmount]) }}</title>
    <defs>
        <pattern id="{{ $id }}-fat" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="7" height="7" fill="#F2D36B"/><rect width="2" height="7" fill="#2B211A" opacity=".4"/></pattern>
        <pattern id="{{ $id }}-flour" width="6" height="6" patternUnits="userSpaceOnUse"><rect width="6" height="6" fill="#FFFDF8"/>
            <circle cx="1.5" cy="1.5" r=".9" fill="#2B211A"/><circle cx="4.5" cy="4.5" r=".9" fill="#2B211A"/></pattern>
        <pattern id="{{ $id }}-liquid" width="22" height="10" patternUnits="userSpaceOnUse">
            <rect width="22" height="10" fill="{{ $colour }}"/>
            <path d="M0 6q5.5 -4 11 0t11 0" stroke="#2B211A" fill="none" stroke-width=".8" opacity=".4"/></pattern>
    </defs>
    <text x="{{ $n($d->wordsX()) }}" y="13" font-size="14"
        class="t-soft">{{ __('compose.roux_to_liquid', ['parts' => $picture->parts, 'liquid' => $picture->liquid]) }}</text>
    <rect x=".75" y="19" width="{{ $n($d->bars()[0]) }}" height="22" fill="url(#{{ $id }}-fat)" class="s-ink" stroke-width="1.5"/>
    <rect x="{{ $n($d->fat) }}" y="19" width="{{ $n($d->bars()[1]) }}" height="22" fill="url(#{{ $id }}-flour)" class="s-ink"
        stroke-width="1.5"/>
    <rect x="{{ $n($d->roux()) }}" y="19" width="{{ $n(BalanceDrawing::WIDTH - $d->roux() - 0.75) }}" height="22"
        fill="url(#{{ $id }}-liquid)" class="s-ink" stroke-width="1.5"/>
    <path d="{{ Svg::path('M0.75 41V58M%s 41L%s 58', $d->roux(), $d->opened) }}" class="s-ink" fill="none" stroke-width="1"/>
    <rect x=".75" y="58" width="{{ $n($d->fatOpened - 0.75) }}" height="24" fill="url(#{{ $id }}-fat)" class="s-ink" stroke-width="1.5"/>
    <rect x="{{ $n($d->fatOpened) }}" y="58" width="{{ $n($d->opened - $d->fatOpened) }}" height="24" fill="url(#{{ $id }}-flour)"
        class="s-ink" stroke-width="1.5"/>
    @if ($drag)
        <rect data-track x="0" y="58" width="{{ $n($d->opened) }}" height="24" fill="transparent"/>
        <g class="handle" role="slider" tabindex="0" data-slide data-for="{{ $drag }}" data-axis="x"
            data-stops="{{ BalanceDrawing::stops() }}" data-step="0.05" data-least="0.5" data-most="3"
            aria-label="{{ __('compose.drag_ratio') }}" aria-valuemin="0.5" aria-valuemax="3"
            aria-valuenow="{{ round($sheet->question->fatToFlour, 2) }}"
            aria-valuetext="{{ __('compose.ratio_says', ['ratio' => round($sheet->question->fatToFlour, 2)]) }}">
            <rect x="{{ $n($d->fatOpened - 24) }}" y="46" width="48" height="48" fill="transparent"/>
            <path d="{{ Svg::path('M%s 52v36m-9 -18l6 -5v10zm18 0l-6 -5v10z', $d->fatOpened) }}" class="f-paper s-ink"
            stroke-width="2.5"/></g>
    @endif
    <text x="1" y="99" font-size="15">{{ $picture->fat }} <tspan class="b">{{ $picture->fatAmount }}</tspan></text>
    <text x="{{ $n($d->opened) }}" y="99" font-size="15" text-anchor="end">{{ __('ingredients.plain-flour') }} <tspan
        class="b">{{ $picture->flourAmount }}</tspan></text>
    <text x="{{ BalanceDrawing::WIDTH }}" y="65" font-size="14" text-anchor="end">{{ $picture->liquid }}</text>
    <text x="{{ BalanceDrawing::WIDTH }}" y="87" font-size="21" class="b" text-anchor="end">{{ $picture->liquidAmount }}</text>
</svg>
