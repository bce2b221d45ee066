@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    <defs><pattern id="guide-hatch" width="6" height="6" patternUnits="userSpaceOnUse"><path d="M0 6L6 0" class="s-ink"
        stroke-width="1.2"/></pattern></defs>
    <path d="M24 8V108H312" fill="none" class="s-ink" stroke-width="2"/>
    <rect x="112" y="8" width="8" height="34" fill="url(#guide-hatch)" class="s-ink"/><rect x="262" y="8" width="8" height="74"
        fill="url(#guide-hatch)" class="s-ink"/>
    <path d="M26 14C60 40 90 58 130 70S230 92 304 98" fill="none" class="s-copper" stroke-width="3"/>
    @foreach ([[26, 14], [66, 42], [108, 62]] as [$x, $y])<circle cx="{{ $x }}" cy="{{ $y }}" r="5" class="f-ink"/>@endforeach
    <text x="116" y="124" font-size="14" text-anchor="middle">2 h</text><text x="266" y="124" font-size="14"
        text-anchor="middle">6 h</text><text x="126" y="38" font-size="14" class="b">21°</text><text x="276" y="78" font-size="14"
        class="b">5°</text>
</svg>
