@props(['page'])
<div class="watch">
    <x-drawing.pot :picture="$page->potPicture()" id="pot" />
    <div class="foresees">
        @foreach ($page->watching()->foresees() as $i => $text)<p @class(['first' => $i === 0])>{{ $text }}</p>@endforeach
        @foreach (App\Pages\Kitchen\LearningPage::origins($page->pot->cooking->place->kitchen) as $origin)<p
            class="origins">{{ $origin }}</p>@endforeach
        @if ($page->watching()->catches() !== '')<p class="warns" role="status"><x-icon.mind
            /> <span>{{ $page->watching()->catches() }}</span></p>@endif
    </div>
    @if ($page->pot->sauce && $page->kind() !== Lento\Plan\StepKind::Boil)<x-drawing.forecast :curve="$page->pot->sauce->curve"
        :now="$page->pot->sauce->reckoning->seconds" value="depth" id="curve" />@endif
</div>
