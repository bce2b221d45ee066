@props(['page'])
<div class="pot-and-spoon">
    <x-drawing.pot :sheet="$page->sheet" :now="$page->watching()->litresNow()" :colour="$page->colour()" id="pot" />
    <div class="spoon-row">
        <x-drawing.spoon :sheet="$page->sheet" :colour="$page->colour()" id="spoon" />
        <p class="says">{{ __('thickness.spoon.' . $page->sheet->spoon->word()->value) }}</p>
    </div>
</div>
