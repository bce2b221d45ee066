@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    @foreach ([[60, '#f1e4c3'], [260, '#dcbc83']] as [$x, $shade])<ellipse cx="{{ $x }}" cy="60" rx="42" ry="30" fill="{{ $shade }}"
        class="s-ink" stroke-width="3"/>@endforeach
    <path d="M38 92v14M60 94v18M82 92v12" class="s-copper" stroke-width="3"/><path d="M236 62H284" class="s-ink" stroke-width="3"/>
    <text x="60" y="24" font-size="15" text-anchor="middle">too thin</text><text x="260" y="24" font-size="15"
        text-anchor="middle">coats</text>
    <path d="M116 62H190" class="s-ink" stroke-width="2.5"/><path d="M188 54l14 8 -14 8Z" class="f-ink"/><text x="156" y="50"
        font-size="17" class="b" text-anchor="middle">+ 12 g</text><text x="156" y="86" font-size="14" class="t-soft"
        text-anchor="middle">half first</text>
</svg>
