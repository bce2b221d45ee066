@props(['said' => null, 'key' => null])
@php
    $mine = $errors->any() && session('section') === 'larder' && (string) old('id') === (string) $key;
    $chosen = $mine ? (array) old('allergens', []) : explode(' ', $said ?? '');
    $id = 'larder-' . ($key ?? 'new') . '-allergens';
@endphp
<fieldset class="allergen-ticks" @if ($mine && $errors->has('allergens')) aria-describedby="{{ $id }}-error" @endif>
    <legend class="lbl">{{ __('kitchen.larder.allergens') }}</legend>
    @foreach (Lento\Larder\Allergen::cases() as $allergen)
        <label class="tick-cell"><input type="checkbox" name="allergens[]" value="{{ $allergen->value }}"
            @checked(in_array($allergen->value, $chosen, true))> {{ __('ingredients.allergens.' . $allergen->value) }}</label>
    @endforeach
    <label class="tick-cell"><input type="checkbox" name="allergens[]" value="{{ App\Kitchen\LarderLine::NONE }}"
        @checked(in_array(App\Kitchen\LarderLine::NONE, $chosen, true))> {{ __('kitchen.larder.none_checked') }}</label>
    @if ($mine && $errors->has('allergens'))<p class="field-error" id="{{ $id }}-error"><x-icon.mind
        /> {{ $errors->first('allergens') }}</p>@endif
</fieldset>
