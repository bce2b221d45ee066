@props(['page'])
@php
    use Lento\Drawing\{LadderDrawing, Svg};
    $n = Svg::number(...);
    $grams = (float) $page->thicknessGrams();
    $at = LadderDrawing::y($grams);
@endphp
<div class="ladder" data-track>
    @foreach ($page->rungs() as $rung)
        <input type="radio" class="btn-check" name="rung" id="thick-{{ $rung['value'] }}" value="{{ $rung['value'] }}"
            @checked($page->rung() === $rung['value'])>
        <label for="thick-{{ $rung['value'] }}">
            <svg class="rung" viewBox="0 0 64 48" preserveAspectRatio="none" aria-hidden="true">
                <path d="M6 0V48M58 0V48" class="rail-post"/>
                <path d="M7 24H57" class="step-bar" stroke-width="{{ $n(LadderDrawing::rung($rung['film'])) }}"/></svg>
            <b>{{ $rung['name'] }}</b> <span>{{ $rung['use'] }}</span> <span>{{ $rung['grams'] }}</span>
        </label>
    @endforeach
    {{-- Between the rungs as well: drag it, or move it by the arrow keys. A formula that is held moves it by itself. --}}
    <svg class="marker" viewBox="0 0 {{ LadderDrawing::WIDTH }} {{ LadderDrawing::HEIGHT }}" preserveAspectRatio="none">
        <g @if ($page->isHeld()) aria-hidden="true" @else class="handle" role="slider" tabindex="0" data-slide data-for="thickness"
        data-axis="y" data-stops="{{ LadderDrawing::stops() }}" data-step="1" aria-orientation="vertical"
        aria-label="{{ __('compose.drag_thickness') }}" aria-valuemin="15" aria-valuemax="160" aria-valuenow="{{ round($grams) }}"
        aria-valuetext="{{ __('compose.thickness_says', ['grams' => round($grams)]) }}" @endif>
        <rect x="8" y="{{ $n($at - 24) }}" width="48" height="48" fill="transparent"/>
        <rect x="11" y="{{ $n($at - 7) }}" width="42" height="14" rx="7" class="f-paper s-copper"
        stroke-width="3"/><path d="{{ Svg::path('M24 %sh16M24 %sh16', $at - 2, $at + 2) }}" class="s-copper"
        stroke-width="1.5"/></g></svg>
</div>
