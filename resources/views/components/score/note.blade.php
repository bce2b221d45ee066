@props(['page'])
@php($panel = $page->panel)
<section class="score-note" id="note" aria-labelledby="note-title" tabindex="-1">
    <header><h2 id="note-title">{{ $panel->title }}</h2> <p class="placed">{{ $panel->placed() }}</p>
        <a class="btn btn-outline-dark close-note" href="{{ route('score', [$page->serviceId, 'zoom' => $page->asked->zoom]) }}"
            data-key="escape">{{ __('score.note.close') }}</a></header>
    @if ($page->asked->fault !== '')<p class="field-error" role="alert" id="note-fault"><x-icon.mind /> {{ $page->asked->fault }}</p>@endif
    <p class="soft room">{{ $panel->room() }}</p>
    @unless ($panel->isBegun())
        <div class="note-says">
            <x-score.say :page="$page" kind="" :of="$panel->id()" class="when">
                <label for="note-at">{{ __('score.note.at') }}</label>
                <input id="note-at" class="mid" name="at" value="{{ $panel->at }}" size="5" inputmode="numeric"
                    autocomplete="off" @if ($page->asked->fault !== '') aria-invalid="true" aria-describedby="note-fault" @endif>
                <button class="btn btn-primary" name="kind" value="start">{{ __('score.note.move') }}</button>
                <button class="btn btn-outline-dark" name="kind" value="not-before">{{ __('score.note.not_before') }}</button>
            </x-score.say>
            @foreach ($panel->steps() as $way => $clock)
                <x-score.say :page="$page" kind="start" :of="$panel->id()" :fields="['at' => $clock]">
                    <button class="btn btn-outline-dark">{{ $way }}</button>
                </x-score.say>
            @endforeach
            @foreach ($panel->others() as $cook)
                <x-score.say :page="$page" kind="cook" :of="$panel->id()" :fields="['to' => $cook]">
                    <button class="btn btn-outline-dark">{{ __('score.note.cook', ['cook' => $cook]) }}</button>
                </x-score.say>
            @endforeach
            @foreach ($panel->rings() as $ring => $name)
                <x-score.say :page="$page" kind="ring" :of="$panel->stay()?->id ?? ''" :fields="['to' => $ring]">
                    <button class="btn btn-outline-dark">{{ __('score.note.ring', ['ring' => $name]) }}</button>
                </x-score.say>
            @endforeach
            @if ($panel->said() !== null)
                <x-score.unsay :page="$page" :place="$panel->said()">{{ __('score.note.free') }}</x-score.unsay>
            @endif
        </div>
    @endunless
    @if ($panel->served() !== '')
        <x-score.say :page="$page" kind="serve" :of="$panel->task->sauce" class="when">
            <label for="note-served">{{ __('score.note.served', ['sauce' => $panel->sauce]) }}</label>
            <input id="note-served" class="mid" name="at" value="{{ $panel->served() }}" size="5" inputmode="numeric"
                autocomplete="off">
            <button class="btn btn-outline-dark">{{ __('score.note.serve') }}</button>
        </x-score.say>
    @endif
</section>
