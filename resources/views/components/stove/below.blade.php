@props(['page'])
<section class="below">
    <div class="then">
        @if ($page->next())
            <p class="next-title"><span class="lbl">{{ __('stove.then') }}</span> {{ $page->next() }}</p>
            <p class="next-cue">{{ $page->nextCue() }}</p>
        @endif
        @if (in_array($page->panel(), ['keep', 'season', 'pot', 'finishes'], true))<x-stove.ladles :page="$page" />@endif
        @if ($page->makesMore())<p><a class="make-of-it" href="{{ route('pots.make', $page->potId) }}">{{ __('family.make.of_this_pot')
            }}</a></p>@endif
        <x-stove.troubles :page="$page" />
    </div>
    <div class="reads">
        @if (in_array($page->panel(), ['strip', 'stair', 'finishes', 'weigh-now'], true))
            @foreach ($page->watching()->foresees() as $i => $text)<p @class(['first' => $i === 0])>{{ $text }}</p>@endforeach
        @endif
        <div class="hands"><x-stove.heats :page="$page" /><x-stove.instruments :page="$page" /></div>
        @foreach (App\Devices\AtThePot::ignored($page->potId) as $line)<p class="ignored"><x-icon.mind /> {{ $line }}</p>@endforeach
    </div>
    <x-stove.so-far :page="$page" />
</section>
