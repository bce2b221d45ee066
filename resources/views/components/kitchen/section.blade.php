@props(['name', 'closed' => false])
<section id="{{ $name }}" class="kitchen-section" aria-labelledby="{{ $name }}-title" tabindex="-1">
    <header><h2 id="{{ $name }}-title">{{ __('kitchen.' . $name . '.title') }}</h2>@if (trans()->has('kitchen.' . $name . '.how'))<p
        class="soft">{{ __('kitchen.' . $name . '.how') }}</p>@endif @if (session('saved') === $name)<p class="saved"
        role="status">{{ __('kitchen.saved') }}</p>@endif</header>
    @if ($closed)<p><a class="btn btn-outline-dark" href="{{ route('kitchen.section', $name) }}#{{ $name }}" data-opens
        hx-get="{{ route('kitchen.section', $name) }}" hx-target="#{{ $name }}" hx-swap="outerHTML">{{ __('kitchen.open') }}<span
        class="visually-hidden">: {{ __('kitchen.' . $name . '.title') }}</span></a></p>@endif
    {{ $slot }}
</section>
