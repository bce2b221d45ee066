@props(['page'])
<div class="pot-and-spoon">
    <x-drawing.pot :picture="$page->potPicture()" id="pot" />
    <div class="spoon-row">
        <x-drawing.spoon :picture="$page->spoonPicture()" id="spoon" />
        <p class="says">{{ $page->spoonPicture()->word }}</p>
    </div>
</div>
