@props(['page', 'field'])
@if ($page->error($field))
    <p class="field-error" id="{{ $field }}-error" role="alert"><x-icon.mind /> {{ $page->error($field) }}</p>
@endif
