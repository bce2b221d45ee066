@props(['sheet', 'colour', 'id', 'drag' => null, 'now' => null])
@php
    use Lento\Drawing\{Ink, PotDrawing, Svg};
    $pan = $sheet->question->pan;
    $full = Lento\Compose\Warnings::FULL;
    // On the stove the upper level is what stands in the pot now; once that has sunk below the notch, the notch stands above it.
    $upper = $now ?? $sheet->start->volume();
    $below = $upper->cubicMetres < $sheet->end->volume()->cubicMetres;
    $d = PotDrawing::of($pan->diameter->inCentimetres(), $pan->height->inCentimetres(), max($upper->inLitres(), $sheet->end->volume()->inLitres()), min($upper->inLitres(), $sheet->end->volume()->inLitres()), $full);
    $notch = $below ? $d->startLevel : $d->endLevel;
    $n = Svg::number(...);
    $ink = Ink::on($colour)->value;
    $start = App\Format\Litres::of($upper)->text();
    $startMm = round($pan->depth($upper)->inMillimetres());
    $fill = round(100 * $pan->fill($upper));
    $end = App\Format\Litres::of($sheet->end->volume())->text();
    $says = __($now === null ? 'compose.pot_says' : 'compose.pot_now_says', ['diameter' => round($pan->diameter->inCentimetres(), 1), 'height' => round($pan->height->inCentimetres(), 1), 'start' => $start, 'start_mm' => $startMm, 'fill' => $fill, 'end' => $end, 'end_mm' => round($sheet->endDepth()->inMillimetres())]);
    $labelX = PotDrawing::labelX();
