@props(['page'])
@php($tap = $page->testing()->tap())
<div class="keys">
    @if ($page->kind() === Lento\Plan\StepKind::Finish)
        <div><button class="btn btn-primary go" form="outcome" data-key=" ">{{ __('stove.close') }}</button></div>
    @elseif ($page->course->nextAddition() !== null)
        <x-stove.tap :page="$page" kind="poured" :fields="['pour' => $page->course->nextAddition()->id]" key=" " look="btn-primary"
            class="go figures">
            {{ $page->ticks()->next() }} <kbd aria-hidden="true">{{ __('units.space') }}</kbd>
        </x-stove.tap>
    @elseif ($tap && $page->kind() === Lento\Plan\StepKind::Correct)
        <x-stove.tap :page="$page" :kind="$tap['kind']" :fields="$tap['fields']" key=" " look="btn-primary"
            class="go figures">{{ $tap['says'] }} <kbd aria-hidden="true">{{ __('units.space') }}</kbd></x-stove.tap>
        <x-stove.tap :page="$page" kind="done">{{ __('stove.move.leave') }}</x-stove.tap>
    @else
        <x-stove.tap :page="$page" kind="done" :fields="$page->goesTo()" key=" " look="btn-primary" class="go">{{ __('stove.done') }} <kbd
            aria-hidden="true">{{ __('units.space') }}</kbd></x-stove.tap>
    @endif
    @if ($tap && $page->kind() !== Lento\Plan\StepKind::Correct)
        <x-stove.tap :page="$page" :kind="$tap['kind']" :fields="$tap['fields']" key="y">{{ $tap['says'] }}</x-stove.tap>
    @endif
    @foreach ($page->tendings() as $i => $tending)
        <x-stove.tap :page="$page" kind="tended" :fields="['choice' => $tending['kind']]" :key="['v', 'e', 'o'][$i] ?? null"
            class="tend"><span>{{ $tending['done'] }}</span> <time data-ends="{{ $tending['at']->format('Uv') }}"
            data-digits>{{ $tending['at']->format('H:i') }}</time></x-stove.tap>
    @endforeach
    @if ($page->kind() === Lento\Plan\StepKind::Test)
        <x-stove.tap :page="$page" kind="back" key="b">{{ __('stove.simmer_on') }}</x-stove.tap>
    @endif
    <x-stove.undo :page="$page" />
    <x-stove.note :page="$page" />
    @if ($page->kind() !== Lento\Plan\StepKind::Finish)<x-stove.else :page="$page" />@endif
</div>
