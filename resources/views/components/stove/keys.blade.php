@props(['page'])
<div class="keys">
    @if ($page->kind() === Lento\Compose\StepKind::Finish)
        <button class="btn btn-primary go" form="outcome" data-key=" ">{{ __('stove.close') }}</button>
    @elseif ($page->course->nextPour() !== null)
        <form method="post" action="{{ route('pots.events', $page->potId) }}" data-stove>
            @csrf <x-stove.event kind="poured" :page="$page" /><input type="hidden" name="pour" value="{{ $page->course->nextPour() }}">
            <button class="btn btn-primary go figures" data-key=" ">{{ __('stove.pour_now', ['amount' => $page->pours()[$page->course->nextPour()]['amount']]) }} <kbd aria-hidden="true">{{ __('units.space') }}</kbd></button>
        </form>
    @else
        <form method="post" action="{{ route('pots.events', $page->potId) }}" data-stove>
            @csrf <x-stove.event kind="done" :page="$page" />
            <button class="btn btn-primary go" data-key=" ">{{ __('stove.done') }} <kbd aria-hidden="true">{{ __('units.space') }}</kbd></button>
        </form>
    @endif
    <form method="post" action="{{ route('pots.events', $page->potId) }}" data-stove>
        @csrf <x-stove.event kind="back" :page="$page" />
        <button class="btn btn-outline-dark" data-key="b" @disabled($page->course->current === 0)>{{ __('stove.back') }}</button>
    </form>
    <details class="note-key" @if ($errors->has('text')) open @endif>
        <summary class="btn btn-outline-dark" data-key="n">{{ __('stove.note') }}</summary>
        <form method="post" action="{{ route('pots.events', $page->potId) }}" data-stove>
            @csrf <x-stove.event kind="note" :page="$page" />
            <label for="note-text">{{ __('stove.note_text') }}</label>
            <input id="note-text" name="text" class="mid" maxlength="500" autocomplete="off" required value="{{ old('text') }}">
            <button class="btn btn-dark">{{ __('stove.save') }}</button>
        </form>
    </details>
</div>
