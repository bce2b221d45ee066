@props(['says'])
<svg class="guide-drawing" viewBox="0 0 320 130" role="img" aria-label="{{ $says }}">
    @foreach ([['#f1e4c3', 'white', 'on-light'], ['#dcbc83', 'blond', 'on-light'], ['#a5713f', '', 'ink'], ['#6a3d2a', 'dark', 'on-dark']]
        as $i => [$shade, $name, $on])<rect x="{{ 10 + 75 * $i }}" y="40" width="75" height="40" fill="{{ $shade }}"/><text
        x="{{ 47 + 75 * $i }}" y="65" font-size="15" @class(['b', 't-on-dark' => $on === 'on-dark', 't-on-light' => $on === 'on-light'])
        text-anchor="middle">{{ $name }}</text>@endforeach
    <path d="M138 26l8 12 8 -12Z" class="f-ink"/><rect x="143" y="38" width="6" height="44" fill="none" class="s-ink" stroke-width="2.5"/>
    <text x="10" y="22" font-size="17" class="b">Stir until it is blond</text><text x="310" y="24" font-size="22" class="b"
        text-anchor="end">3:40</text>
    <rect x="10" y="94" width="110" height="30" class="f-copper"/><text x="65" y="114" font-size="16" class="b t-paper"
        text-anchor="middle">Done</text>
</svg>
