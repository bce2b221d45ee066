@props(['page'])
@php($kinds = $page->instruments())
@if ($kinds !== [])
    {{-- One number, and what read it; the likeliest instrument is chosen already. --}}
    <x-stove.form :page="$page" kind="read" class="instruments" novalidate>
        <div class="seg" role="radiogroup" aria-label="{{ __('stove.readings') }}">
            @foreach ($kinds as $kind)
                <input type="radio" class="btn-check" name="choice" id="read-{{ $kind }}" value="{{ $kind }}"
                    @checked(in_array(old('choice'), $kinds, true) ? old('choice') === $kind : $loop->first)>
                <label for="read-{{ $kind }}"><span>{{ __('stove.read.' . $kind) }}</span>
                    <b>{{ $kind === 'temperature' ? __('stove.read_unit.temperature') . ($page->kitchen->fahrenheit() ? 'F' : 'C')
                    : __('stove.read_unit.' . $kind) }}</b></label>
            @endforeach
        </div>
        @php($wrong = App\Pages\Stove\ReadingFault::first($errors->getMessages(), $kinds))
        <input id="reading" name="value" class="mid" inputmode="decimal" autocomplete="off" aria-label="{{ __('stove.reading') }}"
            value="{{ old('value') }}" data-key="i" @if ($wrong !== '') aria-invalid="true" aria-describedby="reading-error" @endif>
        <button class="btn btn-outline-dark">{{ __('stove.set') }}</button>
        <p class="field-error" id="reading-error" data-error="{{ implode(' ', $kinds) }}" role="alert" @if ($wrong === '') hidden
            @endif><x-icon.mind /> <span>{{ $wrong }}</span></p>
    </x-stove.form>
@endif
