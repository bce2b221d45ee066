@props(['page', 'row', 'wish', 'open' => false])
{{-- One typed row: how much of it; its sauce, stock and thickness a tap away. --}}
@php
    $liquids = $page->options->liquids($wish['sauce']);
    $wrongs = $page->wrongs($row);
@endphp
<div class="wish">
    <div class="much">
        <x-family.number :page="$page" :row="$row" name="covers" :value="$wish['covers']" :label="__('family.field.covers')" />
        @if ($wish['covers'] !== '')
            <span class="times" aria-hidden="true">×</span>
            <x-family.number :page="$page" :row="$row" name="each" :value="$wish['each']" :label="__('family.field.each')"
                :placeholder="$page->portion()" />
            <input type="hidden" name="wishes[{{ $row }}][litres]" value="{{ $wish['litres'] }}">
        @else
            <x-family.number :page="$page" :row="$row" name="litres" :value="$wish['litres']" :label="__('family.field.litres')" />
            <input type="hidden" name="wishes[{{ $row }}][each]" value="{{ $wish['each'] }}">
        @endif
    </div>
    @foreach ($wrongs as $name => $fault)<p class="field-error" id="wishes-{{ $row }}-{{ $name }}-error"><x-icon.mind
        /> {{ $fault->message() }} {{ __('family.row_left_out') }}</p>@endforeach
    <details class="more" @if ($open) open @endif>
        <summary>{{ $wish['for'] === '' ? __('family.change') : $wish['for'] . ', ' . __('family.change') }}</summary>
        <div class="fields">
            <label class="lbl" for="wishes-{{ $row }}-sauce">{{ __('family.field.sauce') }}</label>
            <select id="wishes-{{ $row }}-sauce" name="wishes[{{ $row }}][sauce]" class="mid">
                <option value="">{{ __('family.no_sauce') }}</option>
                @foreach ($page->options->sauces() as $id => $name)<option value="{{ $id }}"
                    @selected($id === $wish['sauce'])>{{ $name }}</option>@endforeach
            </select>
            @if (count($liquids) > 1)
                <label class="lbl" for="wishes-{{ $row }}-liquid">{{ __('family.field.liquid') }}</label>
                <select id="wishes-{{ $row }}-liquid" name="wishes[{{ $row }}][liquid]"
                    class="mid">@foreach ($liquids as $id => $name)<option value="{{ $id }}"
                    @selected($id === $wish['liquid'])>{{ $name }}</option>@endforeach</select>
            @endif
            <label class="lbl" for="wishes-{{ $row }}-thickness">{{ __('family.field.thickness') }}</label>
            <select id="wishes-{{ $row }}-thickness" name="wishes[{{ $row }}][thickness]" class="mid">
                <option value="">{{ __('family.usual_thickness') }}</option>
                @foreach ($page->options->classes() as $class)<option value="{{ $class->value }}"
                    @selected($class->value === $wish['thickness'])>{{ __('thickness.class.' . $class->value) }}</option>@endforeach
            </select>
            <label class="lbl" for="wishes-{{ $row }}-for">{{ __('family.field.for') }}</label>
            <input id="wishes-{{ $row }}-for" name="wishes[{{ $row }}][for]" class="mid" maxlength="60" autocomplete="off"
                value="{{ $wish['for'] }}">
            @php($late = $page->fault("wishes.$row.at"))
            <label class="lbl" for="wishes-{{ $row }}-at">{{ __('family.field.own_at') }}</label>
            <input id="wishes-{{ $row }}-at" name="wishes[{{ $row }}][at]" class="mid" maxlength="5" autocomplete="off" inputmode="numeric"
                value="{{ $wish['at'] }}" placeholder="{{ $page->fields->at }}"
                @if ($late) aria-invalid="true" aria-describedby="wishes-{{ $row }}-at-error" @endif>
            @if ($late)<p class="field-error" id="wishes-{{ $row }}-at-error"><x-icon.mind /> {{ $late->message() }}</p>@endif
            <label class="check" for="wishes-{{ $row }}-straight"><input type="checkbox" id="wishes-{{ $row }}-straight"
                name="wishes[{{ $row }}][straight]" value="1" @checked($wish['straight'] !== '')> {{ __('family.field.straight') }}</label>
            <button class="btn btn-outline-dark" name="remove" value="{{ $row }}">{{ __('family.remove') }}</button>
        </div>
    </details>
</div>
