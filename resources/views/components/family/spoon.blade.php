@props(['stem', 'colour', 'id'])
@php
    use Lento\Drawing\SpoonDrawing;
    $d = App\Pages\Pictures\SpoonPicture::ofSauce($stem->sauce, $colour)->drawing;
@endphp
<svg class="spoon-small" viewBox="0 0 {{ SpoonDrawing::WIDTH - 60 }} {{ SpoonDrawing::HEIGHT }}" aria-hidden="true"><x-drawing.spoon-bowl
    :d="$d" :colour="$colour" :id="$id" /></svg>
