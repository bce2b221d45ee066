@props(['page'])
<div class="pours">
    <x-drawing.stair :picture="$page->stairPicture()" id="stair" />
    <x-stove.panel.ticks :page="$page" :label="__('stove.pours')" />
</div>