@endphp
<svg class="pot" viewBox="0 0 {{ PotDrawing::WIDTH }} {{ PotDrawing::HEIGHT }}" role="{{ $drag ? 'group' : 'img' }}" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ $says }}</title>
    <defs>
        <clipPath id="{{ $id }}-in"><path d="{{ $d->inside() }}"/></clipPath>
        <pattern id="{{ $id }}-dots" width="6" height="6" patternUnits="userSpaceOnUse"><circle cx="1.5" cy="1.5" r="1" class="f-ink" opacity=".5"/><circle cx="4.5" cy="4.5" r="1" class="f-ink" opacity=".5"/></pattern>
    </defs>
    <path d="{{ $d->ears() }}" class="f-ink"/>
    <g clip-path="url(#{{ $id }}-in)">
        <rect x="{{ $n($d->left) }}" y="{{ $n($d->endLevel) }}" width="{{ $n($d->right - $d->left) }}" height="{{ $n($d->floor - $d->endLevel) }}" fill="{{ $colour }}"/>
        <rect x="{{ $n($d->left) }}" y="{{ $n($d->startLevel) }}" width="{{ $n($d->right - $d->left) }}" height="{{ $n($d->endLevel - $d->startLevel) }}" fill="{{ $colour }}" opacity=".55"/>
        <rect x="{{ $n($d->left) }}" y="{{ $n($d->startLevel) }}" width="{{ $n($d->right - $d->left) }}" height="{{ $n($d->endLevel - $d->startLevel) }}" fill="url(#{{ $id }}-dots)"/>
    </g>
    <path d="{{ Svg::path('M%s %sH%s', $d->left, $d->startLevel, $d->right) }}" class="s-ink" stroke-width="1.5"/>
    <path d="{{ Svg::path('M%s %sH%s', $d->left, $d->endLevel, $d->right) }}" class="s-ink" stroke-width="2.5"/>
    @if ($drag)
        <rect data-track x="{{ $n($d->left) }}" y="{{ $n($d->top) }}" width="{{ $n($d->right - $d->left) }}" height="{{ $n($d->floor - $d->top) }}" fill="transparent"/>
        {{-- A hand's width on the level: drag it, or move it by the arrow keys. --}}
        <g class="handle" role="slider" tabindex="0" data-slide data-for="{{ $drag }}" data-axis="y" data-stops="0:{{ Svg::number($pan->brim()->inLitres() * $sheet->question->yield->inLitres() / $sheet->end->volume()->inLitres()) }} 1:0" data-step="{{ $sheet->question->yield->inLitres() < 2 ? '0.05' : '0.1' }}" data-least="0.1" data-most="200" aria-label="{{ __('compose.drag_level') }}" aria-orientation="vertical" aria-valuemin="0.1" aria-valuemax="200" aria-valuenow="{{ App\Format\Litres::short($sheet->question->yield) }}"><rect x="{{ $n($d->right - 46) }}" y="{{ $n($d->endLevel - 24) }}" width="48" height="48" fill="transparent"/><path d="{{ Svg::path('M%s %sh26m-13 -9l-5 6h10zm0 18l-5 -6h10z', $d->right - 36, $d->endLevel) }}" class="f-paper s-ink" stroke-width="2"/></g>
    @endif
    <path d="{{ $d->walls() }}" class="s-ink" fill="none" stroke-width="5" stroke-linejoin="round" stroke-linecap="round"/>
    <rect x="{{ $n($d->left + 6) }}" y="{{ $n($d->floor + 5) }}" width="{{ $n(max(4, $d->right - $d->left - 12)) }}" height="6" class="f-copper"/>
    <rect x="{{ $n($d->left + 6) }}" y="{{ $n($d->floor + 11) }}" width="{{ $n(max(4, $d->right - $d->left - 12)) }}" height="3" class="f-ink"/>
    @foreach ($d->ticks as $i => $tick)
        @php($inSauce = $tick['y'] > $d->endLevel)
        <path d="{{ Svg::path('M%s %sh%s', $d->left, $tick['y'], $d->figures ? 12 : 6) }}" class="{{ $inSauce ? 's-' . $ink : 's-ink' }}" stroke-width="1.2"/>
        @if ($d->figures && abs($tick['y'] - $d->limitLevel) > 9 && ($tick['y'] > $d->endLevel + 7 || $tick['y'] < $d->startLevel - 5))
            <text x="{{ $n($d->left + 16) }}" y="{{ $n($tick['y'] + 5) }}" font-size="14" class="{{ $inSauce ? 't-' . $ink : '' }}">{{ $tick['litres'] }}</text>
        @endif
    @endforeach
    <path d="{{ Svg::path('M%s %sH%s', $d->left - 4, $d->limitLevel, $d->right + 4) }}" class="s-madder" stroke-width="2" stroke-dasharray="8 5"/>
    <path d="{{ Svg::path('M%s %sh6V%sl-3 8l-3 -8Z', $d->skewer - 3, $d->top - 34, $d->floor - 9) }}" class="f-wood s-ink" stroke-width="1.2"/>
    <path d="{{ Svg::path('M%s %sl7 4l-7 4Z M%s %sl-7 4l7 4Z', $d->skewer - 8, $notch - 4, $d->skewer + 8, $notch - 4) }}" class="f-ink"/>
    @foreach ([0, 14, 28] as $dx)
        <path d="{{ Svg::path('M%s %sc-7 -8 7 -12 0 -20s5 -9 1 -14', $d->skewer + 26 + $dx, $d->top - 6) }}" class="s-cold" fill="none" stroke-width="2.2" stroke-linecap="round"/>
    @endforeach
    @if ($now === null)
    <text x="{{ $n($d->skewer + 68) }}" y="14" font-size="15">{{ __('compose.steams_off', ['litres' => App\Format\Litres::of($sheet->evaporated)->text()]) }} <tspan class="wide-only">{{ App\Format\Bands::millilitres($sheet->outlook->evaporated) }}</tspan></text>
    <text x="{{ $n($d->skewer + 68) }}" y="31" font-size="14" class="t-soft">{{ __('compose.in_minutes', ['minutes' => App\Format\Minutes::text($sheet->question->simmerTime), 'level' => __('compose.level.' . $sheet->question->simmerLevel->value)]) }}</text>
    @endif
    <path d="{{ $d->leader($below ? $d->endLevel : $d->startLevel, 74) }}" class="s-ink" fill="none" stroke-width="1"/>
    <text x="{{ $n($labelX) }}" y="77" font-size="19" class="b">{{ $start }}</text>
    <text x="{{ $n($labelX) }}" y="94" font-size="14" class="t-soft">{{ __($now === null ? 'compose.at_start' : 'compose.at_now', ['mm' => $startMm]) }}</text>
    <path d="{{ $d->leader($notch, 134) }}" class="s-ink" fill="none" stroke-width="1.5"/>
    <text x="{{ $n($labelX) }}" y="145" font-size="32" class="b">{{ round($sheet->endDepth()->inMillimetres()) }} mm</text>
    <text x="{{ $n($labelX) }}" y="164" font-size="14" class="t-soft">{{ __('compose.deep') }}</text>
    <text x="{{ $n($labelX) }}" y="181" font-size="14" class="t-soft">{{ $end }}</text>
    <text x="{{ $n($d->left - 21) }}" y="{{ $n(max(36, $d->limitLevel - 8)) }}" font-size="14" class="t-madder" text-anchor="end">{{ __('compose.boil_over') }}</text>
    <text x="{{ $n($d->left - 21) }}" y="{{ $n(max(36, $d->limitLevel - 8) + 30) }}" font-size="28" class="b" text-anchor="end">{{ $fill }} %</text>
    <text x="{{ $n($d->left - 21) }}" y="{{ $n(max(36, $d->limitLevel - 8) + 47) }}" font-size="14" class="t-soft" text-anchor="end">{{ __($now === null ? 'compose.full_at_start' : 'compose.full_now') }}</text>
</svg>
