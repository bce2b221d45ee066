@props(['name'])
{{-- Also where the page writes what the server says of a tap that it held. --}}
<p class="field-error" id="{{ $name }}-error" data-error="{{ $name }}" role="alert" @if (! $errors->has($name)) hidden @endif><x-icon.mind
    /> <span>{{ $errors->first($name) }}</span></p>
