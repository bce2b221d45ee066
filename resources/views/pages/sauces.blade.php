<x-layout :title="__('sauces.title')" at="compose">
    <div class="sauces">
        <header>
            <h1>{{ __('sauces.title') }}</h1>
            <form method="get" action="{{ route('sauces.index') }}" role="search">
                <label class="visually-hidden" for="find">{{ __('sauces.find') }}</label>
                <input id="find" name="find" class="mid" type="search" autocomplete="off" maxlength="60" value="{{ $page->find }}"
                    placeholder="{{ __('sauces.find') }}">
                <button class="btn btn-dark">{{ __('sauces.search') }}</button>
            </form>
        </header>
        @if ($page->tags !== [])
            <ul class="tags" aria-label="{{ __('sauces.tags') }}">@foreach ($page->tags as $tag)<li><a
                href="{{ route('sauces.index', ['find' => $tag]) }}">{{ $tag }}</a></li>@endforeach</ul>
        @endif
        <ul class="kept-list">
            @forelse ($page->sauces as $sauce)
                <li>
                    <div><h2><a href="{{ route('compose', [...$sauce->address, 'version' => $sauce->version]) }}">{{ $sauce->name }}</a>
                        </h2>
                        <p>{{ $sauce->line() }}</p>
                        @if ($sauce->notes !== '')<p class="soft">{{ $sauce->notes }}</p>@endif
                        @if ($sauce->tags !== [])<p class="soft">{{ implode(' · ', $sauce->tags) }}</p>@endif</div>
                    <a class="btn btn-outline-dark" href="{{ route('sauces.show', $sauce->id) }}">{{ trans_choice('sauces.versions_count',
                        $sauce->versions, ['count' => $sauce->versions]) }}<span class="visually-hidden"> {{ $sauce->name }}</span></a>
                </li>
            @empty
                <li class="none">{{ __($page->find === '' ? 'sauces.none' : 'sauces.none_found', ['find' => $page->find]) }}</li>
            @endforelse
        </ul>
    </div>
</x-layout>
