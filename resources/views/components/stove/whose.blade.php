@props(['page', 'about'])
{{-- Where it stands and whose it is; opened to move it or to hand it over. --}}
<div class="whose">
    <span class="pot-name">{{ $about }}</span>
    <details class="where-who">
        <summary data-key="w">{{ $page->whereabouts()->says() ?: __('stove.where') }}</summary>
        <div class="sheet-down">
            <p class="lbl">{{ __('stove.place_is') }}</p>
            <div class="taps">
                @foreach ($page->whereabouts()->places() as $place)
                    <x-stove.tap :page="$page" kind="moved" :fields="['choice' => $place->id]"
                        aria-pressed="{{ $page->course->place === $place->id ? 'true' : 'false' }}">{{ $place->name }}</x-stove.tap>
                @endforeach
            </div>
            <p class="lbl">{{ __('stove.whose') }}</p>
            <div class="taps">
                @foreach ($page->whereabouts()->cooks() as $cook)
                    <x-stove.tap :page="$page" kind="taken-over" :fields="['text' => $cook]"
                        aria-pressed="{{ $page->course->cook === $cook ? 'true' : 'false' }}">{{ $cook }}</x-stove.tap>
                @endforeach
                <x-stove.form :page="$page" kind="taken-over" class="with-field">
                    <label class="visually-hidden" for="other-cook">{{ __('stove.other_cook') }}</label>
                    <input id="other-cook" name="text" class="mid" maxlength="60" autocomplete="off"
                        placeholder="{{ __('stove.other_cook') }}">
                    <button class="btn btn-outline-dark">{{ __('stove.take_over') }}</button>
                </x-stove.form>
            </div>
            <details class="take-off">
                <summary>{{ __('stove.take_off') }}</summary>
                <x-stove.tap :page="$page" kind="taken-off" look="btn-outline-danger">{{ __('stove.take_off_sure') }}</x-stove.tap>
            </details>
        </div>
    </details>
</div>
