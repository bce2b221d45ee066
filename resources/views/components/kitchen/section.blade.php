@props(['name'])
<section id="{{ $name }}" class="kitchen-section" aria-labelledby="{{ $name }}-title" tabindex="-1">
    <header><h2 id="{{ $name }}-title">{{ __('kitchen.' . $name . '.title') }}</h2>@if (trans()->has('kitchen.' . $name . '.how'))<p
        class="soft">{{ __('kitchen.' . $name . '.how') }}</p>@endif @if (session('saved') === $name)<p class="saved"
        role="status">{{ __('kitchen.saved') }}</p>@endif</header>
    {{ $slot }}
</section>
