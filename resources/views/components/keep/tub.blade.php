@props(['tub'])
@php
    use Lento\Shelf\TubState;
    [$row, $state] = [$tub->shelf->id, $tub->shelf->state];
    $isGone = $state === TubState::Gone;
@endphp
<section class="tub-now" aria-labelledby="tub-title">
    <h1 id="tub-title">{{ $tub->title() }}</h1>
    <p class="lead-line @if ($tub->shelf->trouble) is-{{ $tub->shelf->sign() }} @endif">{{ $tub->lead() }}
        @if ($tub->binAt() !== '')<span>{{ $tub->binAt() }}</span>@endif</p>
    @if ($errors->any())<p class="field-error" role="alert"><x-icon.mind /> {{ $errors->first() }}</p>@endif
    @if ($tub->picture)<figure><x-drawing.cooling :picture="$tub->picture" id="cooling" />
        <figcaption>@if ($tub->picture->drawing->stands !== '')<span class="is-late"><svg class="key" viewBox="0 0 34 8"
            aria-hidden="true"><path d="M2 4H32" class="s-madder" stroke-width="3" stroke-dasharray="2 6" stroke-linecap="round"/></svg>
            {{ __('keep.stands') }}</span>@endif
            @if ($tub->picture->fix !== '')<span class="is-tick"><svg class="key" viewBox="0 0 34 8" aria-hidden="true"><path d="M2 4H32"
            class="s-herb" stroke-width="4"/></svg> {{ __('keep.with', ['what' => $tub->picture->fix]) }}</span>@endif
            @if ($tub->picture->drawing->doubted !== [])<span class="soft">× {{ __('keep.doubted') }}</span>@endif
        </figcaption></figure>@endif
    @foreach ($tub->drying() as $line)<p>{{ $line }}</p>@endforeach
    @unless ($isGone)
    <div class="tub-acts">
        @php($remedies = $tub->remedies())
        @foreach (array_slice($remedies, 0, 1) as $remedy)<x-keep.tap :tub="$row" :fields="$remedy['fields']"
            class="btn-primary go">{{ $tub->words($remedy) }}</x-keep.tap>@endforeach
        @if ($state === TubState::Kept || $state === TubState::Hot)
            <x-keep.act :tub="$row" kind="taken" :name="__('keep.do.take')" :open="$errors->has('litres') || $errors->has('despite')
                || $errors->has('by')">
                <x-keep.field name="litres" id="take-litres" :label="__('keep.do.litres')" :placeholder="__('keep.do.all')" number />
                <x-keep.field name="for" id="take-for" :label="__('keep.do.for')" longest="200" />
                @if ($tub->shelf->trouble?->isOver())
                    <x-keep.field name="by" id="take-by" :label="__('keep.do.by')" />
                    <x-keep.field name="despite" id="take-despite" :label="__('keep.do.despite')" longest="200" />
                @endif
            </x-keep.act>
        @endif
        @if ($tub->makes())<a class="btn btn-outline-dark" href="{{ route('keep.make', $row) }}">{{ __('keep.make') }}</a>@endif
        @if ($state === TubState::Cooling)
            @if ($lid = $tub->shelf->tub->spot()->otherLid())<x-keep.tap :tub="$row"
                :fields="['kind' => 'moved', 'spot' => $lid->value]">{{ __('keep.do.lid.' . $lid->value) }}</x-keep.tap>@endif
            @unless ($tub->isOnIce())<x-keep.tap :tub="$row"
                :fields="['kind' => 'moved', 'spot' => 'ice-bath-stirred']">{{ __('keep.do.ice') }}</x-keep.tap>@endunless
        @endif
        @if ($state === TubState::Kept)<x-keep.tap :tub="$row"
            :fields="['kind' => 'moved', 'spot' => 'freezer']">{{ __('keep.do.freeze') }}</x-keep.tap>@endif
        @if ($state === TubState::Frozen)<x-keep.tap :tub="$row"
            :fields="['kind' => 'moved', 'spot' => 'fridge']">{{ __('keep.do.thaw') }}</x-keep.tap>@endif
        <x-keep.act :tub="$row" kind="moved" :name="__('keep.do.move')" :open="$errors->has('spot')">
            <x-keep.choice name="spot" id="move-spot" :label="__('keep.do.to')" :options="$tub->spots()" /></x-keep.act>
        <x-keep.act :tub="$row" kind="split" :name="__('keep.do.split')" :open="$errors->has('count')">
            <x-keep.field name="count" id="split-count" :label="__('keep.do.count')" value="2" number />
            <x-keep.choice name="vessel" id="split-vessel" :label="__('keep.do.into')"
                :options="$tub->vesselNames()" /></x-keep.act>
        @if ($tub->mayReheat())<x-keep.act :tub="$row" kind="reheated" :name="__('keep.do.reheat')">
            @foreach ($tub->reheating() as $line)<p>{{ $line }}</p>@endforeach
            <x-keep.field name="celsius" id="reheat-celsius" :label="__('keep.pad.label', ['unit' => $tub->unit()])" number />
            </x-keep.act>@endif
        <x-keep.act :tub="$row" kind="binned" :name="__('keep.do.bin')" :open="$errors->has('reason') || $errors->has('words')">
            <x-keep.choice name="reason" id="bin-reason" :label="__('keep.do.why')" :options="$tub->reasons()" />
            <x-keep.field name="words" id="bin-words" :label="__('keep.do.words')" longest="500" /></x-keep.act>
        <details class="tub-more"><summary class="btn btn-outline-dark">{{ __('keep.do.more') }}</summary><div class="tub-acts">
        @foreach (array_slice($remedies, 1) as $remedy)<x-keep.tap :tub="$row" :fields="$remedy['fields']">{{ $tub->words($remedy)
            }}</x-keep.tap>@endforeach
        @if ($tub->others() !== [])<x-keep.act :tub="$row" kind="together" :name="__('keep.do.together')" :open="$errors->has('to')">
            <x-keep.choice name="to" id="together-to" :label="__('keep.do.with')" :options="$tub->others()" /></x-keep.act>@endif
        <x-keep.act :tub="$row" kind="measured" :name="__('keep.do.measure')">
            <x-keep.field name="litres" id="measure-litres" :label="__('keep.do.measured')" number /></x-keep.act>
        @if (count($tub->probes()) > 1)<x-keep.act :tub="$row" kind="probe" :name="__('keep.do.probe')">
            <x-keep.choice name="device" id="probe-device" :label="__('keep.do.which')" :options="$tub->probes()"
                :chosen="$tub->probe()" /></x-keep.act>@endif
        <x-keep.act :tub="$row" kind="note" :name="__('keep.do.note')">
            <x-keep.field name="text" id="note-text" :label="__('keep.do.text')" longest="2000" /></x-keep.act>
        </div></details>
    </div>
    @endunless
