@props(['name', 'label', 'id', 'value' => '', 'placeholder' => '', 'number' => false, 'longest' => 60])
@php($wrong = $errors->has($name))
<p class="cell"><label class="lbl" for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}" name="{{ $name }}" class="mid" @if ($number) inputmode="decimal" @endif autocomplete="off"
        maxlength="{{ $longest }}" value="{{ old($name, $value) }}" placeholder="{{ $placeholder }}" @if ($wrong) aria-invalid="true"
        aria-describedby="{{ $id }}-error" @endif>
    @if ($wrong)<span class="field-error" id="{{ $id }}-error"><x-icon.mind /> {{ $errors->first($name) }}</span>@endif</p>
