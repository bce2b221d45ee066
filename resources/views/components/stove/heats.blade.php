@props(['page'])
@if ($page->heats() !== [])
    @php($at = $page->heatAt())
    <div class="heats" role="group" aria-label="{{ __('stove.heat') }}">
        <p class="lbl">{{ __('stove.heat_at', ['name' => App\Format\EventWords::heatName($page->heat())]) }}</p>
        <div class="taps">
            @foreach ($page->heats() as $i => $heat)
                <x-stove.tap :page="$page" kind="heat" :fields="['choice' => $heat->value]"
                    :key="$i === $at - 1 ? ',' : ($i === $at + 1 ? '.' : null)" aria-pressed="{{ $i === $at ? 'true' : 'false' }}"
                    aria-label="{{ __('stove.heat_to', ['heat' => App\Format\EventWords::heat($heat)]) }}">{{ $i + 1 }}</x-stove.tap>
            @endforeach
        </div>
    </div>
@endif
