@props(['name', 'section', 'options', 'value', 'key' => null])
@php
    $id = $section . '-' . ($key ?? 'new') . '-' . $name;
    $mine = $errors->any() && session('section') === $section && (string) old($section === 'formulas' ? 'base' : 'id') === (string) $key;
    $chosen = $mine ? old($name, $value) : $value;
@endphp
<div class="cell">
    <label class="lbl" for="{{ $id }}">{{ __('kitchen.' . $section . '.' . $name) }}</label>
    <select id="{{ $id }}" name="{{ $name }}" class="mid">
        @foreach ($options as $option => $text)<option value="{{ $option }}"
            @selected((string) $option === (string) $chosen)>{{ $text }}</option>@endforeach
    </select>
</div>
