@props(['title', 'what', 'action', 'back', 'sent', 'typed'])
<section class="error-page">
    <h1>{{ $title }}</h1>
    <p>{{ $what }}</p>
    @if ($sent !== [])
        @if ($typed !== [])
            <h2>{{ __('errors.typed') }}</h2>
            <dl>@foreach ($typed as $name => $value)<dt>{{ $name }}</dt><dd>{{ $value }}</dd>@endforeach</dl>
        @endif
        <form method="post" action="{{ $action }}">
            @csrf
            @foreach ($sent as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
            <button class="btn btn-primary">{{ __('errors.send_again') }}</button>
        </form>
    @endif
    <p class="ways">@if ($back !== '')<a class="btn btn-outline-dark" href="{{ $back }}">{{ __('errors.back') }}</a>@endif
        <a class="btn btn-outline-dark" href="{{ url('/stove') }}">{{ __('errors.stove') }}</a></p>
</section>
