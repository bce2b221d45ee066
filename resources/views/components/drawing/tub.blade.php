@props(['drawing', 'colour', 'ink', 'depth'])
@php use Lento\Drawing\{Svg, TubDrawing}; $n = Svg::number(...); @endphp
<svg class="tub" viewBox="0 0 {{ TubDrawing::WIDTH }} {{ TubDrawing::HEIGHT }}" aria-hidden="true">
    <path d="{{ $drawing->sauce() }}" fill="{{ $colour }}"/>
    <path d="{{ $drawing->walls() }}" class="s-ink" fill="none" stroke-width="4" stroke-linejoin="round" stroke-linecap="round"/>
    <text x="{{ TubDrawing::centre() }}" y="{{ $n($drawing->wordsY()) }}" font-size="15" text-anchor="middle"
        class="b {{ $drawing->isInSauce() ? 't-' . $ink : '' }}">{{ $depth }} cm</text>
</svg>
