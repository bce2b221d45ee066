@props(['at'])
@php($guide = Illuminate\Support\Facades\Lang::has("guide.places.$at") ? route('guide', $at) : route('guide.words'))
<footer class="foot">
    <p>{{ __('layout.local_code') }}</p>
    <a class="plain" href="{{ route('search') }}" data-key="/">{{ __('search.title') }} <kbd aria-hidden="true">/</kbd></a>
    <a class="plain" href="{{ route('assay') }}" data-key="a">{{ __('assay.title') }}</a>
    <a class="plain" href="{{ route('sauces.index') }}" data-key="x">{{ __('sauces.title') }}</a>
    <form method="post" action="{{ route('elsewhere') }}" data-elsewhere>@csrf<input type="hidden" name="path"
        value="{{ App\Http\Requests\ElsewhereRequest::here(request()) }}"><button class="plain">{{ __('elsewhere.open') }}</button></form>
    <button type="button" class="plain" data-calls-open data-on="{{ __('layout.calls.on') }}" data-off="{{ __('layout.calls.off') }}"
        data-waits="{{ __('layout.calls.waits') }}" hidden>{{ __('layout.calls.off') }}</button>
    <button type="button" class="plain" data-night data-key="d" hidden>{{ __('layout.night') }}</button>
    <a class="plain" href="{{ $guide }}" data-keys-open data-key="?">{{ __('guide.title') }} <kbd aria-hidden="true">?</kbd></a>
</footer>
<dialog id="keys" aria-labelledby="keys-title">
    <form method="dialog"><button class="btn btn-outline-dark">{{ __('layout.close') }}</button></form>
    <div class="guide-here"></div>
    <p><a href="{{ $guide }}">{{ __('guide.all') }}</a> · <a href="{{ route('guide.words') }}">{{ __('guide.words') }}</a></p>
    <h2 id="keys-title">{{ __('layout.keys_title') }}</h2>
    <dl>
        @foreach (__('layout.keys_list') as $key => $does)
            <div><dt><kbd>{{ $key }}</kbd></dt><dd>{{ $does }}</dd></div>
        @endforeach
    </dl>
    <label class="check"><input type="checkbox" data-keys-toggle checked> {{ __('layout.keys_on') }}</label>
    <p class="soft">{{ __('layout.keys_hint') }}</p>
</dialog>
<dialog id="calls-set" aria-labelledby="calls-title">
    <h2 id="calls-title">{{ __('layout.calls.title') }}</h2>
    @foreach (__('layout.calls.ways') as $way => $does)<label class="check"><input type="checkbox"
        data-way="{{ $way }}"> {{ $does }}</label>
    @endforeach
    <p class="soft">{{ __('layout.calls.hint') }}</p>
    <button type="button" class="btn btn-primary" data-try>{{ __('layout.calls.try') }}</button>
    <form method="dialog"><button class="btn btn-outline-dark">{{ __('layout.close') }}</button></form>
</dialog>
