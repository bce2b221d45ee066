@props(['at'])
<header class="band">
    <a class="brand" href="{{ route('compose') }}"><x-icon.brand /></a>
    <nav class="places" aria-label="{{ __('layout.places') }}">
        @foreach (['compose' => 'C', 'family' => 'F', 'score' => 'S', 'stove' => 'T', 'keep' => 'K', 'log' => 'L'] as $place => $key)
            <a href="{{ route($place === 'score' ? 'score.last' : $place) }}" data-key="{{ strtolower($key) }}"
                @if ($place === $at) aria-current="page" @endif>
                <kbd aria-hidden="true">{{ $key }}</kbd><span>{{ __('layout.' . $place) }}</span>
                @if ($place === $at)<x-icon.swell />@endif
            </a>
        @endforeach
    </nav>
    <div class="where">
        <a href="{{ route('kitchen') }}" data-key="g" @if ($at === 'kitchen') aria-current="page"
            @endif>{{ app(App\Kitchen\Kitchen::class)->name() }}</a>
        <div class="me-next"><x-doors.me /><x-score.mine :hands="$hands" /></div>
        <time class="clock" data-clock="{{ now()->getTimestampMs() }}"
            data-zone="{{ config('app.timezone') }}">{{ now()->format('H:i') }}</time>
        @php($here = request()->route('pot'))
        <a class="btn rescue-link" data-rescue href="{{ route('rescue', $here instanceof App\Models\Pot && $here->finished_at === null
            ? ['pot' => $here->id] : []) }}" data-key="r" @if ($at === 'rescue') aria-current="page" @endif><kbd
            aria-hidden="true">R</kbd> {{ __('rescue.title') }}</a>
    </div>
</header>
<div class="roux-line" aria-hidden="true"></div>