</section>
<section class="tub-side">
    @unless ($isGone || $state === TubState::Frozen)
    <form method="post" action="{{ route('keep.tub', $row) }}" class="probe-pad" data-once data-later
        aria-label="{{ __('keep.pad.title') }}">
        @csrf<x-once /><input type="hidden" name="kind" value="read">
        <label class="lbl" for="celsius">{{ __('keep.pad.label', ['unit' => $tub->unit()]) }}</label>
        <input id="celsius" name="celsius" class="probe" inputmode="decimal" autocomplete="off" maxlength="8" data-key="i"
            @if ($errors->has('celsius')) value="{{ old('celsius') }}" aria-invalid="true" aria-describedby="celsius-error" @endif>
        @error('celsius')<p class="field-error" id="celsius-error"><x-icon.mind /> {{ $message }}</p>@enderror
        <div class="digits" data-pad="celsius" hidden>@foreach (['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '−']
            as $digit)<button type="button" class="btn btn-outline-dark" data-digit="{{ $digit }}">{{ $digit }}</button>@endforeach<button
            type="button" class="btn btn-outline-dark wide" data-digit="">{{ __('keep.pad.clear') }}</button></div>
        <button class="btn btn-primary go">{{ __('keep.pad.log') }}</button>
        <p class="soft">{{ __('keep.pad.how') }} {{ $tub->nextReading() }}</p>
    </form>
    @endunless
    @unless ($isGone)
    <div class="label-beside"><h2>{{ __('keep.label.one') }}</h2>
        <a class="label" href="{{ route('keep.labels', ['tubs' => $row]) }}"><x-keep.label-parts :label="$tub->label()" /></a>
        @if ($tub->siblings() > 1)<a class="btn btn-outline-dark"
            href="{{ route('keep.labels', ['tubs' => 'batch-' . $tub->batchId()]) }}">{{ __('keep.label.all') }}</a>@endif</div>
    @endunless
    <details class="facts-fold" open><summary>{{ __('keep.facts.title') }}</summary>
        <dl class="facts">@foreach ($tub->facts() as $name => $fact)<dt>{{ $name }}</dt><dd>{{ $fact }}</dd>@endforeach</dl></details>
    <details class="said-fold"><summary>{{ __('keep.said.title') }}</summary>
        <ol class="said">@foreach ($tub->said() as $one)<li @if ($one['gone']) class="gone" @endif><span class="at">{{ $one['at'] }}</span>
            <span>{{ $one['what'] }}@if ($one['by'] !== '') <span class="soft">{{ $one['by'] }}</span>@endif @if ($one['gone'])<em>{{
            __('keep.said.gone') }}</em>@endif</span>
            @if ($one['undoes'] !== '')<x-keep.tap :tub="$row" :fields="['kind' => 'undone', 'undoes' => $one['undoes']]">{{
            __('keep.do.undo') }}<span class="visually-hidden">: {{ $one['what'] }}</span></x-keep.tap>@endif</li>@endforeach</ol>
        @if ($tub->saidBefore() !== '')<a href="{{ route('keep.record', ['day' => $tub->day()]) }}">{{ $tub->saidBefore() }}</a>@endif
    </details>
    <p class="soft rules">{{ $tub->rules() }}</p>
</section>
