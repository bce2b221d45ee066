<x-layout :title="$page->title()" at="stove">
    <p id="line-down" class="line-down" role="alert" hidden>{{ __('stove.no_line') }}</p>
    <div id="answer">
        @fragment('answer')
        <article class="stove derived kind-{{ $page->kind()->value }} @if ($page->isFinishing()) panel-outcome @elseif ($page->isKeeping()) panel-keep @elseif ($page->ticks() !== []) panel-finishes @endif" data-pot="{{ $page->potId }}" data-step="{{ $page->course->current }}" data-events="{{ count($page->course->events) }}" data-last="{{ $page->course->events === [] ? 0 : $page->course->events[count($page->course->events) - 1]->at->format('Uv') }}" data-ahead="{{ json_encode($page->ahead(), JSON_THROW_ON_ERROR) }}">
            <p id="stove-wrong" class="field-error" role="alert" hidden></p>
            <x-stove.progress :page="$page" />
            <section class="step">
                <x-stove.whose :page="$page" :about="$page->name . ' · ' . $page->about()" />
                <h1 @class(['long' => mb_strlen($page->title()) > 34])>{{ $page->title() }}</h1>
                @if ($page->cue() !== '')<ul class="cues"><li class="look"><x-icon.look /><span><b>{{ __('stove.look') }}</b> <span>{{ $page->cue() }}</span></span></li></ul>@endif
                @if ($page->caution() !== '')<p class="caution"><x-icon.mind /> <span><b class="visually-hidden">{{ __('stove.mind') }}:</b> {{ $page->caution() }}</span></p>@endif
                @if ($page->probed() !== '')<p class="probed" role="status"><b>{{ $page->probed() }}</b></p>@endif
            </section>
            @unless ($page->isFinishing())<x-stove.timer :page="$page" />@endunless
            <div class="bigstrip">
                @if ($page->isFinishing())
                    <x-stove.panel.outcome :page="$page" :planned="$page->about()" />
                @elseif ($page->isKeeping())
                    <x-stove.panel.keep :page="$page" />
                @elseif ($page->ticks() !== [])
                    <ol class="ticks" aria-label="{{ $page->title() }}">
                        @foreach ($page->ticks() as $i => $tick)
                            @php($in = in_array($i, $page->course->poured(), true))
                            <li class="{{ $in ? 'done' : ($i === $page->course->nextPour() ? 'next' : 'ahead') }}">
                                <x-stove.form :page="$page" :kind="$in ? 'unpoured' : 'poured'" :fields="['pour' => $i]">
                                    <button class="tick" aria-pressed="{{ $in ? 'true' : 'false' }}"><svg viewBox="0 0 24 24" width="26" height="26" aria-hidden="true"><rect x="2" y="2" width="20" height="20" rx="2" class="box"/><path d="M6 12.500l4.500 4.500L18.500 7" class="mark"/></svg> <b>{{ $tick }}</b></button>
                                </x-stove.form>
                            </li>
                        @endforeach
                    </ol>
                @endif
            </div>
            @unless ($page->isFinishing())
                <section class="below">
                    <div class="then">@if ($page->next() !== '')<p class="next-title"><span class="lbl">{{ __('stove.then') }}</span> {{ $page->next() }}</p>@endif<x-stove.troubles :page="$page" :numbered="! $page->isKeeping()" /></div>
                    <div class="reads"><x-stove.instruments :page="$page" /></div>
                    <x-stove.so-far :page="$page" />
                </section>
            @endunless
            <div class="keys">
                @if ($page->isFinishing())
                    <div><button class="btn btn-primary go" form="outcome" data-key=" ">{{ __('stove.close') }}</button></div>
                @elseif ($page->course->nextPour() !== null)
                    <x-stove.tap :page="$page" kind="poured" :fields="['pour' => $page->course->nextPour()]" key=" " look="btn-primary" class="go figures">{{ $page->ticks()[$page->course->nextPour()] ?? '' }} <kbd aria-hidden="true">{{ __('units.space') }}</kbd></x-stove.tap>
                @else
                    <x-stove.tap :page="$page" kind="done" key=" " look="btn-primary" class="go">{{ __('stove.done') }} <kbd aria-hidden="true">{{ __('units.space') }}</kbd></x-stove.tap>
                @endif
                @foreach ($page->course->step()->tendings as $tending)
                    <x-stove.tap :page="$page" kind="tended" :fields="['choice' => $tending->kind->value]" key="v" class="tend"><span>{{ __('stove.tend.' . $tending->kind->value) }}</span> <time data-ends="{{ $page->course->tendingDue($tending)->format('Uv') }}" data-digits>{{ $page->course->tendingDue($tending)->format('H:i') }}</time></x-stove.tap>
                @endforeach
                <x-stove.undo :page="$page" />
                <x-stove.note :page="$page" />
            </div>
        </article>
        @endfragment
    </div>
</x-layout>
