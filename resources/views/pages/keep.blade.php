<x-layout :title="__('keep.title.page')" at="keep">
    {{-- What another tablet says of a tub, and minutes that pass, are heard here; what is being typed stays. --}}
    <div data-hears hx-get="{{ request()->getRequestUri() }}" hx-trigger="lento:happened from:document, every 60s" hx-target="#answer"
        hx-swap="innerMorph"></div>
    <div id="answer">
    @fragment('answer')
    @php($tub = $page->chosen)
    <div @class(['kept-page', 'bare' => $page->rows === [], 'picked' => $page->isPicked])>
        <section class="shelves" aria-label="{{ __('keep.shelves') }}">
            <nav class="inside" aria-label="{{ __('keep.nav.label') }}"><a href="{{ route('keep.record') }}">{{ __('keep.nav.record') }}</a>
                <a href="{{ route('keep.waste') }}">{{ __('keep.nav.waste') }}</a>
                <a href="{{ route('supply') }}">{{ __('compose.ways.supply') }}</a></nav>
            @if ($page->rows === [])<h1>{{ __('keep.empty') }}</h1><p class="soft">{{ __('keep.empty_how') }}</p>@endif
            <ul>@foreach ($page->rows as $row)<x-keep.shelf :row="$row" :chosen="$page->isChosen($row)" />@endforeach</ul>
            @if ($page->before())<p><a href="{{ route('keep', ['page' => $page->before()]) }}">{{ __('keep.fewer') }}</a></p>@endif
            @if ($page->next())<p><a href="{{ route('keep', ['page' => $page->next()]) }}">{{ __('keep.more') }}</a></p>@endif
        </section>
        @if ($tub)<x-keep.tub :tub="$tub" />@endif
    </div>
    @endfragment
    </div>
</x-layout>
