@props(['page'])
@php($now = $page->kind() === Lento\Compose\StepKind::Colour || $page->kind() === Lento\Compose\StepKind::LetDown ? $page->pot->roux?->now->shade->value : null)
<div class="strip-tap">
    <x-drawing.strip :sheet="$page->sheet" :now="$now" id="strip" class="wide" /><x-drawing.strip :sheet="$page->sheet" :now="$now" id="strip-narrow" :width="366" class="narrow" />
    @if (in_array($page->kind(), [Lento\Compose\StepKind::Colour, Lento\Compose\StepKind::Bake, Lento\Compose\StepKind::LetDown], true))
        {{-- Six places to tap, each with its name; a finger sets the colour where it lands, a key in the middle of the name. --}}
        <x-stove.form :page="$page" kind="read" :fields="['choice' => 'colour']">
            <div class="colour-taps" role="group" aria-label="{{ __('stove.set_colour') }}">
            @foreach (App\Format\StripSamples::taps() as [$shade, $name])
                <button name="colour" value="{{ $shade }}" data-shade data-darkest="{{ App\Format\StripSamples::DARKEST }}" aria-label="{{ $name }}"></button>
            @endforeach
            </div>
        </x-stove.form>
    @endif
</div>
