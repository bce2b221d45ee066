@props(['entry'])
{{-- planned: the outline, two thirds of the width; what came out: filled --}}
<svg class="volume-bar" viewBox="0 0 150 22" width="150" height="22" aria-hidden="true">
    <rect x="0" y="4" width="{{ Lento\Drawing\Svg::number(100 * $entry->volumeShare()) }}" height="14" class="f-copper"/>
    <rect x="1" y="1" width="99" height="20" fill="none" class="s-ink" stroke-width="2"/></svg>
