@props(['page'])
@php($senses = $page->senses())
<p class="soft practice-line">{{ $page->line() }}</p>
<h1 id="practice-title" data-kind="{{ $page->step?->kind->value }}" @class(['long' => mb_strlen($page->title()) > 24])>{{
    $page->title() }}</h1>
<ol class="practice-steps" aria-label="{{ __('practice.sheet') }}">@foreach ($page->sheet() as $one)<li @class([$one['state']])
    @if ($one['state'] === 'now') aria-current="step" @endif>{{ $one['name'] }}</li>@endforeach</ol>
@if ($page->cue() !== '')<p class="does">{{ $page->cue() }}</p>@endif
@if ($page->caution() !== '')<p class="caution" role="note">{{ $page->caution() }}</p>@endif
@if ($page->fault !== '')<p class="field-error" role="alert">{{ $page->fault }}</p>@endif
<dl class="practice-senses">
    <div><dt>{{ __('practice.look_title') }}</dt><dd data-sense="sights">{{ $senses['sights'] }}</dd></div>
    <div><dt>{{ __('practice.smell_title') }}</dt><dd data-sense="smell">{{ $senses['smell'] }}</dd></div>
    <div><dt>{{ __('practice.listen_title') }}</dt><dd data-sense="sound">{{ $senses['sound'] }}</dd></div>
    <div><dt>{{ __('practice.clock_title') }}</dt><dd data-practice-clock>{{ $page->clock() }}</dd></div>
</dl>
@if ($page->read() !== '')<p class="read" role="status">{{ $page->read() }}</p>@endif
@if ($page->isOver())
    <form method="post" action="{{ route('practice.finish', $page->facts->id) }}">@csrf<button class="btn btn-primary go">
        {{ __('practice.leave') }}</button></form>
@else
    <x-practice.form :page="$page" class="measures" :label="__('practice.measures')">
        @foreach ($page->measures() as $kind => $key)
            <button class="btn btn-outline-dark" name="deed" value="{{ $kind }}" data-key="{{ $key }}">{{ __('practice.measure.' .
                $kind) }}
            </button>@endforeach
        @if ($page->isSauce())
            <select name="called" class="mid" aria-label="{{ __('practice.call') }}"><option value="">{{ __('practice.call') }}</option>
                @foreach ($page->calls() as $word => $name)<option value="{{ $word }}">{{ $name }}</option>@endforeach</select>
        @endif
    </x-practice.form>
    @if ($page->isSauce())
        {{-- By itself, so that Enter after the litres puts the stick in. --}}
        <x-practice.form :page="$page" class="measures" :label="__('practice.measure.depth')">
            <input name="litres" class="mid" inputmode="decimal" autocomplete="off" maxlength="20" value="{{ $page->typedLitres() }}"
                aria-label="{{ __('practice.call_litres') }}" placeholder="{{ __('practice.call_litres') }}">
            <button class="btn btn-outline-dark" name="deed" value="depth" data-key="e">{{ __('practice.measure.depth') }}</button>
        </x-practice.form>
    @endif
    @if ($page->isStood())
        <x-practice.form :page="$page" class="heats" :label="__('practice.heat')">
            <span class="lbl">{{ __('practice.heat') }}</span>
            <button class="btn btn-outline-dark" name="deed" value="heat:off" data-key="0"
                aria-pressed="{{ $page->isOff() ? 'true' : 'false' }}" aria-label="{{ __('practice.heat_off') }}">{{ __('practice.off') }}
            </button>
            @foreach (Lento\Heat\HobHeat::cases() as $i => $heat)<button class="btn btn-outline-dark" name="deed"
                value="heat:{{ $heat->value }}" data-key="{{ $i + 1 }}" aria-pressed="{{ $heat === $page->heat() ? 'true' : 'false' }}"
                aria-label="{{ __('practice.heat_to', ['level' => $i + 1, 'name' => __('compose.heats.' . $heat->value)]) }}">
                {{ $i + 1 }}</button>@endforeach
        </x-practice.form>
        @if ($page->isSauce())
            <x-practice.form :page="$page" class="heats" :label="__('practice.hold')">
                <span class="lbl">{{ __('practice.hold') }}</span>
                @foreach (Lento\Pot\SimmerLevel::cases() as $level)<button class="btn btn-outline-dark" name="deed"
                    value="hold:{{ $level->value }}" aria-pressed="{{ $level === $page->simmer() ? 'true' : 'false' }}">
                    {{ __('practice.levels.' . $level->value) }}</button>@endforeach
            </x-practice.form>
        @endif
        <x-practice.form :page="$page" class="hands" :label="__('practice.stir')">
            <button class="btn btn-outline-dark stirs" name="deed" value="stir:{{ $page->isStirred() ? '0' : '1' }}" data-hold="stir"
                data-key="v" aria-pressed="{{ $page->isStirred() ? 'true' : 'false' }}">{{ __('practice.stir') }}</button>
            <select name="where" class="mid" aria-label="{{ __('practice.where_title') }}">@foreach (__('practice.where') as $where =>
                $name)
                <option value="{{ $where }}" @selected($where === $page->played->standing->where->value)>{{ $name
                    }}</option>@endforeach</select>
            @if ($page->isSauce())
                <button class="btn btn-outline-dark" name="deed" value="whisk">{{ __('practice.whisk') }}</button>
                <button class="btn btn-outline-dark" name="deed"
                    value="lid:{{ $page->lid() === Lento\Pot\Lid::Open ? 'covered' : 'open' }}">
                    {{ __('practice.lid.' . $page->lid()->value) }}</button>
                <button class="btn btn-outline-dark" name="deed" value="skim">{{ __('practice.skim') }}</button>
            @endif
        </x-practice.form>
        @foreach ($page->adds() as $i => $add)
            <x-practice.form :page="$page" class="adds" :label="$add['name']">
                <label class="lbl" for="grams-{{ $i }}">{{ __('practice.add_weight', ['what' => $add['name']]) }}</label>
                <input id="grams-{{ $i }}" name="grams" class="mid" inputmode="decimal" autocomplete="off" value="{{ $add['grams'] }}">
                <button class="btn btn-outline-dark" name="deed" value="add:{{ $add['what'] }}">{{ __('practice.add', ['what' =>
                    $add['name']]) }}</button>
                @if ($add['pours'])<button type="button" class="btn btn-outline-dark pours" data-pour="{{ $add['what'] }}"
                    data-rate="{{ $add['rate'] }}" hidden>{{ __('practice.pour_held') }}</button>@endif
            </x-practice.form>
        @endforeach
    @endif
    <x-practice.form :page="$page" class="finishes" :label="$page->doneWords()">
        <button class="btn btn-primary go" name="deed" value="done" data-key="n">{{ $page->doneWords() }}</button>
        @if ($page->mayBeWritten())<button class="btn btn-outline-dark" name="deed" value="written">{{ __('practice.written')
            }}</button>@endif
    </x-practice.form>
    @if ($page->adviceWords() !== '')<p class="advice" data-advice="{{ json_encode($page->adviceDeed()) }}">{{
        $page->adviceWords() }}</p>@endif
    <x-practice.form :page="$page" class="waits" :label="__('practice.steps')">
        <span class="lbl">{{ __('practice.steps') }}</span>
        @foreach (__('practice.wait') as $seconds => $words)<button class="btn btn-outline-dark" name="deed" value="wait:{{ $seconds }}">
            {{ $words }}</button>@endforeach
    </x-practice.form>
@endif
