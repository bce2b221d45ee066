@props(['picture', 'id'])
@php
    use Lento\Drawing\{SpoonDrawing, Svg};
    $d = $picture->drawing;
@endphp
<svg class="spoon" viewBox="0 0 {{ SpoonDrawing::WIDTH }} {{ SpoonDrawing::HEIGHT }}" role="img" aria-labelledby="{{ $id }}-says">
    <title id="{{ $id }}-says">{{ $picture->says }}</title>
    <x-drawing.spoon-bowl :d="$d" :colour="$picture->colour" :id="$id" />
    <path d="{{ $d->shine() }}" fill="none" stroke="#FFFFFF" stroke-width="3" stroke-linecap="round" opacity=".75"/>
    @foreach ($d->sightLines() as [$from, $to, $y])<path d="{{ Svg::path('M%s %sH%s', $from, $y, $to) }}" class="s-edge"
        stroke-dasharray="1.5 3.5"/>@endforeach
    @foreach ($d->sectionFilms() as $film)<path d="{{ $film }}" fill="{{ $picture->colour }}" class="s-ink" stroke-width="1.4"
        opacity="1"/>@endforeach
    <path d="{{ $d->sectionMetal() }}" class="s-ink" fill="none" stroke-width="4.5" stroke-linecap="round"/>
    <text x="252" y="130" font-size="18" class="b" text-anchor="middle">{{ $picture->film }} mm</text>
</svg>
