@props(['page'])
<details class="score-fails" @if ($page->asked->fault !== '' && $page->panel === null) open @endif>
    <summary class="btn btn-outline-dark">{{ __('score.fails.title') }}</summary>
    <x-score.say :page="$page" kind="fails" of="" class="when">
        <label for="fails-of">{{ __('score.fails.who') }}</label>
        <select id="fails-of" class="mid" name="of">@foreach ($page->canFail() as $value => $name)<option
            value="{{ $value }}">{{ $name }}</option>@endforeach</select>
        <label for="fails-at">{{ __('score.fails.from') }}</label>
        <input id="fails-at" class="mid" name="at" size="5" inputmode="numeric" autocomplete="off"
            placeholder="{{ __('score.fails.now') }}">
        <label for="fails-until">{{ __('score.fails.until') }}</label>
        <input id="fails-until" class="mid" name="until" size="5" inputmode="numeric" autocomplete="off"
            placeholder="{{ __('score.fails.for_good') }}">
        <button class="btn btn-outline-dark">{{ __('score.fails.say') }}</button>
    </x-score.say>
</details>
