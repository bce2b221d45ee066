@props(['page', 'pdf' => false])
@php($sheet = $page->sheet)
<section id="whole" class="whole" aria-labelledby="whole-title" tabindex="-1">
    <header><h2 id="whole-title">{{ __('compose.whole_sheet') }}</h2>
        <p class="soft">{{ $page->heading() }}. {{ __('sheet.hands_sum', ['all' => $page->inAll(),
        'hands' => $page->inAll(handsOn: true)]) }}.</p></header>
    <div class="columns">
        <section aria-labelledby="sheet-amounts">
            <h3 id="sheet-amounts">{{ __('sheet.amounts') }}</h3>
            @foreach ($page->amounts() as $when => $lines)
                <h4>{{ __('compose.when.' . $when) }}</h4>
                <ul class="lines">
                    @foreach ($lines as $line)
                        <li><span>{{ $line['name'] }}</span> <b>{{ $line['amount'] }}</b> <span
                            class="soft">{{ $line['about'] }}</span>
                            </li>
                    @endforeach
                </ul>
            @endforeach
            <p class="allergens">{{ $page->allergens() }}</p>
        </section>
        <section aria-labelledby="sheet-set-out">
            <h3 id="sheet-set-out">{{ __('sheet.set_out') }}</h3>
            <ul class="ticks">@foreach ($page->setOut() as $thing)<li>{{ $thing }}</li>@endforeach</ul>
            <h3>{{ __('sheet.figures') }}</h3>
            <ul class="plain">
                <li>{{ $page->salt() }}</li>
                @if ($page->cost())<li>{{ $page->cost() }}</li>@endif
                @if ($page->ifThin())<li>{{ $page->ifThin() }}</li>@endif
            </ul>
        </section>
        <section aria-labelledby="sheet-steps">
            <h3 id="sheet-steps">{{ __('sheet.steps') }}</h3>
            <ol class="work">
                @foreach ($page->steps() as $step)
                    <li><b>{{ $step['title'] }}</b> @if ($step['minutes'] !== '')<span
                        class="soft">{{ $step['minutes'] }}, {{ __($step['hands'] ? 'sheet.hands'
                        : 'sheet.waiting') }}</span>@endif <br>{{ $step['cue'] }}@if ($step['caution'] !== '') <span
                        class="caution">@unless ($pdf)<x-icon.mind /> @endunless{{ $step['caution'] }}</span>@endif</li>
                @endforeach
            </ol>
        </section>
    </div>
    @unless ($pdf)<x-drawing.timeline :sheet="$sheet" id="timeline" />@endunless
</section>
