<footer class="foot">
    <p>{{ __('layout.local_code') }}</p>
    <a class="plain" href="{{ route('assay') }}" data-key="a">{{ __('assay.title') }}</a>
    <a class="plain" href="{{ route('sauces.index') }}" data-key="x">{{ __('sauces.title') }}</a>
    <button type="button" class="plain" data-sound data-on="{{ __('stove.sound_on') }}" data-off="{{ __('stove.sound_off') }}"
        hidden>{{ __('stove.sound_off') }}</button>
    <button type="button" class="plain" data-night data-key="d" hidden>{{ __('layout.night') }}</button>
    <button type="button" class="plain" data-keys-open data-key="?" hidden>{{ __('layout.keys') }} <kbd aria-hidden="true">?</kbd></button>
</footer>
<dialog id="keys" aria-labelledby="keys-title">
    <h2 id="keys-title">{{ __('layout.keys_title') }}</h2>
    <dl>
        @foreach (__('layout.keys_list') as $key => $does)
            <div><dt><kbd>{{ $key }}</kbd></dt><dd>{{ $does }}</dd></div>
        @endforeach
    </dl>
    <label class="check"><input type="checkbox" data-keys-toggle checked> {{ __('layout.keys_on') }}</label>
    <p class="soft">{{ __('layout.keys_hint') }}</p>
    <form method="dialog"><button class="btn btn-outline-dark">{{ __('layout.close') }}</button></form>
</dialog>
