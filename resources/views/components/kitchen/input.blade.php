@props(['name', 'section', 'value' => '', 'label' => null, 'number' => false, 'placeholder' => '', 'key' => null])
@php
    // What was typed into this very form comes back to it, and its reason with it.
    $mine = $errors->any() && session('section') === $section && (string) old($section === 'formulas' ? 'base' : 'id') === (string) $key;
    $wrong = $mine && $errors->has($name);
    $id = $section . '-' . ($key ?? 'new') . '-' . $name;
@endphp
<div class="cell">
    <label class="lbl" for="{{ $id }}">{{ __('kitchen.' . $section . '.' . ($label ?? $name)) }}</label>
    <input id="{{ $id }}" name="{{ $name }}" class="mid" @if ($number) inputmode="decimal" @endif autocomplete="off" maxlength="60"
        value="{{ $mine ? old($name, $value) : $value }}" placeholder="{{ $placeholder }}" @if ($wrong) aria-invalid="true"
        aria-describedby="{{ $id }}-error" @endif>
    @if ($wrong)<p class="field-error" id="{{ $id }}-error"><x-icon.mind /> {{ $errors->first($name) }}</p>@endif
</div>
