@props(['page'])
<section class="slip" aria-labelledby="slip-title">
    <header><h2 id="slip-title">{{ __('compose.weigh_out') }}</h2>
        <span class="soft">{{ __('compose.time', ['all' => $page->minutesInAll(),
        'hands' => $page->handsOn()]) }}</span></header>
    {{-- Whoever changes a number without seeing the page hears what it has done to the others. --}}
    <p class="visually-hidden" role="status" id="weights">{{ $page->weights() }}</p>
    @if ($page->stale())<p class="stale-note" role="status"><x-icon.mind /> {{ __('compose.stale') }}</p>@endif
    @if ($page->sheet)
        @foreach ($page->chief() as $amount)
            @php([$number, $unit] = $page->shown($amount))
            @php($field = $page->fieldOf($amount))
            <div class="weigh @if ($field && $page->numbers->isGiven($field)) is-given @endif">
                <span class="nm" @if ($field) id="{{ $field }}-name"
                    @endif>{{ ucfirst(App\Format\Words::ingredient($amount->ingredient)) }}@if ($amount->when->value === 'pour'
                    && $page->sheet->question->base->hasRoux()), {{ App\Format\Degrees::text($page->sheet->stair->liquid) }} @endif</span>
                @if ($field)
                    <span class="am"><input id="{{ $field }}" name="{{ $field }}" inputmode="decimal" autocomplete="off"
                        value="{{ $page->numbers->number($field) }}" aria-labelledby="{{ $field }}-name"
                        @if ($page->numbers->isFree($field)) placeholder="{{ $page->numbers->comesTo($field) }}" @endif
                        @if ($page->error($field)) aria-invalid="true" aria-describedby="{{ $field }}-error"
                        @endif><small>{{ $page->numbers->unit($field) }}</small></span>
                @else
                    <span class="am">{{ $number }}<small>{{ $unit }}</small></span>
                @endif
                <span class="km">@if ($field && $page->numbers->isFree($field))<span
                    class="soft">{{ __('compose.held.free') }}</span>@elseif ($field && $page->numbers->isGiven($field))<x-given
                    />@endif {{ $page->kitchen($amount) }}@if ($field && isset($page->onHand->says[$field])) <b
                    class="there">{{ $page->onHand->says[$field] }}</b>@endif</span>
                @if ($field)@if (isset($page->errors[$field]))<x-field-error :page="$page" :field="$field" />@endif @endif
            </div>
        @endforeach
        @if ($page->others() !== '')<p class="others">{{ $page->others() }}</p>@endif
        @if ($page->stair())
            <x-drawing.stair :picture="$page->stair()" id="stair" />
        @endif
        <ul class="warnings" aria-live="polite">
            @foreach ($page->sheet->warnings as $warning)
                <li data-code="{{ $warning->code->value }}"><x-icon.mind /> {{ App\Format\Words::warning($warning) }}</li>
            @endforeach
        </ul>
        <dl class="risks">
            @foreach ($page->risks() as $kind => $risk)
                <div><dt>{{ __('outlook.' . $kind) }}</dt><dd>{{ $risk }}</dd></div>
            @endforeach
        </dl>
        @foreach (App\Pages\Kitchen\LearningPage::origins($page->sheet->question->kitchen) as $origin)<p
            class="origins">{{ $origin }}</p>@endforeach
        <p class="allergens">{{ $page->allergens() }} {{ $page->whole->cost() }}</p>
        @unless ($page->stale())
            <div class="acts">
                <button class="btn btn-primary go" form="cook">{{ __('compose.cook_it') }}</button>
                <a class="btn btn-outline-dark"
                    href="{{ route('sauces.create') }}?{{ $page->question }}@if ($page->version)&version={{ $page->version }}@endif"
                    data-key="v">{{ __('compose.keep_this') }}</a>
                <a class="btn btn-outline-dark" href="{{ $page->compareAddress() }}" data-key="m">{{ __('compose.compare') }}</a>
            </div>
            <p class="more"><a href="#whole">{{ __('compose.to_sheet') }}</a> <a href="{{ route('sheet') }}?{{ $page->question }}"
                data-key="p">{{ __('compose.print') }}</a> @foreach ($page->scaled() as $way)<a href="{{ route('compose', $way['address'])
                }}">{{ $way['name'] }}</a> @endforeach</p>
        @endunless
    @endif
</section>
