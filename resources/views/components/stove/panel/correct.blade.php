@props(['page'])
<div class="watch">
    <x-drawing.pot :picture="$page->potPicture()" id="pot" />
    <div class="foresees">
        <p class="first">{{ $page->testing()->then() }}</p>
        <p>{{ $page->testing()->verdict() }}</p>
        <p>{{ $page->watching()->stands() }}</p>
        @if ($page->watching()->catches() !== '')<p class="warns" role="status"><x-icon.mind
            /> <span>{{ $page->watching()->catches() }}</span></p>@endif
    </div>
    @if ($page->pot->sauce)<x-drawing.forecast :curve="$page->pot->sauce->curve" :now="$page->pot->sauce->reckoning->seconds"
        value="depth" id="curve" />@endif
</div>
