<x-layout :title="__('score.title') . ', ' . $page->title()" at="score">
    <div id="answer">
        @fragment('answer')
        <x-keep.soon />
        <div class="score-page">
            {{-- A new one each round: it asks for the next by itself, and the page is used meanwhile. --}}
            @if ($page->looksFurther())<form id="round-{{ $page->left }}" hx-post="{{ route('score.better',
                [$page->serviceId, 'zoom' => $page->asked->zoom]) }}" hx-trigger="load delay:150ms" hx-target="#answer"
                hx-swap="innerMorph">@csrf</form>
            @endif
            {{-- Taps at any stove, and minutes that pass, are heard here; what moves is shown, and taken by hand. --}}
            @if ($page->listens())<div hx-get="{{ route('score', [$page->serviceId, 'zoom' => $page->asked->zoom]) }}"
                hx-trigger="lento:happened from:document, every 60s" hx-target="#answer" hx-swap="innerMorph"></div>@endif
            <header class="score-head">
                <h1>{{ $page->title() }}</h1>
                <p class="totals">{{ $page->summary() }}</p>
                <x-score.legend />
            </header>
            @foreach ($page->why as $i => $why)
                <p class="line-down" role="alert">@if ($i === 0){{ __('score.no_plan') }} @endif{{ $why }}</p>
            @endforeach
            @if ($page->asked->fault !== '' && $page->panel === null)<p class="field-error" role="alert"><x-icon.mind />
                {{ $page->asked->fault }}</p>@endif
            @php($troubles = $page->troubles())
            @foreach (array_slice($troubles, 0, 3) as $trouble)<p class="score-trouble" role="status">{{ $trouble }}</p>@endforeach
            @if (count($troubles) > 3)<details class="more-troubles"><summary
                class="btn btn-outline-dark">{{ trans_choice('score.more_troubles', count($troubles) - 3,
                ['count' => count($troubles) - 3]) }}</summary>
                @foreach (array_slice($troubles, 3) as $trouble)<p class="score-trouble">{{ $trouble }}</p>@endforeach</details>@endif
            @if ($page->after)<x-score.after :page="$page" />@endif
            @if ($page->isUntold() && !$page->after)
                <section class="score-moves"><p>{{ __('score.untold') }}</p>
                    <form method="post" action="{{ route('score.take', $page->serviceId) }}" hx-post="{{ route('score.take',
                        [$page->serviceId, 'zoom' => $page->asked->zoom]) }}" hx-target="#answer" hx-swap="innerMorph">@csrf
                        <button class="btn btn-primary">{{ __('score.tell') }}</button></form></section>
            @endif
            @if ($moves = $page->moves())
                <section class="score-moves" aria-labelledby="moves-title">
                    <h2 id="moves-title">{{ trans_choice('score.moves_title', count($moves), ['count' => count($moves)]) }}</h2>
                    <ul>@foreach (array_slice($moves, 0, 8) as $move)<li>{{ $move }}</li>@endforeach</ul>
                    <form method="post" action="{{ route('score.take', $page->serviceId) }}" hx-post="{{ route('score.take',
                        [$page->serviceId, 'zoom' => $page->asked->zoom]) }}" hx-target="#answer" hx-swap="innerMorph">@csrf
                        <button class="btn btn-primary">{{ __('score.take') }}</button></form>
                </section>
            @endif
            @if ($page->list && $next = $page->list->next())
                <section class="score-next" aria-label="{{ __('score.next') }}">
                    @foreach ($next as $cook => $one)
                        <div data-sauce="{{ $one['row']['pot'] }}"><p><b>{{ $cook }}</b>
                            <span class="at">{{ $one['row']['at'] }}</span> {{ $one['row']['what'] }},
                            {{ $one['row']['pot'] }} <span class="soft">{{ $one['row']['where'] }}</span></p>
                            @if ($one['putOn'] !== '')<form method="post" action="{{ route('services.cook',
                                $page->serviceId) }}">@csrf<x-once /><input type="hidden" name="score" value="1">
                                <input type="hidden" name="branch" value="{{ $one['putOn'] }}">
                                <button
                                    class="btn {{ $loop->first ? 'btn-primary' : 'btn-outline-dark' }}">{{ __('score.put_on') }}</button>
                            </form>@endif</div>
                    @endforeach
                </section>
            @endif
            @if ($page->hasOffers())
                @if ($page->asked->offers)<x-score.offers :page="$page" />
                @else<p><a class="btn btn-outline-dark" href="{{ route('score', [$page->serviceId, 'zoom' => $page->asked->zoom,
                    'offers' => 1]) }}#offers">{{ __('score.offers.ask') }}</a></p>@endif
            @endif
            @if ($page->assumesRings())<p class="soft">{{ __('score.rings_assumed') }}</p>@endif
            @if ($page->said() !== [])<x-score.said :page="$page" />@endif
            @if ($page->panel)<x-score.note :page="$page" />@endif
            @if ($page->picture)
                <div class="score-scroll" tabindex="0" role="region" aria-label="{{ $page->title() }}">
                    @if ($page->asked->zoom > 1)<x-drawing.score-names :picture="$page->picture" />@endif
                    <x-drawing.score :picture="$page->picture"
                        :says="__('score.says', ['title' => $page->title(), 'summary' => $page->summary()])" />
                </div>
                <details class="score-upright"><summary class="btn btn-outline-dark">{{ __('score.drawn') }}</summary>
                    <x-drawing.score-upright :picture="$page->picture"
                        :says="__('score.says', ['title' => $page->title(), 'summary' => $page->summary()])" /></details>
                <x-score.say :page="$page" kind="start" of="" :fields="['of' => '', 'at' => '', 'note' => '']" data-drag-form hidden />
            @elseif ($page->why === [])
                <p class="empty">{{ __('score.empty') }}</p>
            @endif
            <x-score.actions :page="$page" />
            @if ($page->canFail() !== [])<x-score.fails :page="$page" />@endif
            @if ($page->asked->evenings && $page->picture)
                <section class="score-evenings" id="evenings" aria-labelledby="evenings-title">
                    <h2 id="evenings-title">{{ __('score.evenings.title') }}</h2>
                    <p class="soft">{{ __('score.evenings.how') }}</p>
                    <ul>@foreach ($page->evenings() as $says)<li>{{ $says }}</li>@endforeach</ul>
                </section>
            @endif
            @if ($page->list)<x-score.list :list="$page->list" :page="$page" />@endif
        </div>
        @endfragment
    </div>
</x-layout>
