@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    <text x="10" y="30" font-size="15">planned</text><rect x="90" y="14" width="200" height="24" fill="none" class="s-ink"
        stroke-width="2"/><text x="282" y="32" font-size="16" class="b" text-anchor="end">2.00 l</text>
    <text x="10" y="72" font-size="15">came out</text><rect x="90" y="56" width="182" height="24" class="f-copper"/><text x="264" y="74"
        font-size="16" class="b t-paper" text-anchor="end">1.82 l</text>
    <path d="M272 38V92" class="s-madder" stroke-width="2" stroke-dasharray="4 3"/><text x="272" y="108" font-size="14"
        class="t-madder" text-anchor="middle">9 % short</text>
</svg>
