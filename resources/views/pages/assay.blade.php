<x-layout :title="__('assay.title')" at="compose" guide="assay">
    <div id="answer" class="assay-wrap">
        @fragment('answer')
        <form id="assay" class="assay" data-asks="#answer" method="post" action="{{ route('assay') }}"
            hx-post="{{ route('assay') }}" enctype="multipart/form-data" hx-encoding="multipart/form-data"
            hx-trigger="submit, input delay:300ms" hx-target="#answer" hx-swap="innerMorph" hx-sync="this:replace">
            @csrf
            @if ($page->found())<input type="hidden" name="source" value="{{ $page->source() }}">@endif
            <section class="recipe" aria-labelledby="assay-title">
                <h1 id="assay-title">{{ __('assay.heading') }}</h1>
                <label class="lbl" for="recipe">{{ __('assay.paste') }}</label>
                <textarea id="recipe" name="recipe" class="mid" rows="9" spellcheck="false" autocomplete="off"
                    placeholder="{{ __('assay.example') }}">{{ $page->text }}</textarea>
                <noscript><button class="btn btn-dark">{{ __('assay.read') }}</button></noscript>
                <p class="soft">{{ __('assay.also') }}</p>
                <label class="lbl" for="file">{{ __('assay.file') }}</label>
                <input id="file" type="file" name="file" class="mid" aria-describedby="file-kinds"
                    accept=".txt,.json,.jsonld,.html,.htm,text/plain,application/json,application/ld+json,text/html">
                <p class="soft" id="file-kinds">{{ __('assay.file_kinds') }}</p>
                @if ($page->found())
                    <fieldset class="several"><legend>{{ __('assay.several') }}</legend>
                        @foreach ($page->found() as $name)
                            <button class="btn btn-outline-dark" name="nth" value="{{ $loop->iteration }}">{{ $name }}</button>
                        @endforeach
                    </fieldset>
                @endif
                @if ($page->assay)
                    <div class="beside-it">
                        @if ($page->asksSpoons())
                            <div><label class="lbl" for="spoons">{{ __('assay.spoons') }}</label>
                                <select id="spoons" name="spoons" class="mid">
                                    @foreach (__('assay.spoons_are') as $value => $name)
                                        <option value="{{ $value }}"
                                            @selected(($page->asked->spoons->value ?? '') === $value)>{{ $name }}</option>
                                    @endforeach
                                </select></div>
                        @endif
                        <div><label class="lbl" for="cook">{{ __('assay.cook') }}</label>
                            <span class="with-unit"><input id="cook" name="cook" class="mid" inputmode="decimal" autocomplete="off"
                                value="{{ $page->asked->cook }}" aria-describedby="cook-unit"> <span id="cook-unit">min</span></span></div>
                    </div>
                @endif
                @if ($page->lines() !== [])
                    <h2>{{ __('assay.understood') }}</h2>
                    <ol class="read">
                        @foreach ($page->lines() as $line)
                            <li class="@if ($line['unread']) unread @endif @if ($line['loose']) loose @endif">
                                <span>{{ $line['text'] }}</span>
                                <b>@if ($line['unread'] || $line['loose'])<x-icon.mind />@endif {{ $line['read'] }}</b>
                                <select name="as[{{ $line['number'] }}]" class="mid"
                                    aria-label="{{ __('assay.taken_for', ['line' => $line['text']]) }}">
                                    <option value="" @selected($line['unread']
                                        && ! isset($page->as[$line['number']]))>{{ $line['id'] === '' ? '–'
                                        : App\Format\Words::ingredient($line['id']) }}</option>
                                    @foreach ($page->known() as $id => $name)<option value="{{ $id }}"
                                        @selected(($page->as[$line['number']] ?? '') === $id)>{{ $name }}</option>@endforeach
                                </select>
                            </li>
                        @endforeach
                    </ol>
                @endif
            </section>
            <section class="verdict" aria-labelledby="verdict-title" aria-live="polite">
                @if ($page->refusal)<p class="field-error"><x-icon.mind /> {{ $page->refusal }}</p>@endif
                @if ($page->asks)
                    <h2 id="verdict-title">{{ __('assay.asks', ['line' => $page->asks]) }}</h2>
                    <p>{{ __('assay.asks_how') }}</p>
                @elseif ($page->assay)
                    <h2 id="verdict-title">{{ $page->verdict() }}</h2>
                    <x-drawing.spoon :picture="$page->spoon()" id="spoon" />
                    <dl class="facts">@foreach ($page->figures() as [$name, $value])<div><dt>{{ $name }}</dt><dd>{{ $value }}</dd>
                        </div>@endforeach</dl>
                    <ul class="warnings">@foreach ($page->assay->warnings as $warning)<li
                        data-code="{{ $warning->code->value }}"><x-icon.mind
                        /> {{ App\Format\Words::warning($warning) }}</li>@endforeach</ul>
                @else
                    <h2 id="verdict-title">{{ __('assay.nothing') }}</h2>
                @endif
            </section>
            @if ($page->brought)
                <section class="bring" aria-labelledby="bring-title">
                    <h2 id="bring-title">{{ __('assay.bring') }}</h2>
                    <div class="seg">
                        @foreach (Lento\Thickness\ThicknessClass::askable() as $class)
                            <input type="radio" class="btn-check" name="to" id="to-{{ $class->value }}" value="{{ $class->value }}"
                                @checked($page->to === $class)>
                            <label for="to-{{ $class->value }}">{{ __('thickness.class.' . $class->value) }}</label>
                        @endforeach
                    </div>
                    <ul class="changed">
                        @foreach ($page->changes() as $change)
                            <li><span>{{ $change['name'] }}</span> <span class="soft">{{ $change['from'] }}</span> <span
                                aria-hidden="true">→</span><span
                                class="visually-hidden">{{ __('assay.becomes') }}</span>
                                <b>{{ $change['to'] }}</b>@if ($change['from'] !== $change['to']) <span role="img"
                                aria-label="{{ __('assay.changed') }}">≠</span>@endif</li>
                        @endforeach
                    </ul>
                    @if ($page->written?->fields)
                        <a class="btn btn-outline-dark" href="{{ route('compose', $page->written->fields->toAddress())
                            }}">{{ __('assay.as_written') }}</a>
                        @if ($page->unplaced() !== '')<p class="soft">{{ $page->unplaced() }}</p>@endif
                        <div class="keep-it"><label class="lbl" for="own-name">{{ __('assay.keep_name') }}</label>
                            <input id="own-name" name="name" form="keep-as-written" class="mid" maxlength="60" required
                                value="{{ $page->ownName() }}" autocomplete="off">
                            <button class="btn btn-outline-dark" form="keep-as-written">{{ __('assay.keep') }}</button></div>
                    @endif
                    <a class="btn btn-primary go" href="{{ route('compose', $page->question->toAddress()) }}">{{ __('assay.into_compose',
                        ['class' => __('thickness.class.' . $page->to->value)]) }}</a>
                </section>
            @endif
        </form>
        @if ($page->written?->fields)
            <form id="keep-as-written" method="post" action="{{ route('sauces.store') }}">
                @csrf<x-once />
                <input type="hidden" name="question" value="{{ $page->writtenQuestion() }}">
            </form>
        @endif
        @endfragment
    </div>
</x-layout>
