@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    @foreach ([28, 92] as $y)@foreach ([0, 8, 16] as $line)<path d="M10 {{ $y + $line }}H296" class="s-edge" stroke-width="1"/>@endforeach
    @endforeach
    <path d="M30 30H150" class="s-copper" stroke-width="7"/><path d="M170 40H270" class="s-ink" stroke-width="7"/><path d="M70 96H250"
        class="s-copper" stroke-width="7"/>
    <path d="M40 34V64H88V34" fill="none" class="s-ink" stroke-width="2"/><rect x="40" y="58" width="48" height="7" class="f-ink"/><text
        x="64" y="80" font-size="14" class="b" text-anchor="middle">I</text>
    <path d="M286 20V112M293 20V112" class="s-ink" stroke-width="3"/><text x="290" y="128" font-size="14" class="b"
        text-anchor="middle">19:30</text>
    <path d="M128 12V116" class="s-madder" stroke-width="2.5" stroke-dasharray="5 4"/><text x="128" y="128" font-size="14"
        class="t-madder" text-anchor="middle">now</text>
</svg>
