@props(['page'])
<section class="ask" aria-label="{{ __('compose.title') }}">
    <button class="btn work-out">{{ __('compose.work_out') }}</button>
    <noscript><button class="btn btn-dark">{{ __('compose.work_out') }}</button></noscript>
    <input type="hidden" name="was" value="{{ $page->fields['sauce'] }}">

    <div class="field">
        <div class="two">
            <div>
                <label class="lbl" for="sauce">{{ __('compose.sauce') }}</label>
                <select id="sauce" name="sauce" class="pick">
                    @foreach ($page->sauces() as $id => $name)
                        <option value="{{ $id }}" @selected($id === $page->fields['sauce'])>{{ $name }}</option>
                    @endforeach
                </select>
            </div>
            <div>
                <label class="lbl" for="liquid">{{ __('compose.liquid') }}</label>
                <select id="liquid" name="liquid" class="pick">
                    @foreach ($page->liquids() as $id => $name)
                        <option value="{{ $id }}" @selected($id === $page->fields['liquid'])>{{ $name }}</option>
                    @endforeach
                </select>
            </div>
        </div>
        <x-field-error :page="$page" field="sauce" />
        <x-field-error :page="$page" field="liquid" />
    </div>

    <fieldset class="field">
        <legend class="visually-hidden">{{ __('compose.how_much') }}</legend>
        <div class="lead">
            <span class="lbl" aria-hidden="true">{{ __('compose.how_much') }}</span>
            <span class="mini" role="radiogroup" aria-label="{{ __('compose.by') }}">
                @foreach (['litres', 'covers'] as $by)
                    <input type="radio" class="btn-check" name="by" id="by-{{ $by }}" value="{{ $by }}" @checked($page->fields['by'] === $by || ($by === 'litres' && $page->fields['by'] !== 'covers'))>
                    <label for="by-{{ $by }}">{{ __('compose.by_' . $by) }}</label>
                @endforeach
            </span>
        </div>
        @if ($page->fields['by'] === 'covers')
            <input type="hidden" name="amount" value="{{ $page->fields['amount'] }}">
            <div class="amount">
                <input id="covers" name="covers" class="big" inputmode="numeric" autocomplete="off" value="{{ $page->fields['covers'] }}" aria-label="{{ __('compose.covers') }}" @if ($page->error('covers')) aria-invalid="true" aria-describedby="covers-error" @endif>
                <span class="unit">× </span>
                <input id="each" name="each" class="big" inputmode="decimal" autocomplete="off" value="{{ $page->fields['each'] }}" aria-label="{{ __('compose.each') }}" @if ($page->error('each')) aria-invalid="true" aria-describedby="each-error" @endif>
                <span class="unit">ml</span>
            </div>
        @else
            <input type="hidden" name="covers" value="{{ $page->fields['covers'] }}">
            <input type="hidden" name="each" value="{{ $page->fields['each'] }}">
            <div class="amount">
                <button class="btn step" name="nudge" value="down" aria-label="{{ __('compose.less') }}">−</button>
                <input id="amount" name="amount" class="big" inputmode="decimal" autocomplete="off" value="{{ $page->fields['amount'] }}" aria-label="{{ __('compose.how_much') }}, {{ __('compose.litres') }}" @if ($page->error('amount')) aria-invalid="true" aria-describedby="amount-error" @endif>
                <span class="unit">{{ $page->fields['unit'] === '' ? 'l' : $page->fields['unit'] }}</span>
                @if ($page->fields['unit'] !== '')<input type="hidden" name="unit" value="{{ $page->fields['unit'] }}">@endif
                <button class="btn step" name="nudge" value="up" aria-label="{{ __('compose.more') }}">+</button>
            </div>
        @endif
        @foreach (['amount', 'unit', 'covers', 'each'] as $field)<x-field-error :page="$page" :field="$field" />@endforeach
    </fieldset>

    <fieldset class="field">
        <legend class="visually-hidden">{{ __('compose.how_thick') }}</legend>
        <div class="lead" aria-hidden="true"><span class="lbl">{{ __('compose.how_thick') }}</span><span class="lbl">{{ __('compose.flour_per_litre') }}</span></div>
        <div class="ladder">
            @foreach ($page->rungs() as $rung)
                <input type="radio" class="btn-check" name="thickness" id="thick-{{ str_replace(['.', ','], '-', $rung['value']) }}" value="{{ $rung['value'] }}" @checked($page->fields['thickness'] === $rung['value'])>
                <label for="thick-{{ str_replace(['.', ','], '-', $rung['value']) }}">
                    <svg class="rung" viewBox="0 0 64 48" preserveAspectRatio="none" aria-hidden="true"><path d="M6 0V48M58 0V48" class="rail-post"/><path d="M7 24H57" class="step-bar" stroke-width="{{ number_format(max(1, min(4, $rung['film']) * 3.4), 1, '.', '') }}"/></svg>
                    <b>{{ $rung['name'] }}</b> <span>{{ $rung['grams'] }}</span>
                </label>
            @endforeach
        </div>
        <x-field-error :page="$page" field="thickness" />
    </fieldset>

    <fieldset class="field">
        <legend class="visually-hidden">{{ __('compose.roux_colour') }}</legend>
        <div class="lead" aria-hidden="true"><span class="lbl">{{ __('compose.roux_colour') }}</span>@if ($page->sheet)<span class="lbl">{{ $page->rouxMinutes() }}, {{ __('compose.strength_left', ['percent' => round(100 * $page->sheet->shade->strength())]) }}</span>@endif</div>
        <x-compose.colours :page="$page" />
        <x-field-error :page="$page" field="colour" />
    </fieldset>

    <fieldset class="field">
        <legend class="lbl">{{ __('compose.school') }}</legend>
        <div class="seg">
            @foreach ($page->schools() as $school)
                <input type="radio" class="btn-check" name="school" id="school-{{ $school }}" value="{{ $school }}" @checked($page->fields['school'] === $school)>
                <label for="school-{{ $school }}">{{ __('compose.schools.' . $school . '.name') }}</label>
            @endforeach
        </div>
        <x-field-error :page="$page" field="school" />
    </fieldset>
</section>
