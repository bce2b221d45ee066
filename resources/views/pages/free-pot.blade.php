<x-layout :title="$page->title()" at="stove">
    <p id="line-down" class="line-down" role="alert" hidden>{{ __('stove.no_line') }}</p>
    <div id="answer">
        @fragment('answer')
        <article @class(['stove free', 'panel-outcome' => $page->isFinishing()]) @foreach ($page->told() as $attribute => $value)
            {{ $attribute }}="{{ $value }}" @endforeach>
            <p id="stove-wrong" class="field-error" role="alert" hidden></p>
            <x-stove.still-on :page="$page" :since="$untouchedSince" />
            <section class="step">
                <x-stove.whose :page="$page" :about="$page->name" />
                <h1>{{ $page->title() }}</h1>
                @if (! $page->isFinishing())<p class="soft">{{ __('stove.free_hint') }}</p>@endif
            </section>
            @if ($page->isFinishing())
                <div class="bigstrip"><x-stove.panel.outcome :page="$page" /></div>
            @else
                <section class="clockface">
                    @if ($page->course->timerEnds())
                        @php($ends = $page->course->timerEnds())
                        <div class="digits" role="timer" data-ends="{{ $ends->format('Uv') }}"
                            data-whole="{{ round($page->course->timerSeconds()) }}" data-digits>{{ $ends->format('H:i') }}</div>
                    @endif
                    <div class="taps">@foreach ([1, 5, 15] as $minutes)<x-stove.tap :page="$page" kind="more-time"
                        :fields="['seconds' => 60 * $minutes]"
                        :key="$minutes === 1 ? '+' : null">+{{ $minutes }} min</x-stove.tap>@endforeach</div>
                </section>
                <section class="below">
                    <div class="reads"><x-stove.instruments :page="$page" />
                        <p><a class="btn btn-outline-dark"
                            href="{{ route('pots.keep', $page->potId) }}">{{ __('keep.put_away') }}</a></p></div>
                    <div class="reads">
                        <x-stove.form :page="$page" kind="note" class="free-note">
                            <label for="note-text">{{ __('stove.note_text') }}</label>
                            <input id="note-text" name="text" class="mid" maxlength="500" autocomplete="off" data-key="n"
                                value="{{ old('text') }}">
                            <button class="btn btn-outline-dark">{{ __('stove.save') }}</button>
                            <x-stove.error name="text" />
                        </x-stove.form>
                        <div class="taps">
                            @foreach (['stir', 'skim'] as $i => $tend)<x-stove.tap :page="$page" kind="tended"
                                :fields="['choice' => $tend]" :key="['v', 'e'][$i]">{{ __('stove.tend.' . $tend) }}</x-stove.tap>@endforeach
                            @foreach (Lento\Thickness\SpoonWord::cases() as $i => $word)<x-stove.tap :page="$page" kind="read"
                                :fields="['choice' => 'spoon', 'spoon' => $word->value]"
                                :key="(string) ($i + 1)">{{ __('thickness.spoon.' . $word->value) }}</x-stove.tap>@endforeach
                        </div>
                    </div>
                    <x-stove.so-far :page="$page" />
                </section>
            @endif
            <div class="keys">
                @if ($page->isFinishing())
                    <div><button class="btn btn-primary go" form="outcome" data-key=" ">{{ __('stove.close') }}</button></div>
                @else
                    <x-stove.tap :page="$page" kind="done" key=" " look="btn-primary" class="go">{{ __('stove.done') }} <kbd
                        aria-hidden="true">{{ __('units.space') }}</kbd></x-stove.tap>
                @endif
                <x-stove.undo :page="$page" />
            </div>
        </article>
        @endfragment
    </div>
</x-layout>
