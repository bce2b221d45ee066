<x-layout :title="$page->title()" at="rescue">
    <div class="rescue remedy">
        <p class="about">{{ __('rescue.about', ['name' => $page->about]) }} · {{ App\Format\RemedyWords::name($page->fault) }}</p>
        <nav class="severity" aria-label="{{ __('rescue.how_bad') }}">
            @foreach ($page->severities() as $one)<a href="{{ route('rescue.show', [$page->fault->value, ...$one['query']]) }}"
                @class(['btn', 'btn-outline-dark', 'on' => $one['on']]) @if ($one['on']) aria-current="true" @endif>{{ __('rescue.severity.'
                . $one['severity']->value) }}</a>@endforeach
        </nav>
        <h1>{{ $page->title() }}</h1>
        @if ($page->halves() !== '')<p class="leads half">{{ $page->halves() }}</p>@endif
        @if ($page->leads() !== '')<p class="leads">{{ $page->leads() }}</p>@endif
        @if ($page->limit() !== '')<p class="leads limit">{{ $page->limit() }}</p>@endif
        @if ($page->caution() !== '')<p class="caution"><x-icon.mind /> <span><b
            class="visually-hidden">{{ __('rescue.mind') }}:</b> {{ $page->caution() }}</span></p>@endif
        @if ($fresh)<p class="leads">{{ $fresh->says }}</p>@endif
        <p class="why"><b>{{ __('rescue.why') }}</b> {{ $page->why() }}</p>
        <div class="rescue-keys">
            @if ($page->potId && $page->isDoable())
                <form method="post" action="{{ route('rescue.store', $page->fault->value) }}" data-later>
                    @csrf
                    <input type="hidden" name="pot" value="{{ $page->potId }}"><input type="hidden" name="n" value="{{ $page->at }}">
                    <input type="hidden" name="severity" value="{{ $page->query['severity'] ?? '' }}">
                        <input type="hidden" name="token" value="{{ Illuminate\Support\Str::uuid() }}">
                    <button class="btn btn-primary go" data-key=" ">{{ $page->does() }} <kbd
                        aria-hidden="true">{{ __('units.space') }}</kbd></button>
                </form>
            @endif
            @if ($page->isLost())<a class="btn btn-primary go" href="{{ route('compose', $fresh?->address ?? []) }}"
                data-key=" ">{{ __('rescue.new_sheet') }} <kbd aria-hidden="true">{{ __('units.space') }}</kbd></a>@endif
            @if ($page->hasAnother())<a class="btn btn-outline-dark"
                href="{{ route('rescue.show', [$page->fault->value, ...$page->query, 'n' => $page->at + 1]) }}"
                data-key="n">{{ __('rescue.another') }}</a>@endif
            <a class="btn btn-outline-dark" href="{{ route('rescue', $page->query) }}" data-key="b">{{ __('rescue.back') }}</a>
            @if ($page->potId)<a class="btn btn-outline-dark" href="{{ route('pots.show', $page->potId) }}"
                data-key="t">{{ __('rescue.close') }}</a>@endif
        </div>
    </div>
</x-layout>
