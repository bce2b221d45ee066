@props(['picture', 'says'])
@php
    use Lento\Drawing\{Ink, ScoreUpright, Svg};
    $drawing = $picture->upright;
    $n = Svg::number(...);
@endphp
<svg class="score upright" viewBox="0 0 {{ $n(ScoreUpright::WIDTH) }} {{ $n($drawing->height) }}" role="img" aria-labelledby="upright-says">
    <title id="upright-says">{{ $says }}</title>
    <defs><pattern id="upright-hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <path d="M0 0V8" class="hatch"/></pattern></defs>
    @if ($drawing->span->now !== null)<rect class="wash" x="0" y="{{ $n(ScoreUpright::TOP) }}" width="{{ $n(ScoreUpright::WIDTH) }}"
        height="{{ $n($drawing->y($drawing->span->now) - ScoreUpright::TOP) }}"/>@endif
    @foreach ($drawing->ticks() as $tick)
        <path class="tick" d="M46 {{ $n($tick['y']) }}H{{ $n(ScoreUpright::WIDTH) }}"/>
        @if ($drawing->hasRoomForHour($tick['y']))<text class="hour" x="0"
            y="{{ $n($tick['y'] + 5) }}">{{ $picture->clock($tick['minute']) }}</text>@endif
    @endforeach
    @foreach ($drawing->clashes() as $clash)<rect class="clash upright-clash" x="46" y="{{ $n($clash['y']) }}"
        width="{{ $n(ScoreUpright::WIDTH - 46) }}" height="{{ $n($clash['height']) }}"/>@endforeach
    @foreach ($drawing->span->servings as $at)
        <path class="double-bar" d="M46 {{ $n($drawing->y($at)) }}H{{ $n(ScoreUpright::WIDTH) }}"/>
        <path class="double-bar thick" d="M46 {{ $n($drawing->y($at) + 6) }}H{{ $n(ScoreUpright::WIDTH) }}"/>
    @endforeach
    @foreach ($drawing->rails as $rail)
        <text class="rail-name" x="{{ $n($rail['x']) }}" y="{{ $n(ScoreUpright::TOP - 8) }}"
            text-anchor="middle">{{ mb_substr($rail['name'], 0, 1) }}</text>
        <path class="line" d="M{{ $n($rail['x']) }} {{ $n(ScoreUpright::TOP) }}V{{ $n($drawing->bottom) }}"/>
        @foreach ($rail['blocks'] as $block)<rect class="busy" x="{{ $n($rail['x'] - ($block['hands'] ? 5 : 2)) }}"
            y="{{ $n($block['y']) }}" width="{{ $block['hands'] ? 10 : 4 }}" height="{{ $n($block['height']) }}"/>@endforeach
    @endforeach
    @foreach ($drawing->columns as $column)
        <foreignObject x="{{ $n($column['x']) }}" y="0" width="{{ $n($column['width']) }}" height="{{ $n(ScoreUpright::TOP) }}"><p
            xmlns="http://www.w3.org/1999/xhtml" class="column-name">{{ $column['name'] }}</p></foreignObject>
        @foreach ($column['lines'] as $x)<path class="line"
            d="M{{ $n($x) }} {{ $n(ScoreUpright::TOP) }}V{{ $n($drawing->bottom) }}"/>@endforeach
    @endforeach
    @foreach ($drawing->bars as $bar)<rect class="held" x="{{ $n($bar['x']) }}" y="{{ $n($bar['y']) }}" width="8"
        height="{{ $n($bar['height']) }}" fill="{{ $bar['colour'] }}"/>@endforeach
    @foreach ($drawing->beams as $beam)<rect class="beam{{ $beam['open'] ? ' open' : '' }}"
        x="{{ $n($beam['x'] + ($beam['hands'] ? 0 : 1.5)) }}" y="{{ $n($beam['y']) }}" width="{{ $beam['hands'] ? 5 : 2 }}"
        height="{{ $n($beam['height']) }}"/>@endforeach
    @foreach ($drawing->visits as $visit)<ellipse class="head" cx="{{ $n($visit['x']) }}" cy="{{ $n($visit['y']) }}" rx="4"
        ry="3"/>@endforeach
    @foreach ($drawing->letters as $letter)
        <circle class="letter" cx="{{ $n($letter['x']) }}" cy="{{ $n($letter['y']) }}" r="8.5" fill="{{ $letter['colour'] }}"/>
        <text class="initial on {{ Ink::on($letter['colour'])->value }}" x="{{ $n($letter['x']) }}" y="{{ $n($letter['y'] + 4) }}"
            text-anchor="middle">{{ $letter['letter'] }}</text>
    @endforeach
    @foreach ($drawing->ties as $tie)<text class="tie" x="{{ $n($tie['x']) }}" y="{{ $n($tie['y'] + 4) }}"
        text-anchor="middle">{{ $tie['text'] }}</text>@endforeach
    @if ($drawing->span->now !== null)<path class="now" d="M0 {{ $n($drawing->y($drawing->span->now)) }}H{{ $n(ScoreUpright::WIDTH) }}"/>
        <g class="now-flag"><rect x="0" y="{{ $n($drawing->y($drawing->span->now) - 11) }}" width="44" height="22"/>
            <text x="22" y="{{ $n($drawing->y($drawing->span->now) + 5) }}"
                text-anchor="middle">{{ $picture->clock($drawing->span->now) }}</text></g>@endif
</svg>
<ul class="upright-names" aria-hidden="true">@foreach ($picture->names() as $letter => $name)<li><span
    class="letter">{{ $letter }}</span> {{ $name }}</li>@endforeach</ul>
