@props(['hand', 'i'])
<fieldset class="hand"><legend>{{ $hand->name }}</legend>
    <input type="hidden" name="hands[{{ $i }}][name]" value="{{ $hand->name }}">
    @foreach (['from', 'until'] as $field)
        @php($wrong = $errors->has("hands.{$i}.{$field}"))
        <div class="cell"><label class="lbl" for="hands-{{ $i }}-{{ $field }}">{{ __('kitchen.hands.' . $field) }}</label>
            <input id="hands-{{ $i }}-{{ $field }}" name="hands[{{ $i }}][{{ $field }}]" class="mid" inputmode="numeric" maxlength="5"
                autocomplete="off" value="{{ old("hands.{$i}.{$field}", $hand->{$field}) }}"
                placeholder="{{ __('kitchen.hands.any_' . $field) }}" @if ($wrong) aria-invalid="true"
                aria-describedby="hands-{{ $i }}-{{ $field }}-error" @endif>
            @if ($wrong)<p class="field-error" id="hands-{{ $i }}-{{ $field }}-error"><x-icon.mind />
                {{ $errors->first("hands.{$i}.{$field}") }}</p>@endif</div>
    @endforeach
    <label class="tick-cell"><input type="checkbox" name="hands[{{ $i }}][liaison]" value="yes"
        @checked($hand->liaison)> <span>{{ __('kitchen.hands.liaison') }}</span></label>
</fieldset>
