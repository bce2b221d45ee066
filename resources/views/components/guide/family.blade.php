@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    <path d="M14 38V86Q14 92 20 92H78Q84 92 84 86V38" fill="none" class="s-ink" stroke-width="4"/><rect x="16" y="52" width="66"
        height="38" class="f-wood"/><path d="M16 52H82" class="s-ink" stroke-width="2"/>
    <path d="M86 60C150 60 150 22 214 22M86 70H214M86 80C150 80 150 114 214 114" fill="none" class="s-copper"/>
    @foreach ([[22, '2.1 l'], [70, '1.4 l'], [114, '0.6 l']] as [$y, $litres])
        <path d="M220 {{ $y - 12 }}v20q0 4 4 4h28q4 0 4 -4v-20" fill="none" class="s-ink" stroke-width="3"/><rect x="222"
            y="{{ $y - 2 }}" width="32" height="12" class="f-copper"/><text x="264" y="{{ $y + 6 }}" font-size="15"
            class="b">{{ $litres }}</text>
    @endforeach
</svg>
