@props(['page'])
<div class="strip-tap">
    @foreach ($page->strips() as $strip)<x-drawing.strip :picture="$strip['picture']" :id="$strip['id']" :class="$strip['class']"
        />@endforeach
    @if ($page->takesColour())
        {{-- Six places to tap, each with its name; a finger sets the colour where it lands, a key in the middle of the name. --}}
        <x-stove.form :page="$page" kind="read" :fields="['choice' => 'colour']">
            <div class="colour-taps" role="group" aria-label="{{ __('stove.set_colour') }}">
            @foreach (App\Format\StripSamples::taps() as [$shade, $name])
                <button name="colour" value="{{ $shade }}" data-shade data-darkest="{{ App\Format\StripSamples::DARKEST }}"
                    aria-label="{{ $name }}"></button>
            @endforeach
            </div>
        </x-stove.form>
    @endif
</div>
