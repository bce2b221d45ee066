@props(['rows', 'choices', 'units', 'id', 'error' => ''])
{{-- What a cook adds of their own: anything of the larder, any amount, at any place of the work. One row more than there is. --}}
<fieldset class="more-rows" @if ($error !== '') aria-describedby="{{ $id }}-error" @endif>
    <legend class="lbl">{{ __('compose.extra.title') }}</legend>
    @foreach ([...$rows, ['what' => '', 'amount' => '', 'unit' => $units[0], 'place' => 'last']] as $i => $row)
        <div class="more-row">
            <select name="add[{{ $i }}][what]" class="mid" aria-label="{{ __('compose.extra.what', ['n' => $i + 1]) }}">
                <option value="">{{ __('compose.extra.nothing') }}</option>
                @foreach ($choices as $name => $text)<option value="{{ $name }}"
                    @selected($name === $row['what'])>{{ $text }}</option>@endforeach
                @if ($row['what'] !== '' && ! isset($choices[$row['what']]))<option value="{{ $row['what'] }}"
                    selected>{{ $row['what'] }}</option>@endif
            </select>
            <input name="add[{{ $i }}][amount]" class="small" inputmode="decimal" autocomplete="off" value="{{ $row['amount'] }}"
                aria-label="{{ __('compose.extra.amount', ['n' => $i + 1]) }}"
                @if ($error !== '' && $row['what'] !== '') aria-invalid="true" @endif>
            <select name="add[{{ $i }}][unit]" class="mid" aria-label="{{ __('compose.extra.unit', ['n' => $i + 1]) }}">
                @foreach ($units as $unit)<option value="{{ $unit }}"
                    @selected($unit === $row['unit'])>{{ __('compose.extra.units')[$unit] ?? $unit }}</option>@endforeach
                @unless (in_array($row['unit'], $units, true))<option value="{{ $row['unit'] }}"
                    selected>{{ $row['unit'] }}</option>@endunless
            </select>
            <select name="add[{{ $i }}][place]" class="mid" aria-label="{{ __('compose.extra.place', ['n' => $i + 1]) }}">
                @foreach (__('compose.extra.places') as $place => $text)<option value="{{ $place }}"
                    @selected($place === $row['place'])>{{ $text }}</option>@endforeach
            </select>
        </div>
    @endforeach
    @if ($error !== '')<p class="field-error" id="{{ $id }}-error" role="alert"><x-icon.mind /> <span>{{ $error }}</span></p>@endif
</fieldset>
