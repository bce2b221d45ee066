<x-layout :title="__('search.title')" at="search">
    <div class="search">
        <h1>{{ __('search.title') }}</h1>
        <form id="search" method="get" action="{{ route('search') }}" role="search" data-asks="#answer" hx-get="{{ route('search') }}"
            hx-trigger="submit, input delay:200ms" hx-target="#answer" hx-swap="innerMorph" hx-sync="this:replace">
            <label class="lbl" for="q">{{ __('search.label') }}</label>
            <span class="with-unit"><input id="q" name="q" class="big" type="search" autocomplete="off" maxlength="60"
                value="{{ $wanted->typed }}" autofocus> <button class="btn btn-dark">{{ __('search.go') }}</button></span>
        </form>
        <div id="answer">
            @fragment('answer')
            @if ($wanted->words === [])<p class="soft">{{ __('search.hint') }}</p>
            @elseif ($found === [])<p role="status">{{ __('search.nothing', ['words' => $wanted->typed]) }}</p>
            @else<ol class="hits" aria-label="{{ trans_choice('search.count', count($found), ['count' => count($found)]) }}">
                @foreach ($found as $one)<li><a href="{{ $one->address }}"><b>{{ $one->name }}</b>
                    @if ($one->more !== '')<span>{{ $one->more }}</span>@endif
                    <small>{{ __('search.kinds.' . $one->kind) }}</small></a></li>@endforeach</ol>
            @endif
            @endfragment
        </div>
    </div>
</x-layout>
