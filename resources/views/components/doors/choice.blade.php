@props(['name', 'label', 'options', 'value' => '', 'id' => null])
@php($id ??= $name)
<div class="cell">
    <label class="lbl" for="{{ $id }}">{{ $label }}</label>
    <select id="{{ $id }}" name="{{ $name }}" class="mid">@foreach ($options as $option => $text)<option value="{{ $option }}"
        @selected((string) $option === (string) old($name, $value))>{{ $text }}</option>@endforeach</select>
</div>
