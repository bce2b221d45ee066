@props(['page'])
<div class="pours">
    <x-drawing.stair :picture="$page->stairPicture()" id="stair" />
    <div>
    <x-stove.panel.ticks :page="$page" :label="__('stove.pours')" />
    @if ($page->unprompted()->left() !== null)
        <x-stove.tap :page="$page" kind="stopped-pouring" :fields="['litres' => $page->unprompted()->leftLitres()]"
            class="stop-pouring">{{ __('stove.else.stop', ['litres' => $page->unprompted()->leftText()]) }}</x-stove.tap>
    @endif
    </div>
</div>
