@props(['page'])
<section class="step">
    <p class="whose">{{ $page->name }} · {{ $page->about() }}</p>
    <h1>{{ $page->title() }}</h1>
    <ul class="cues">
        @foreach ($page->senses() as $sense => $text)
            <li class="{{ $sense }}"><x-dynamic-component :component="'icon.' . $sense" /><span><b>{{ __('stove.' . $sense) }}</b> {{ $text }}</span></li>
        @endforeach
    </ul>
    @if ($page->caution() !== '')
        <p class="caution"><x-icon.mind /> <span><b class="visually-hidden">{{ __('stove.mind') }}:</b> {{ $page->caution() }}</span></p>
    @endif
</section>
