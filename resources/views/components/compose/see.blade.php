@props(['page'])
<section class="see" aria-label="{{ $page->heading() }}">
    <h1>{{ $page->heading() }}</h1>
    @if ($page->sheet)
        <x-drawing.pot :picture="$page->pot()" id="pot" :drag="$page->levelHandle()" />
    @endif
    <p class="sentence">
        <label for="pan">{{ __('compose.pan_name') }}</label>
        <select id="pan" name="pan" class="mid grow">
            @foreach ($page->kitchen->pans as $id => $pan)
                <option value="{{ $id }}" @selected((string) $id === $page->fields['pan'])>{{ $pan->name }}</option>
            @endforeach
            <option value="" @selected(! isset($page->kitchen->pans[(int) $page->fields['pan']]))>{{ __('compose.other_pan') }}</option>
        </select>
        @foreach (['diameter' => 'pan_width', 'height' => 'pan_height'] as $field => $label)
            <input id="{{ $field }}" name="{{ $field }}" class="mid number" inputmode="numeric" autocomplete="off"
                value="{{ $page->fields[$field] }}" placeholder="{{ $page->used($field) }}" aria-label="{{ __('compose.' . $label) }}"
                @if ($page->error($field)) aria-invalid="true" aria-describedby="{{ $field }}-error" @endif>
            @if ($loop->first)<span aria-hidden="true">×</span>@endif
        @endforeach
        <span aria-hidden="true">mm</span>
    </p>
    <p class="sentence">
        <label for="minutes">{{ __('compose.simmer_word') }}</label>
        <input id="minutes" name="minutes" class="mid number" inputmode="numeric" autocomplete="off"
            value="{{ $page->fields['minutes'] }}" placeholder="{{ $page->used('minutes') }}"
            aria-label="{{ __('compose.simmer_minutes') }}" @if ($page->error('minutes')) aria-invalid="true"
            aria-describedby="minutes-error" @endif>
        <span aria-hidden="true">{{ __('compose.min_or') }}</span>
        <input id="reduce" name="reduce" class="mid number" inputmode="numeric" autocomplete="off" value="{{ $page->fields['reduce'] }}"
            placeholder="{{ $page->used('reduce') }}" aria-label="{{ __('compose.minutes_or') }}" @if ($page->error('reduce'))
            aria-invalid="true" aria-describedby="reduce-error" @endif>
        <span aria-hidden="true">{{ __('compose.percent_off') }}</span>
        <select id="level" name="level" class="mid grow" aria-label="{{ __('compose.simmer_level') }}">
            @foreach (__('compose.level') as $level => $name)
                <option value="{{ $level }}" @selected($level === $page->fields['level'])>{{ $name }}</option>
            @endforeach
        </select>
    </p>
    @if ($page->kitchen->pans === [])<p class="cue">{{ __('compose.no_pan') }} <a
        href="{{ route('kitchen') }}#pans">{{ __('compose.measure_pan') }}</a></p>@endif
    @if ($page->panRead() !== '')<p class="cue">{{ $page->panRead() }}</p>@endif
    @if ($page->changedWithLiquid() !== '')<p class="cue" role="status">{{ $page->changedWithLiquid() }}</p>@endif
    @foreach (['pan', 'diameter', 'height', 'minutes', 'reduce', 'level'] as $field) @if (isset($page->errors[$field]))<x-field-error
        :page="$page" :field="$field" />@endif @endforeach
    @if ($page->sheet)
        <div class="spoon-row">
            <x-drawing.spoon :picture="$page->spoon()" id="spoon" />
            <div>
                <p class="says">{{ __('thickness.spoon.' . $page->sheet->spoon->word()->value) }}</p>
                <p class="line">{{ __('thickness.line.' . ($page->sheet->spoon->lineHolds ? 'holds' : 'runs')) }}</p>
                <p class="sure">{{ $page->thickness() }}</p>
                <p class="soft">{{ __('compose.section', ['mm' => number_format($page->sheet->spoon->film->inMillimetres(), 1)]) }}</p>
            </div>
        </div>
    @endif
    @if ($page->sheet === null || $page->sheet->question->base->hasRoux())
        <div class="roux-row">
            <div>
                <label class="lbl" for="fat">{{ __('compose.fat') }}</label>
                <select id="fat" name="fat" class="mid">
                    @foreach ($page->fats() as $id => $name)
                        <option value="{{ $id }}" @selected($id === $page->fields['fat'])>{{ $name }}</option>
                    @endforeach
                </select>
            </div>
            @foreach (['ratio', 'school'] as $name)
                @if ($name === 'ratio' && $page->heldRatio() !== '')
                    <div class="choice"><span class="lbl">{{ __('schools.ratio.q') }}</span>
                        <p class="held-ratio"><b>{{ $page->heldRatio() }}</b> {{ __('compose.held.held') }}</p></div>
                    @continue
                @endif
                <x-compose.choice :page="$page" :name="$name" />
            @endforeach
        </div>
        @if (isset($page->errors['fat']))<x-field-error :page="$page" field="fat" />@endif
        @if ($page->sheet)
            <x-drawing.balance :sheet="$page->sheet" :colour="$page->colour()" id="balance"
                :drag="$page->heldRatio() === '' ? 'choose-ratio' : null" />
        @endif
    @endif
</section>
