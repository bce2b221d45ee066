@props(['page'])
<div class="pours">
    <x-drawing.stair :sheet="$page->sheet" :colour="$page->colour()" id="stair" :next="$page->course->nextPour()" :done="$page->course->poured()" />
    <x-stove.panel.ticks :page="$page" :label="__('stove.pours')" />
</div>
