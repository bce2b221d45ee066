@props(['page'])
<section class="slip" aria-labelledby="slip-title" aria-live="polite">
    <header><h2 id="slip-title">{{ __('compose.weigh_out') }}</h2><span class="soft">{{ __('compose.time', ['all' => $page->minutesInAll(), 'hands' => $page->handsOn()]) }}</span></header>
    @if ($page->stale())<p class="stale-note"><x-icon.mind /> {{ __('compose.stale') }}</p>@endif
    @if ($page->sheet)
        @foreach ($page->chief() as $amount)
            @php([$number, $unit] = $page->shown($amount))
            <div class="weigh">
                <span class="nm">{{ ucfirst(App\Format\Words::ingredient($amount->ingredient)) }}@if ($amount->when->value === 'pour'), {{ round($page->sheet->stair->liquid->inCelsius()) }} °C @endif</span>
                <span class="am">{{ $number }}<small>{{ $unit }}</small></span>
                <span class="km">{{ $page->kitchen($amount) }}</span>
            </div>
        @endforeach
        @if ($page->others() !== '')<p class="others">{{ $page->others() }}</p>@endif
        <x-drawing.stair :sheet="$page->sheet" :colour="$page->colour()" id="stair" />
        <ul class="warnings">
            @foreach ($page->sheet->warnings as $warning)
                <li data-code="{{ $warning->code->value }}"><x-icon.mind /> {{ App\Format\Words::warning($warning) }}</li>
            @endforeach
        </ul>
        <dl class="risks">
            @foreach ($page->risks() as $kind => $risk)
                <div><dt>{{ __('outlook.' . $kind) }}</dt><dd>{{ $risk }}</dd></div>
            @endforeach
        </dl>
        <p class="allergens">{{ __('compose.allergens', ['list' => $page->allergens()]) }}</p>
        @unless ($page->stale())
            <div class="acts">
                <form method="post" action="{{ route('pots.store') }}">
                    @csrf
                    <input type="hidden" name="question" value="{{ $page->question }}">
                    <button class="btn btn-primary go">{{ __('compose.cook_it') }}</button>
                </form>
                <details class="keep">
                    <summary class="btn btn-outline-dark">{{ session('kept') ? __('compose.kept_now', ['name' => session('kept')]) : __('compose.keep_this') }}</summary>
                    <div class="kept">
                        <form method="post" action="{{ route('sauces.store') }}">
                            @csrf
                            <input type="hidden" name="question" value="{{ $page->question }}">
                            <label class="lbl" for="keep-name">{{ __('compose.keep_as') }}</label>
                            <input id="keep-name" name="name" class="mid" required maxlength="60" value="{{ App\Format\Words::sauce($page->sheet->question) }}">
                            <button class="btn btn-dark">{{ __('compose.keep') }}</button>
                        </form>
                        @if ($page->kept !== [])
                            <h3>{{ __('compose.kept') }}</h3>
                            <ul>
                                @foreach ($page->kept as $kept)
                                    <li><a href="{{ route('compose', $kept['address']) }}">{{ $kept['name'] }}</a></li>
                                @endforeach
                            </ul>
                        @endif
                    </div>
                </details>
            </div>
        @endunless
    @endif
</section>
