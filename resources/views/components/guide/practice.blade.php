@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    <circle cx="74" cy="65" r="58" class="f-ink"/><circle cx="74" cy="65" r="51" fill="#d8b070"/>
    @foreach ([[50, 40, 6], [92, 34, 4], [106, 70, 7], [66, 96, 5], [40, 74, 4], [84, 62, 3]] as [$x, $y, $r])<circle cx="{{ $x }}"
        cy="{{ $y }}" r="{{ $r }}" fill="#f0dcb0"/>@endforeach
    <path d="M92 82L134 124" class="s-ink" stroke-width="9" stroke-linecap="round"/><ellipse cx="88" cy="78" rx="13" ry="8" fill="#e8d9bd"
        class="s-ink" stroke-width="2"/>
    <path d="M166 112H308M166 112V14" class="s-ink" stroke-width="2" fill="none"/>
    <path d="M166 108L220 84L250 58L296 24" class="s-ink" stroke-width="3.5" fill="none"/>
    <path d="M228 78L262 66L304 60" class="s-ink" stroke-width="2" stroke-dasharray="3 5" fill="none"/>
    <path d="M228 14V112" class="s-copper" stroke-width="2"/><circle cx="228" cy="78" r="6" class="f-sheet s-copper" stroke-width="2.5"/>
</svg>
