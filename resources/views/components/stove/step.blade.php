@props(['page'])
<section class="step">
    <x-stove.whose :page="$page" :about="$page->name . ' · ' . $page->about()" />
    <h1 @class(['long' => mb_strlen($page->title()) > 34])>{{ $page->title() }}</h1>
    <ul class="cues">
        @foreach ($page->senses() as $sense => $text)
            <li class="{{ $sense }}"><x-dynamic-component :component="'icon.' . $sense"
                /><span><b>{{ __('stove.' . $sense) }}</b> <span>{{ $text }}</span></span></li>
        @endforeach
    </ul>
    @if ($page->caution() !== '')
        <p class="caution"><x-icon.mind /> <span><b class="visually-hidden">{{ __('stove.mind') }}:</b> {{ $page->caution() }}</span></p>
    @endif
    @if ($page->probed() !== '')<p class="probed" role="status"><b>{{ $page->probed() }}</b></p>@endif
</section>
