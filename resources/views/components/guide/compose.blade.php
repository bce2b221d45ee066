@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    <path d="M20 30V110Q20 118 28 118H92Q100 118 100 110V30" fill="none" class="s-ink" stroke-width="4"/>
    <rect x="22" y="66" width="76" height="50" class="f-wood"/><path d="M22 66H98" class="s-ink" stroke-width="2"/>
    <path d="M58 12V112" class="s-ink" stroke-width="3"/><path d="M50 62l8 4-8 4ZM66 62l-8 4 8 4Z" class="f-ink"/>
    <text x="104" y="70" font-size="14" class="t-soft">notch</text>
    <path d="M150 92L206 84" class="s-ink" stroke-width="3"/><path d="M178 88l-9 24h18Z" class="f-ink"/>
    <rect x="146" y="72" width="20" height="18" class="f-copper"/><rect x="192" y="66" width="18" height="18" class="f-wood s-ink"
        stroke-width="1.5"/>
    <path d="M226 118V104h20V88h22V66h24V34h22" fill="none" class="s-ink" stroke-width="2.5"/><path d="M226 118H316" class="s-ink"
        stroke-width="1"/>
    @foreach ([[236, 100, '1'], [257, 84, '2'], [280, 62, '3'], [303, 30, '4']] as [$x, $y, $n])<text x="{{ $x }}" y="{{ $y }}"
        font-size="14" class="b" text-anchor="middle">{{ $n }}</text>@endforeach
</svg>
