@props(['name', 'tags' => '', 'notes' => ''])
@foreach ([['name', $name, 60], ['tags', $tags, 200]] as [$field, $value, $most])
    <div class="cell">
        <label class="lbl" for="sauce-{{ $field }}">{{ __('sauces.field_' . $field) }}</label>
        <input id="sauce-{{ $field }}" name="{{ $field }}" class="mid" autocomplete="off" maxlength="{{ $most }}"
            value="{{ old($field, $value) }}" @error($field) aria-invalid="true" aria-describedby="sauce-{{ $field }}-error" @enderror>
        @error($field)<p class="field-error" id="sauce-{{ $field }}-error"><x-icon.mind /> {{ $message }}</p>@enderror
    </div>
@endforeach
<div class="cell wide">
    <label class="lbl" for="sauce-notes">{{ __('sauces.field_notes') }}</label>
    <textarea id="sauce-notes" name="notes" class="mid" rows="3" maxlength="2000">{{ old('notes', $notes) }}</textarea>
</div>
