@props(['picture'])
@php
    use Lento\Drawing\{ScoreDrawing, Svg};
    $drawing = $picture->drawing;
    $n = Svg::number(...);
@endphp
{{-- The names of the staves, once more: they stay where they are while the hours are pushed along. --}}
<svg class="score names" viewBox="0 0 {{ $n(ScoreDrawing::LEFT) }} {{ $n($drawing->height) }}" width="{{ $n(ScoreDrawing::LEFT) }}"
    height="{{ $n($drawing->height) }}" aria-hidden="true">
    <rect class="ground" x="0" y="26" width="{{ $n(ScoreDrawing::LEFT - 2) }}" height="{{ $n($drawing->height - 26) }}"/>
    @foreach ($drawing->blocks as $block)
        <text class="name" x="4" y="{{ $n($block->lines[1] - 1) }}">{{ $block->staff->name }}</text>
        <text class="note" x="4" y="{{ $n($block->lines[1] + 15) }}">{{ $block->staff->note }}</text>
        @foreach ($block->lines as $i => $y)<text class="pitch" x="{{ $n(ScoreDrawing::LEFT - 8) }}" y="{{ $n($y + 4) }}"
            text-anchor="end">{{ $block->staff->lines[$i] }}</text>@endforeach
    @endforeach
    @foreach ($drawing->hands as $hands)<text class="name" x="4" y="{{ $n($hands->y + 5) }}">{{ $hands->name }}</text>@endforeach
</svg>
