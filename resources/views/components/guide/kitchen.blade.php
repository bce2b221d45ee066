@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    <path d="M60 40V108Q60 118 70 118H230Q240 118 240 108V40" fill="none" class="s-ink" stroke-width="5"/>
    <rect x="62" y="20" width="176" height="16" class="f-wood s-ink" stroke-width="1.2"/>
    @for ($x = 78; $x < 238; $x += 16)<path d="M{{ $x }} 20v7" class="s-ink" stroke-width="1.2"/>@endfor
    <text x="150" y="15" font-size="15" class="b" text-anchor="middle">280 mm</text>
    <rect x="200" y="44" width="16" height="72" class="f-wood s-ink" stroke-width="1.2"/><text x="250" y="86" font-size="15"
        class="b">160 mm</text>
</svg>
