<x-layout :title="__('family.shopping_title')" at="family">
    <article class="folio shopping">
        <p class="noprint"><a href="{{ route('services.show', $page->service->serviceId) }}">‹ {{ $page->service->title() }}</a> <button
            class="btn btn-outline-dark" data-print data-key="p">{{ __('compose.print') }} <kbd aria-hidden="true">P</kbd></button> <a
            class="btn btn-outline-dark" href="{{ route('services.shopping.pdf', $page->service->serviceId) }}">PDF</a></p>
        <x-family.shopping :page="$page" />
        <p class="soft">{{ __('layout.local_code') }}</p>
    </article>
</x-layout>
