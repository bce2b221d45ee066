<x-layout :title="__('elsewhere.title')" at="elsewhere">
    <div class="folio elsewhere">
        <h1>{{ __('elsewhere.title') }}</h1>
        <p>{{ __('elsewhere.how') }}</p>
        <svg class="qr" viewBox="0 0 {{ $qr->size }} {{ $qr->size }}" role="img" aria-label="{{ __('elsewhere.qr') }}"><rect
            width="{{ $qr->size }}" height="{{ $qr->size }}" fill="#fff"/><path d="{{ $qr->path }}" fill="#000"/></svg>
        <p class="short">{{ Illuminate\Support\Str::after($address, '://') }}</p>
        <p class="soft">{{ __('elsewhere.who') }}</p>
        <p><a class="btn btn-outline-dark" href="{{ $link->path }}">‹ {{ __('elsewhere.back') }}</a></p>
    </div>
</x-layout>
