@props(['page', 'row', 'name', 'value', 'label', 'placeholder' => ''])
@php
    $id = "wishes-$row-$name";
    $wrong = $page->fault("wishes.$row.$name");
@endphp
<span class="num"><label class="lbl" for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}" name="wishes[{{ $row }}][{{ $name }}]" class="mid" inputmode="decimal" autocomplete="off" maxlength="20"
    value="{{ $value }}" placeholder="{{ $placeholder }}" @if ($wrong) aria-invalid="true" aria-describedby="{{ $id }}-error" @endif></span>
