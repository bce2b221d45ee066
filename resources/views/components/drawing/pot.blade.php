@props(['picture', 'id', 'drag' => null])
@php
    use Lento\Drawing\{PotDrawing, Svg};
    $d = $picture->drawing;
    $n = Svg::number(...);
    $labelX = PotDrawing::labelX();
@endphp
<svg class="pot" viewBox="0 0 {{ PotDrawing::WIDTH }} {{ PotDrawing::HEIGHT }}" role="{{ $drag ? 'group' : 'img' }}"
    aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ $picture->says }}</title>
    <defs>
        <clipPath id="{{ $id }}-in"><path d="{{ $d->inside() }}"/></clipPath>
        <pattern id="{{ $id }}-dots" width="6" height="6" patternUnits="userSpaceOnUse">
            <circle cx="1.5" cy="1.5" r="1" class="f-ink" opacity=".5"/><circle cx="4.5" cy="4.5" r="1" class="f-ink" opacity=".5"/>
        </pattern>
    </defs>
    <path d="{{ $d->ears() }}" class="f-ink"/>
    <g clip-path="url(#{{ $id }}-in)">
        <rect x="{{ $n($d->left) }}" y="{{ $n($d->endLevel) }}" width="{{ $n($d->width()) }}" height="{{ $n($d->floor - $d->endLevel) }}"
            fill="{{ $picture->colour }}"/>
        @foreach ([[$picture->colour, '.55'], ['url(#' . $id . '-dots)', '1']] as [$fill, $opacity])
            <rect x="{{ $n($d->left) }}" y="{{ $n($d->startLevel) }}" width="{{ $n($d->width()) }}"
                height="{{ $n($picture->levelHeight()) }}"
                fill="{{ $fill }}" opacity="{{ $opacity }}"/>
        @endforeach
    </g>
    <path d="{{ Svg::path('M%s %sH%s', $d->left, $d->startLevel, $d->right) }}" class="s-ink" stroke-width="1.5"/>
    <path d="{{ Svg::path('M%s %sH%s', $d->left, $d->endLevel, $d->right) }}" class="s-ink" stroke-width="2.5"/>
    @if ($drag)
        <rect data-track x="{{ $n($d->left) }}" y="{{ $n($d->top) }}" width="{{ $n($d->width()) }}" height="{{ $n($d->floor - $d->top) }}"
            fill="transparent"/>
        {{-- A hand's width on the level: drag it, or move it by the arrow keys. --}}
        <g class="handle" role="slider" tabindex="0" data-slide data-for="{{ $drag['for'] }}" data-axis="y"
            data-stops="{{ $picture->handle }}"
            data-step="{{ $drag['step'] }}" data-least="0.1" data-most="200" aria-label="{{ __('compose.drag_level') }}"
                aria-orientation="vertical"
            aria-valuemin="0.1" aria-valuemax="200" aria-valuenow="{{ $drag['now'] }}"
            aria-valuetext="{{ __('compose.level_says', ['litres' => $drag['now']]) }}">
            <rect x="{{ $n($d->right - 46) }}" y="{{ $n($d->endLevel - 24) }}" width="48" height="48" fill="transparent"/>
            <path d="{{ Svg::path('M%s %sh26m-13 -9l-5 6h10zm0 18l-5 -6h10z', $d->right - 36, $d->endLevel) }}" class="f-paper s-ink"
                stroke-width="2"/>
        </g>
    @endif
    <path d="{{ $d->walls() }}" class="s-ink" fill="none" stroke-width="5" stroke-linejoin="round" stroke-linecap="round"/>
    <rect x="{{ $n($d->left + 6) }}" y="{{ $n($d->floor + 5) }}" width="{{ $n($d->baseWidth()) }}" height="6" class="f-copper"/>
    <rect x="{{ $n($d->left + 6) }}" y="{{ $n($d->floor + 11) }}" width="{{ $n($d->baseWidth()) }}" height="3" class="f-ink"/>
    @foreach ($d->marks() as $mark)
        <path d="{{ Svg::path('M%s %sh%s', $d->left, $mark['y'], $d->figures ? 12 : 6) }}"
            class="{{ $mark['inSauce'] ? 's-' . $picture->ink : 's-ink' }}" stroke-width="1.2"/>
        @if ($mark['figure'])
            <text x="{{ $n($d->left + 16) }}" y="{{ $n($mark['y'] + 5) }}" font-size="14"
                class="{{ $mark['inSauce'] ? 't-' . $picture->ink : '' }}">{{ $mark['litres'] }}</text>
        @endif
    @endforeach
    <path d="{{ Svg::path('M%s %sH%s', $d->left - 4, $d->limitLevel, $d->right + 4) }}" class="s-madder" stroke-width="2"
        stroke-dasharray="8 5"/>
    <path d="{{ Svg::path('M%s %sh6V%sl-3 8l-3 -8Z', $d->skewer - 3, $d->top - 34, $d->floor - 9) }}" class="f-wood s-ink"
        stroke-width="1.2"/>
    <path d="{{ $d->arrows($picture->notchLevel) }}" class="f-ink"/>
    @foreach ([0, 14, 28] as $dx)
        <path d="{{ Svg::path('M%s %sc-7 -8 7 -12 0 -20s5 -9 1 -14', $d->skewer + 26 + $dx, $d->top - 6) }}" class="s-cold" fill="none"
            stroke-width="2.2" stroke-linecap="round"/>
    @endforeach
    @unless ($picture->now)
        <text x="{{ $n($d->skewer + 68) }}" y="14" font-size="15">{{ $picture->steam }} <tspan
            class="wide-only">{{ $picture->steamBand }}</tspan></text>
        <text x="{{ $n($d->skewer + 68) }}" y="31" font-size="14" class="t-soft">{{ $picture->minutes }}</text>
    @endunless
    <path d="{{ $d->leader($picture->upperLevel, 74) }}" class="s-ink" fill="none" stroke-width="1"/>
    <text x="{{ $n($labelX) }}" y="77" font-size="19" class="b">{{ $picture->start }}</text>
    <text x="{{ $n($labelX) }}" y="94" font-size="14" class="t-soft">{{ __($picture->now ? 'compose.at_now' : 'compose.at_start',
        ['mm' => $picture->startMm]) }}</text>
    <path d="{{ $d->leader($picture->notchLevel, 134) }}" class="s-ink" fill="none" stroke-width="1.5"/>
    <text x="{{ $n($labelX) }}" y="145" font-size="32" class="b">{{ $picture->endMm }} mm</text>
    <text x="{{ $n($labelX) }}" y="164" font-size="14" class="t-soft">{{ __('compose.deep') }}</text>
    <text x="{{ $n($labelX) }}" y="181" font-size="14" class="t-soft">{{ $picture->end }}</text>
    <text x="{{ $n($d->left - 21) }}" y="{{ $n($d->limitLabel()) }}" font-size="14" class="t-madder"
        text-anchor="end">{{ __('compose.boil_over') }}</text>
    <text x="{{ $n($d->left - 21) }}" y="{{ $n($d->limitLabel() + 30) }}" font-size="28" class="b"
        text-anchor="end">{{ $picture->fill }} %</text>
    <text x="{{ $n($d->left - 21) }}" y="{{ $n($d->limitLabel() + 47) }}" font-size="14" class="t-soft"
        text-anchor="end">{{ __($picture->now ? 'compose.full_now' : 'compose.full_at_start') }}</text>
</svg>
