@props(['column', 'page', 'number' => null, 'primary' => false])

<section class="end" aria-label="{{ $column->name }}">
    <div class="top">
        <div><h2>{{ $column->name }}</h2><p class="ladles"><b>{{ $column->ladles }}</b> <span
            class="soft">{{ __('family.ladle_size') }}</span></p></div>
        <div class="looks"><x-family.spoon :stem="$column->node->stem" :colour="$column->colour"
            :id="'spoon-' . Str::slug($column->key)" /><p class="soft">{{ $page->inClass($column->node) }}</p></div>
    </div>
    {{-- On a phone the drawing falls away, and its numbers stand here. --}}
    <p class="in-words">{{ $column->from }} @if ($column->with !== '')+ {{ $column->with }}@endif @if ($column->gate !== '')→ <span
        class="gate">{{ $column->gate }}</span>@endif → {{ $column->makes }}</p>
    @foreach ($column->rows as $row => $wish)<x-family.wish :page="$page" :row="$row" :wish="$wish" />@endforeach
    @if ($column->node->onHand->cubicMetres > 0)<p class="mind">{{ __('family.on_hand_of',
        ['litres' => App\Format\Litres::of($column->node->onHand)->text()]) }}. {{ $page->reheat() }}</p>@endif
    @if ($column->correction !== '')<p class="mind correct"><b>{{ $column->correction }}.</b> {{ $column->why }}</p>@endif
    @if ($page->noPan($column->node) !== '')<p class="mind limit">{{ $page->noPan($column->node) }}</p>@endif
    @foreach ($column->cautions as $caution)<p class="mind limit">{{ $caution }}</p>@endforeach
    <p class="in-words allergens-line">{{ $column->allergens }}</p>
    <x-family.action :action="$column->action" :key="$number" :primary="$primary" />
</section>
