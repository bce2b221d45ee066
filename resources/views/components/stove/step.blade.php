@props(['page'])
<section class="step" data-says="{{ $page->says() }}">
    <x-stove.whose :page="$page" :about="$page->name . ' · ' . $page->about()" />
    <h1 tabindex="-1" @class(['long' => mb_strlen($page->title()) > 34])>{{ $page->title() }}</h1>
    <p class="does" @if ($page->cue() === '') hidden @endif>{{ $page->cue() }}</p>
    <ul class="cues">
        {{-- All three, and the caution, so that a tablet without a line has where to say them. --}}
        @foreach (['look', 'smell', 'listen'] as $sense)
            <li class="{{ $sense }}" @if (! isset($page->senses()[$sense])) hidden @endif><x-dynamic-component :component="'icon.' . $sense"
                /><span><b>{{ __('stove.' . $sense) }}</b> <span>{{ $page->senses()[$sense] ?? '' }}</span></span></li>
        @endforeach
    </ul>
    <p class="caution" @if ($page->caution() === '') hidden @endif><x-icon.mind /> <span><b
        class="visually-hidden">{{ __('stove.mind') }}:</b> {{ $page->caution() }}</span></p>
    @if ($page->probed() !== '')<p class="probed" role="status"><b>{{ $page->probed() }}</b></p>@endif
</section>
