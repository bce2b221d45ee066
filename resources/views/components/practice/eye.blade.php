@props(['eye'])
<dl class="eyes">@foreach ($eye as $kind => $says)<div><dt>{{ __('practice.eye.kinds.' . $kind) }}</dt><dd>{{ $says
    }}</dd></div>@endforeach</dl>
