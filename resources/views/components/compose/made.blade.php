@props(['page'])
{{-- How it is made: the schools, and what else is in the pot. --}}
<section class="made" aria-labelledby="made-title">
    <h2 id="made-title">{{ __('schools.title') }}</h2>
    <div class="choices">
        @if (count($page->kitchen->hobs) > 0)
            <div class="choice">
                <label class="lbl" for="hob">{{ __('compose.hob') }}</label>
                <select id="hob" name="hob" class="mid">
                    @foreach ($page->kitchen->hobs as $id => $hob)<option value="{{ $id }}"
                        @selected((string) $id === $page->fields['hob'])>{{ $hob->name }}</option>@endforeach
                </select>
            </div>
        @endif
        <div class="choice">
            <label class="lbl" for="heat">{{ __('compose.heat') }}</label>
            <select id="heat" name="heat" class="mid">
                @foreach (__('compose.heats') as $heat => $name)<option value="{{ $heat }}"
                    @selected($heat === $page->fields['heat'])>{{ $name }}</option>@endforeach
            </select>
            @if (isset($page->errors['heat']))<x-field-error :page="$page" field="heat" />@endif
        </div>
        @foreach (array_keys($page->schools()) as $name)
            @unless (in_array($name, ['ratio', 'school'], true))<x-compose.choice :page="$page" :name="$name" />@endunless
        @endforeach
    </div>
    <h2>{{ __('compose.in_pot') }}</h2>
    <div class="choices parts">
        @foreach ([['salt', 'salt_target'], ['liquid_salt', 'liquid_salt'], ['oven', 'oven']] as [$field, $label])
            @if ($field !== 'oven' || $page->fields['place'] === 'oven')
                <div class="choice">
                    <label class="lbl" for="{{ $field }}">{{ __('compose.' . $label) }}</label>
                    <input id="{{ $field }}" name="{{ $field }}" class="mid" inputmode="decimal" autocomplete="off"
                        value="{{ $page->fields[$field] }}" placeholder="{{ $page->used($field) }}" @if ($page->error($field))
                        aria-invalid="true" aria-describedby="{{ $field }}-error" @endif>
                    @if (isset($page->errors[$field]))<x-field-error :page="$page" :field="$field" />@endif
                </div>
            @endif
        @endforeach
        @foreach ($page->there() as $field => $label)
            <div class="choice">
                <label class="lbl" for="{{ $field }}">{{ $label }}</label>
                <input id="{{ $field }}" name="{{ $field }}" class="mid" inputmode="decimal" autocomplete="off"
                    value="{{ $page->typedThere($field) }}" @if ($page->error($field)) aria-invalid="true"
                    aria-describedby="{{ $field }}-error" @endif>
                @if (isset($page->errors[$field]))<x-field-error :page="$page" :field="$field" />@endif
            </div>
        @endforeach
        @foreach ($page->parts() as $row)
            @php($part = $row['part'])
            <div class="choice">
                <label class="lbl" for="part-{{ $part->ingredient }}">{{ ucfirst(App\Format\Words::ingredient($part->ingredient)) }},
                    {{ __('units.part.' . $part->measure->value) }}</label>
                <input id="part-{{ $part->ingredient }}" name="part[{{ $part->ingredient }}]" class="mid" inputmode="decimal"
                    autocomplete="off" value="{{ $row['typed'] }}">
                <p class="changes">{{ __($row['typed'] === '0' ? 'compose.left_out' : 'compose.usually', ['usual' => $row['usual']]) }}</p>
            </div>
        @endforeach
    </div>
    @if (isset($page->errors['parts']))<x-field-error :page="$page" field="parts" />@endif
    <x-more :rows="$page->more()" :choices="App\Format\LarderNames::all($page->kitchen)" :units="App\Kitchen\Additions::UNITS"
        id="more" :error="$page->errors['more'] ?? ''" />
</section>
