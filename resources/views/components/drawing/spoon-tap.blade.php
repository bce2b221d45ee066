@props(['spoon', 'colour', 'id'])
@php
    use Lento\Drawing\SpoonDrawing;
    $d = SpoonDrawing::of($spoon['film'], $spoon['yield'], $spoon['viscosity']);
@endphp
{{-- The bowl alone, to hold one's own against; what it shows stands in the word beside it. --}}
<svg class="spoon-bowl" viewBox="{{ SpoonDrawing::BOWL_BOX }}" aria-hidden="true"><x-drawing.spoon-bowl :d="$d" :colour="$colour"
    :id="$id" /></svg>
