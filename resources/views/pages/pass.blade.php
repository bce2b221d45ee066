<x-layout :title="__('family.pass_title')" at="family">
    <article class="folio pass">
        <p class="noprint"><a href="{{ route('services.show', $page->serviceId) }}">‹ {{ $page->title() }}</a> <button
            class="btn btn-outline-dark" data-print data-key="p">{{ __('compose.print') }} <kbd aria-hidden="true">P</kbd></button> <a
            class="btn btn-outline-dark" href="{{ route('services.pass.pdf', $page->serviceId) }}">PDF</a></p>
        <x-family.pass :page="$page" />
        @if ($drawing = $page->picture?->drawing())<div class="pass-flow">@foreach ($drawing->rows as $i => $row)<x-drawing.flow
            :row="$row" :page="$page" :id="'flow-' . $i" :scale="$drawing->scale" :still="true" />@endforeach</div>@endif
        <p class="soft">{{ __('layout.local_code') }}</p>
    </article>
</x-layout>
