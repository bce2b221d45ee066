@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    <rect x="12" y="10" width="150" height="110" class="f-sheet s-ink" stroke-width="1.5"/>
    @foreach (['⅔ cup butter', '⅔ cup flour', '5 cups stock', 'salt'] as $i => $line)<text x="24" y="{{ 36 + 24 * $i }}"
        font-size="15">{{ $line }}</text>@endforeach
    <path d="M172 64H204" class="s-ink" stroke-width="2.5"/><path d="M202 56l14 8 -14 8Z" class="f-ink"/>
    <path d="M236 8V122M292 8V122" class="s-ink" stroke-width="3"/><path d="M236 26H292" class="s-ink" stroke-width="9"/><path
        d="M236 50H292" class="s-ink" stroke-width="6"/><path d="M236 74H292" class="s-copper" stroke-width="7"/><path d="M236 96H292"
        class="s-ink" stroke-width="2"/><path d="M236 114H292" class="s-ink" stroke-width="1"/>
</svg>
