@props(['picture', 'says'])
@php
    use Lento\Drawing\{Ink, ScoreDrawing, ScoreLabel, Svg};
    $drawing = $picture->drawing;
    $n = Svg::number(...);
@endphp
<svg class="score" viewBox="0 0 {{ $n($drawing->width) }} {{ $n($drawing->height) }}" width="{{ $n($drawing->width) }}" role="img"
    data-minute="{{ $n($drawing->perMinute()) }}" aria-labelledby="score-says">
    <title id="score-says">{{ $says }}</title>
    <defs>
        <pattern id="score-hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <path d="M0 0V8" class="hatch"/></pattern>
        <marker id="score-tip" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="7" markerHeight="7" orient="auto">
            <path d="M0 0L8 4L0 8Z"/></marker>
    </defs>
    @if ($drawing->span->now !== null)<rect class="wash" x="{{ $n(ScoreDrawing::LEFT) }}" y="26"
        width="{{ $n($drawing->x($drawing->span->now) - ScoreDrawing::LEFT) }}" height="{{ $n($drawing->bottom - 26) }}"/>@endif
    @foreach ($drawing->ticks() as $tick)
        <path class="tick" d="M{{ $n($tick['x']) }} 26V{{ $n($drawing->bottom) }}"/>
        @if ($drawing->hasRoomForHour($tick['x']))<text class="hour" x="{{ $n($tick['x']) }}" y="18"
            text-anchor="middle">{{ $picture->clock($tick['minute']) }}</text>@endif
    @endforeach
    @foreach ($drawing->clashes() as $clash)
        <rect class="clash" x="{{ $n($clash['x']) }}" y="26" width="{{ $n($clash['width']) }}" height="{{ $n($drawing->height - 26) }}"/>
    @endforeach
    @foreach ($drawing->span->servings as $at)
        <path class="double-bar" d="M{{ $n($drawing->x($at)) }} 26V{{ $n($drawing->bottom) }}"/>
        <path class="double-bar thick" d="M{{ $n($drawing->x($at) + 6) }} 26V{{ $n($drawing->bottom) }}"/>
    @endforeach
    @foreach ($drawing->blocks as $block)
        <g class="staff">
            <text class="name" x="4" y="{{ $n($block->lines[1] - 1) }}">{{ $block->staff->name }}</text>
            <text class="note" x="4" y="{{ $n($block->lines[1] + 15) }}">{{ $block->staff->note }}</text>
            @foreach ($block->lines as $i => $y)
                <path class="line" d="M{{ $n(ScoreDrawing::LEFT) }} {{ $n($y) }}H{{ $n($drawing->width - 4) }}"/>
                <text class="pitch" x="{{ $n(ScoreDrawing::LEFT - 8) }}" y="{{ $n($y + 4) }}"
                    text-anchor="end">{{ $block->staff->lines[$i] }}</text>
            @endforeach
            @foreach ($block->bars as $bar)
                <rect class="held{{ $bar['kept'] ? ' kept' : '' }}" x="{{ $n($bar['x']) }}" y="{{ $n($bar['y'] - 4.5) }}"
                    width="{{ $n($bar['width']) }}" height="9" fill="{{ $bar['colour'] }}"/>
            @endforeach
            @foreach ($block->small->ties as $tie)<path class="tie" d="{{ $tie }}"/>@endforeach
            @foreach ($block->beams as $beam)
                <path class="stem" d="{{ $beam['stems'] }}"/>
                <polygon class="beam{{ $beam['open'] ? ' open' : '' }}" points="{{ $beam['points'] }}"/>
                @if ($beam['initial'] !== '')<text class="initial{{ $beam['open'] ? ' open' : '' }}" x="{{ $n($beam['x']) }}"
                    y="{{ $n($beam['y'] + 3.6) }}" text-anchor="middle">{{ $beam['initial'] }}</text>@endif
            @endforeach
            @foreach ($block->small->heads as $head)<ellipse class="head" cx="{{ $n($head['x']) }}" cy="{{ $n($head['y']) }}" rx="5"
                ry="4"/>@endforeach
            @foreach ($block->small->visits as $visit)<path class="stem" d="{{ $visit['stem'] }}"/><ellipse class="head"
                cx="{{ $n($visit['x']) }}" cy="{{ $n($visit['y']) }}" rx="3.6" ry="2.8"/>@endforeach
            @foreach ($block->small->fermatas as $at)<path class="fermata"
                d="M{{ $n($at['x'] - 9) }} {{ $n($at['y'] + 4) }}a9 9 0 0 1 18 0"/>
                <circle class="dot" cx="{{ $n($at['x']) }}" cy="{{ $n($at['y'] + 2) }}" r="1.8"/>@endforeach
            @foreach ($block->labels as $label)
                @if ($label->kind === ScoreLabel::TITLE)
                    <circle class="letter" cx="{{ $n($label->x + 9) }}" cy="{{ $n($label->y - 5) }}" r="8.5" fill="{{ $label->colour }}"/>
                    <text class="initial on {{ Ink::on($label->colour)->value }}" x="{{ $n($label->x + 9) }}" y="{{ $n($label->y - 1) }}"
                        text-anchor="middle">{{ $label->letter }}</text>
                    <text class="title" x="{{ $n($label->x + 22) }}" y="{{ $n($label->y) }}">{{ $label->text }}</text>
                @else
                    <text class="{{ $label->kind }}" x="{{ $n($label->x) }}" y="{{ $n($label->y) }}">{{ $label->text }}</text>
                @endif
            @endforeach
        </g>
    @endforeach
    @foreach ($drawing->moves as $move)<path class="move" d="{{ $move }}" marker-end="url(#score-tip)"/>@endforeach
    @foreach ($drawing->hands as $hands)
        <g class="hands">
            <text class="name" x="4" y="{{ $n($hands->y + 5) }}">{{ $hands->name }}</text>
            <path class="line" d="M{{ $n(ScoreDrawing::LEFT) }} {{ $n($hands->y) }}H{{ $n($drawing->width - 4) }}"/>
            @foreach ($hands->blocks as $block)<rect class="busy{{ $block['hands'] ? '' : ' watch' }}" x="{{ $n($block['x']) }}"
                y="{{ $n($hands->y - ($block['hands'] ? 7 : 3)) }}" width="{{ $n($block['width']) }}"
                height="{{ $block['hands'] ? 14 : 6 }}"/>@endforeach
            @foreach ($hands->looks as $x)<path class="stem" d="M{{ $n($x) }} {{ $n($hands->y - 7) }}v14"/>@endforeach
        </g>
    @endforeach
    @foreach ($drawing->hits() as $hit)
        @if ($grip = $picture->grip($hit['id']))<rect class="hit" data-note="{{ $hit['id'] }}" data-grip-note="{{ json_encode($grip) }}"
            x="{{ $n($hit['x']) }}" y="{{ $n($hit['y']) }}" width="{{ $n($hit['width']) }}" height="{{ $n($hit['height']) }}"/>@endif
    @endforeach
    <g class="drag" hidden><rect class="drag-room" y="26" height="{{ $n($drawing->bottom - 26) }}"/><path class="drag-line"
        d="M0 26V{{ $n($drawing->bottom) }}"/><text class="drag-at" y="40"></text></g>
    @foreach ($drawing->clashes() as $clash)
        <text class="clash-name" x="{{ $n($clash['x']) }}" y="{{ $n($drawing->bottom + 8) }}">{{ $clash['who'] }}</text>
    @endforeach
    @if ($drawing->span->now !== null)
        <path class="now" d="M{{ $n($drawing->x($drawing->span->now)) }} 24V{{ $n($drawing->height) }}"/>
        <g class="now-flag"><rect x="{{ $n($drawing->x($drawing->span->now) - 44) }}" y="2" width="88" height="22"/>
            <text x="{{ $n($drawing->x($drawing->span->now)) }}" y="18" text-anchor="middle">{{ __('score.now',
                ['at' => $picture->clock($drawing->span->now)]) }}</text></g>
    @endif
</svg>
