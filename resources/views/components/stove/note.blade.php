@props(['page'])
<details class="note-key" @if ($errors->has('text')) open @endif>
    <summary class="btn btn-outline-dark" data-key="n">{{ __('stove.note') }}</summary>
    <x-stove.form :page="$page" kind="note">
        <label for="note-text">{{ __('stove.note_text') }}</label>
        <input id="note-text" name="text" class="mid" maxlength="500" autocomplete="off" value="{{ old('text') }}">
        <x-stove.error name="text" />
        <button class="btn btn-dark">{{ __('stove.save') }}</button>
    </x-stove.form>
</details>
