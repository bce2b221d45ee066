@props(['page'])
<form id="outcome" class="outcome" method="post" action="{{ route('pots.events', $page->potId) }}" novalidate>
    @csrf <x-stove.event kind="finished" :page="$page" />
    <div class="out-volume">
        <label for="volume">{{ __('stove.volume', ['planned' => App\Format\Litres::of($page->sheet->question->yield)->text()]) }}</label>
        <input id="volume" name="volume" class="big" inputmode="decimal" autocomplete="off" value="{{ old('volume') }}" @error('volume') aria-invalid="true" aria-describedby="volume-error" @enderror>
        @error('volume')<p class="field-error" id="volume-error"><x-icon.mind /> {{ $message }}</p>@enderror
    </div>
    <fieldset class="out-spoon" @error('spoon') aria-describedby="spoon-error" @enderror>
        <legend>{{ __('stove.spoon') }}</legend>
        <div class="seg spoons">
            @foreach (Lento\Thickness\SpoonWord::cases() as $word)
                <input type="radio" class="btn-check" name="spoon" id="spoon-{{ $word->value }}" value="{{ $word->value }}" @checked(old('spoon') === $word->value)>
                <label for="spoon-{{ $word->value }}">{{ __('thickness.spoon.' . $word->value) }}</label>
            @endforeach
        </div>
        @error('spoon')<p class="field-error" id="spoon-error"><x-icon.mind /> {{ $message }}</p>@enderror
    </fieldset>
    <div class="out-taste">
        <label for="taste">{{ __('stove.taste') }}</label>
        <input id="taste" name="taste" class="mid" maxlength="500" autocomplete="off" value="{{ old('taste') }}">
    </div>
</form>
