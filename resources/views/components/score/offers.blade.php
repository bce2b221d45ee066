@props(['page'])
<section class="score-offers" id="offers" aria-labelledby="offers-title">
    <h2 id="offers-title">{{ __('score.offers.title') }}</h2>
    @php($offers = $page->offers())
    @if ($offers === [])<p class="soft">{{ __('score.offers.none') }}</p>@endif
    <ul>@foreach ($offers as $offer)
        <li @class(['best' => $offer['best']])>
            <p>@if ($offer['best'])<span class="mark">{{ __('score.offers.best') }}</span>@endif
                <b>{{ implode('; ', $offer['what']) }}</b> <span class="cost">{{ implode('; ', $offer['cost']) }}</span></p>
            <x-score.say :page="$page" kind="" of="" :fields="$offer['fields']">
                <button @class(['btn', 'btn-primary' => $offer['best'], 'btn-outline-dark' => !$offer['best']])>{{ __('score.offers.take')
                    }}<span class="visually-hidden">: {{ implode('; ', $offer['what']) }}</span></button></x-score.say></li>
    @endforeach
    @if ($leave = $page->canLeave())
        <li><p><b>{{ __('score.offers.leave') }}</b> <span class="cost">{{ $leave['cost'] }}</span></p>
            <x-score.say :page="$page" kind="leave" :of="$leave['of']">
                <button class="btn btn-outline-dark">{{ __('score.offers.take') }}<span
                    class="visually-hidden">: {{ __('score.offers.leave') }}</span></button></x-score.say></li>
    @endif</ul>
</section>
