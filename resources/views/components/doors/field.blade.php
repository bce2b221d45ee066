@props(['name', 'label', 'value' => '', 'type' => 'text', 'complete' => 'off', 'note' => '', 'id' => null, 'mine' => true])
@php($id ??= $name)
@php($wrong = $mine && $errors->has($name))
<div {{ $attributes->class('cell') }}>
    <label class="lbl" for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}" class="mid" autocomplete="{{ $complete }}" autocapitalize="none"
        spellcheck="false" @if ($type !== 'password') value="{{ $mine ? old($name, $value) : $value }}" maxlength="60" @else
        maxlength="200" @endif @if ($wrong) aria-invalid="true" @endif
        @if ($wrong || $note !== '') aria-describedby="{{ $id }}-more" @endif>
    @if ($wrong)<p class="field-error" id="{{ $id }}-more"><x-icon.mind /> {{ $errors->first($name) }}</p>
    @elseif ($note !== '')<p class="soft hint" id="{{ $id }}-more">{{ $note }}</p>@endif
</div>
