<x-layout :title="$page->title()" at="practice">
    <div class="practice" data-practice="{{ $page->facts->id }}" data-trace="{{ json_encode($trace) }}"
        data-names="{{ json_encode(Lento\Practice\Look::NAMES) }}"
        data-says="{{ json_encode(['on' => __('practice.sound_on'), 'off' => __('practice.sound_off'), 'pause' => __('practice.pause'),
            'play' => __('practice.play'), 'slowed' => __('practice.slowed'), 'waiting' => __('practice.waiting'),
            'pouring' => __('practice.pouring'), 'picture' => __('practice.picture')]) }}"
        data-deeds="{{ route('practice.deed', $page->facts->id) }}" data-ahead="{{ route('practice.ahead', $page->facts->id) }}"
        data-back="{{ route('practice.back', $page->facts->id) }}">
        <div class="pan-view">
            <canvas id="pan" width="560" height="560" role="img"
                aria-label="{{ __('practice.picture', ['what' => $page->senses()['sights']]) }}"></canvas>
            <p id="practice-held" class="held" role="status" hidden>{{ __('practice.waiting') }}</p>
        </div>
        <div id="practice-panel" class="practice-panel" data-version="{{ $page->facts->version }}"
            data-second="{{ $page->played->standing->second() }}" data-over="{{ $page->isOver() ? 'yes' : 'no' }}">
            <x-practice.panel :page="$page" />
        </div>
        <p id="practice-said" class="visually-hidden" role="status"></p>
        <footer class="practice-foot">
            <div class="speeds" role="group" aria-label="{{ __('practice.speed') }}" data-speeds hidden>
                <button type="button" class="btn btn-outline-dark" data-play aria-pressed="false" data-key="o">{{ __('practice.play')
                    }}</button>
                @foreach ([1, 4, 15, 60] as $speed)<button type="button" class="btn btn-outline-dark" data-speed="{{ $speed }}"
                    aria-pressed="{{ $speed === 4 ? 'true' : 'false' }}">{{ $speed }}×</button>@endforeach
                <button type="button" class="btn btn-outline-dark" data-sound aria-pressed="false">{{ __('practice.sound_off') }}</button>
                <span id="practice-slow" class="soft" hidden>{{ __('practice.slowed') }}</span>
            </div>
            <form method="post" action="{{ route('practice.back', $page->facts->id) }}" data-practice-back>@csrf<input type="hidden"
                name="at" value="{{ $page->played->standing->second() }}"><button class="btn btn-outline-dark" data-key="z">
                {{ __('practice.back') }}</button></form>
            <form method="post" action="{{ route('practice.finish', $page->facts->id) }}">@csrf<button class="btn btn-outline-dark">
                {{ __('practice.leave') }}</button></form>
            <p class="soft">{{ __('practice.hidden') }} {{ __('practice.never_real') }}</p>
        </footer>
    </div>
</x-layout>
