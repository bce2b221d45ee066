@props(['fault'])
@if ($fault)<span class="field-error"><x-icon.mind /> {{ $fault->message() }}</span>@endif
