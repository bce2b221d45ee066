@props(['page'])
<div class="tests">
    <div class="spoon-test">
        <p class="lbl">{{ __('stove.test.spoon') }}</p>
        <div class="taps">
            @foreach ($page->testing()->spoons() as $i => $spoon)
                <x-stove.tap :page="$page" kind="read" :fields="['choice' => 'spoon', 'spoon' => $spoon['word']->value]"
                    :key="(string) ($i + 1)" class="spoon-tap" aria-pressed="{{ $spoon['read'] ? 'true' : 'false' }}"><x-drawing.spoon-tap
                    :spoon="$spoon" :colour="$page->colour()" :id="'spoon-' . $spoon['word']->value" /><span><kbd
                    aria-hidden="true">{{ $i + 1 }}</kbd> {{ __('thickness.spoon.' . $spoon['word']->value) }}</span></x-stove.tap>
            @endforeach
        </div>
    </div>
    <div class="line-test">
        <p class="lbl">{{ __('stove.test.line') }}</p>
        <div class="taps">
            <x-stove.tap :page="$page" kind="read" :fields="['choice' => 'line', 'line' => 'holds']" key="7"><kbd
                aria-hidden="true">7</kbd> {{ __('stove.test.holds') }}</x-stove.tap>
            <x-stove.tap :page="$page" kind="read" :fields="['choice' => 'line', 'line' => 'runs']" key="8"><kbd
                aria-hidden="true">8</kbd> {{ __('stove.test.runs') }}</x-stove.tap>
        </div>
    </div>
    <div class="line-test trail-test">
        <p class="lbl">{{ __('stove.test.trail') }}</p>
        <div class="taps">
            @foreach (Lento\Thickness\TrailWord::cases() as $word)
                <x-stove.tap :page="$page" kind="read" :fields="['choice' => 'trail', 'trail' => $word->value]">{{ __('stove.test.trails.'
                    . $word->value) }}</x-stove.tap>
            @endforeach
        </div>
    </div>
    <div class="line-test ribbon-test">
        <p class="lbl">{{ __('stove.test.ribbon') }}</p>
        <div class="taps">
            <x-stove.tap :page="$page" kind="read" :fields="['choice' => 'ribbon', 'ribbon' => 'holds']">{{ __('stove.test.ribbon_holds')
                }}</x-stove.tap>
            <x-stove.tap :page="$page" kind="read" :fields="['choice' => 'ribbon', 'ribbon' => 'sinks']">{{ __('stove.test.ribbon_sinks')
                }}</x-stove.tap>
        </div>
    </div>
    <div class="verdict" role="status">
        <p class="first">{{ $page->testing()->verdict() }}</p>
        @if ($page->testing()->move() !== '')<p><b>{{ $page->testing()->move() }}</b>, {{ $page->testing()->then() }}</p>@endif
        @if ($page->watching()->catches() !== '')<p class="warns"><x-icon.mind /> <span>{{ $page->watching()->catches() }}</span></p>@endif
    </div>
</div>
