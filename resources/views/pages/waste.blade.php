<x-layout :title="__('keep.waste.title')" at="keep">
    <div class="folio waste">
        <nav class="inside" aria-label="{{ __('keep.nav.label') }}"><a href="{{ route('keep') }}">‹ {{ __('keep.shelves') }}</a>
            <a href="{{ route('keep.record') }}">{{ __('keep.nav.record') }}</a></nav>
        <h1>{{ __('keep.waste.title') }}</h1>
        <section id="par" aria-labelledby="par-title"><h2 id="par-title">{{ __('keep.par.title') }}</h2>
            @if ($page->toMake->service !== '')<p class="soft">{{ __('keep.par.with', ['service' => $page->toMake->service]) }}</p>@endif
            <ul class="pars">@foreach ($page->toMake->lines as $line)<li>
                <b>{{ $page->name($line['par']->sauce, $line['par']->liquid) }}</b>
                <span>{{ __('keep.par.line', ['par' => App\Format\Litres::of(Lento\Quantity\Volume::ofLitres($line['par']->litres))->text(),
                    'there' => App\Format\Litres::of($line['there'])->text()]) }}{{ $page->parMore($line) }}</span>
                @if ($line['make']->cubicMetres > 0)<a class="btn btn-primary" href="{{ $page->makes($line) }}">{{ __('keep.par.make',
                    ['litres' => App\Format\Litres::of($line['make'])->text()]) }}</a>@else<span class="is-tick"><x-icon.sign sign="tick" />
                    {{ __('keep.par.enough') }}</span>@endif</li>@endforeach</ul>
            <form method="post" action="{{ route('keep.par') }}" class="row-form">@csrf
                <x-keep.choice name="base" id="par-base" :label="__('keep.par.base')" :options="$page->bases()" />
                <x-keep.field name="litres" id="par-litres" :label="__('keep.par.litres')" number />
                <button class="btn btn-outline-dark">{{ __('keep.par.save') }}</button></form>
        </section>
        <section aria-labelledby="waste-title"><h2 id="waste-title">{{ $page->week() }}</h2>
            <p><a href="{{ route('keep.waste', ['week' => $page->other(-1)]) }}" rel="prev">{{ __('keep.waste.before') }}</a>
                <a href="{{ route('keep.waste', ['week' => $page->other(1)]) }}" rel="next">{{ __('keep.waste.after') }}</a></p>
            @if ($page->waste->lines === [])<p class="empty">{{ __('keep.waste.none') }}</p>@else
            <p class="total"><b>{{ $page->total() }}</b></p>
            <ul class="reasons">@foreach ($page->reasons() as $reason)<li>{{ $reason }}</li>@endforeach</ul>
            <ul class="waste-lines">@foreach ($page->waste->lines as $line)<li><span class="at">{{ $line['at']->format('D H:i') }}</span>
                <a href="{{ route('keep.tub', $line['tub']) }}">{{ $line['name'] }}, {{ $line['code'] }}</a>
                <b>{{ App\Format\Litres::of($line['volume'])->text() }}</b>
                <span>{{ __('keep.reasons.' . $line['reason']) }}</span> <span>{{ $page->money($line['cost']) }}</span></li>@endforeach</ul>
            @endif
        </section>
    </div>
</x-layout>
