@props(['page'])
<div class="watch">
    <x-drawing.pot :sheet="$page->sheet" :now="$page->litresNow()" :colour="$page->colour()" id="pot" />
    <div class="foresees">
        <p class="first">{{ $page->moveThen() }}</p>
        <p>{{ $page->verdict() }}</p>
        <p>{{ $page->stands() }}</p>
        @if ($page->catches() !== '')<p class="warns" role="status"><x-icon.mind /> <span>{{ $page->catches() }}</span></p>@endif
    </div>
    @if ($page->pot->sauce)<x-drawing.forecast :curve="$page->pot->sauce->curve" :now="$page->pot->sauce->reckoning->seconds" value="depth" id="curve" />@endif
</div>
