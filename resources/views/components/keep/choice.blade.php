@props(['name', 'label', 'id', 'options', 'chosen' => ''])
<p class="cell"><label class="lbl" for="{{ $id }}">{{ $label }}</label>
    <select id="{{ $id }}" name="{{ $name }}" class="mid">@foreach ($options as $value => $text)<option value="{{ $value }}"
        @selected((string) old($name, $chosen) === (string) $value)>{{ $text }}</option>@endforeach</select>
    @error($name)<span class="field-error"><x-icon.mind /> {{ $message }}</span>@enderror</p>
