@props(['page'])
<section class="ask" aria-label="{{ __('compose.title') }}">
    <button class="btn work-out">{{ __('compose.work_out') }}</button>
    <noscript><button class="btn btn-dark">{{ __('compose.work_out') }}</button></noscript>
    @foreach ($page->seen() as $name => $value)<input type="hidden" name="seen[{{ $name }}]" value="{{ $value }}">@endforeach
    @if ($page->version)<input type="hidden" name="version" value="{{ $page->version }}">@endif

    <div class="field">
        <div class="two">
            <div>
                <label class="lbl" for="sauce">{{ __('compose.sauce') }}</label>
                <select id="sauce" name="sauce" class="pick">
                    @foreach (App\Format\Words::bases() as $id => $name)
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
        @if (isset($page->errors['sauce']))<x-field-error :page="$page" field="sauce" />@endif
        @if (isset($page->errors['liquid']))<x-field-error :page="$page" field="liquid" />@endif
    </div>

    <x-compose.how-much :page="$page" />

    <fieldset class="field">
        <legend class="visually-hidden">{{ __('compose.how_thick') }}</legend>
        @if ($page->isHeld())
            <input type="hidden" name="thickness" value="{{ $page->fields['thickness'] }}">
            <p class="cue comes-out" role="status"><b>{{ $page->comesOut() }}</b>@foreach ($page->brings() as $way)
                {{ $way }}@endforeach</p>
        @else<div class="lead">
            <span class="lbl" aria-hidden="true">{{ __('compose.how_thick') }}</span>
            <span class="lbl with-input"><label for="thickness" class="visually-hidden">{{ __('compose.thickness_field') }}</label>
                <input id="thickness" name="thickness" class="small" inputmode="decimal" autocomplete="off"
                value="{{ $page->error('thickness') ? $page->fields['thickness'] : $page->thicknessGrams() }}"
                @if ($page->error('thickness')) aria-invalid="true" aria-describedby="thickness-error"
                @endif> {{ __('compose.flour_per_litre') }}</span>
        </div>@endif
        <x-compose.ladder :page="$page" />
        @if (isset($page->errors['thickness']))<x-field-error :page="$page" field="thickness" />@endif
    </fieldset>

    @if ($page->sheet === null || $page->sheet->question->base->hasRoux())
        <fieldset class="field">
            <legend class="visually-hidden">{{ __('compose.roux_colour') }}</legend>
            <div class="lead" aria-hidden="true"><span class="lbl">{{ __('compose.roux_colour') }}</span>@if ($page->sheet)<span
                class="lbl">{{ $page->rouxMinutes() }}, {{ __('compose.strength_left',
                ['percent' => round(100 * $page->sheet->shade->strength())]) }}</span>@endif</div>
            <x-compose.colours :page="$page" />
            <p class="cue">{{ ucfirst(__('steps.colour.' . $page->fields['colour'] . '.look')) }}; {{ __('steps.colour.'
                . $page->fields['colour'] . '.smell') }}. <span class="soft nowrap">{{ $page->hobSetting() }}</span></p>
            @if ($page->weakHob())<p class="cue soft">{{ __('compose.weak_hob', ['heat' => __('compose.heats.'
                . $page->sheet->question->heat->value)]) }}</p>@endif
            @if (isset($page->errors['colour']))<x-field-error :page="$page" field="colour" />@endif
        </fieldset>
    @endif
</section>
