@props(['page'])
<section class="see" aria-label="{{ $page->heading() }}">
    <h1>{{ $page->heading() }}</h1>
    @if ($page->sheet)
        <x-drawing.pot :sheet="$page->sheet" :colour="$page->colour()" id="pot" />
    @endif
    <div class="pan-line">
        @foreach (['diameter' => 'pan_width', 'height' => 'pan_height', 'minutes' => 'simmer_minutes'] as $field => $label)
            <div>
                <label class="lbl" for="{{ $field }}">{{ __('compose.' . $label) }}</label>
                <input id="{{ $field }}" name="{{ $field }}" class="mid" inputmode="numeric" autocomplete="off" value="{{ $page->fields[$field] }}" placeholder="{{ $page->used($field) }}" @if ($page->error($field)) aria-invalid="true" aria-describedby="{{ $field }}-error" @endif>
            </div>
        @endforeach
        <div>
            <label class="lbl" for="level">{{ __('compose.simmer_level') }}</label>
            <select id="level" name="level" class="mid">
                @foreach (__('compose.level') as $level => $name)
                    <option value="{{ $level }}" @selected($level === $page->fields['level'])>{{ $name }}</option>
                @endforeach
            </select>
        </div>
    </div>
    @foreach (['diameter', 'height', 'minutes', 'level'] as $field)<x-field-error :page="$page" :field="$field" />@endforeach
    @if ($page->sheet)
        <div class="spoon-row">
            <x-drawing.spoon :sheet="$page->sheet" :colour="$page->colour()" id="spoon" />
            <div>
                <p class="says">{{ __('thickness.spoon.' . $page->sheet->spoon->word()->value) }}</p>
                <p class="line">{{ __('thickness.line.' . ($page->sheet->spoon->lineHolds ? 'holds' : 'runs')) }}</p>
                <p class="sure">{{ $page->thickness() }}</p>
                <p class="soft">{{ __('compose.section', ['mm' => number_format($page->sheet->spoon->film->inMillimetres(), 1)]) }}</p>
            </div>
        </div>
    @endif
    <div class="ratio-row">
        <fieldset>
            <legend class="lbl">{{ __('compose.ratio', ['fat' => $page->fields['fat'] === '' ? __('compose.fat') : App\Format\Words::ingredient($page->fields['fat'])]) }}</legend>
            <div class="seg short">
                @foreach (['0.7' => '0.7 : 1', '1' => '1 : 1', '1.5' => '1.5 : 1', '1.8' => '1.8 : 1'] as $ratio => $name)
                    <input type="radio" class="btn-check" name="ratio" id="ratio-{{ str_replace('.', '-', $ratio) }}" value="{{ $ratio }}" @checked((float) str_replace(',', '.', $page->fields['ratio']) === (float) $ratio)>
                    <label for="ratio-{{ str_replace('.', '-', $ratio) }}">{{ $name }}</label>
                @endforeach
                @unless (in_array((float) str_replace(',', '.', $page->fields['ratio']), [0.7, 1.0, 1.5, 1.8], true))
                    <input type="radio" class="btn-check" name="ratio" id="ratio-own" value="{{ $page->fields['ratio'] }}" checked>
                    <label for="ratio-own">{{ $page->fields['ratio'] }} : 1</label>
                @endunless
            </div>
        </fieldset>
        <div>
            <label class="lbl" for="fat">{{ __('compose.fat') }}</label>
            <select id="fat" name="fat" class="mid">
                @foreach (Lento\Larder\Larder::house()->fatNames() as $fat)
                    <option value="{{ $fat }}" @selected($fat === $page->fields['fat'])>{{ App\Format\Words::ingredient($fat) }}</option>
                @endforeach
            </select>
        </div>
    </div>
    <x-field-error :page="$page" field="ratio" />
    <x-field-error :page="$page" field="fat" />
    @if ($page->sheet)
        <x-drawing.balance :sheet="$page->sheet" :colour="$page->colour()" id="balance" />
    @endif
</section>
