@props(['page', 'planned' => null, 'foreseen' => null, 'kept' => null])
<x-stove.form :page="$page" kind="finished" id="outcome" class="outcome" novalidate>
    <div class="out-volume">
        <label for="volume">{{ $planned === null ? __('stove.volume_free') : __('stove.volume', ['planned' => $planned]) }}</label>
        <div class="with-unit">
            <input id="volume" name="volume" class="big" inputmode="decimal" autocomplete="off" data-first value="{{ old('volume') }}"
                @error('volume') aria-invalid="true" aria-describedby="volume-error" @enderror>
            <div class="seg">
                @foreach (['l', 'kg'] as $unit)
                    <input type="radio" class="btn-check" name="out_unit" id="out-{{ $unit }}" value="{{ $unit }}"
                        @checked(old('out_unit', 'l') === $unit)><label for="out-{{ $unit }}">{{ $unit }}</label>
                @endforeach
            </div>
        </div>
        <x-stove.error name="volume" />
    </div>
    <fieldset class="out-spoon" @error('spoon') aria-describedby="spoon-error" @enderror>
        <legend>{{ __('stove.spoon') }}</legend>
        <div class="seg spoons">
            @foreach (Lento\Thickness\SpoonWord::cases() as $word)
                <input type="radio" class="btn-check" name="spoon" id="spoon-{{ $word->value }}" value="{{ $word->value }}"
                    @checked(old('spoon') === $word->value)>
                <label for="spoon-{{ $word->value }}">{{ __('thickness.spoon.' . $word->value) }}</label>
            @endforeach
        </div>
        <x-stove.error name="spoon" />
    </fieldset>
    <fieldset class="out-colour">
        <legend>{{ __('stove.colour_out') }}</legend>
        <div class="seg">
            @foreach (Lento\Roux\Colour::cases() as $colour)
                <input type="radio" class="btn-check" name="colour" id="colour-{{ $colour->value }}" value="{{ $colour->value }}"
                    @checked(old('colour') === $colour->value)>
                <label for="colour-{{ $colour->value }}">{{ __('compose.colour.' . $colour->value) }}</label>
            @endforeach
        </div>
    </fieldset>
    @foreach (['taste', 'change'] as $field)
        <div class="out-{{ $field }}">
            <label for="{{ $field }}">{{ __('stove.' . $field) }}</label>
            <input id="{{ $field }}" name="{{ $field }}" class="mid" maxlength="500" autocomplete="off" value="{{ old($field) }}">
            <x-stove.error :name="$field" />
        </div>
    @endforeach
    <div class="out-kept">
        @foreach (['hold', 'cool'] as $field)
            <div>
                <label for="{{ $field }}">{{ __('stove.' . $field) }}</label>
                <input id="{{ $field }}" name="{{ $field }}" class="mid" inputmode="decimal" autocomplete="off" value="{{ old($field) }}"
                    @error($field) aria-invalid="true" aria-describedby="{{ $field }}-error" @enderror>
                <x-stove.error :name="$field" />
            </div>
        @endforeach
    </div>
</x-stove.form>
