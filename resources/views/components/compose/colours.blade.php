@props(['page'])
@php
    use Lento\Roux\Colour;
    $strip = Lento\Drawing\StripDrawing::of(338, 24, App\Format\StripSamples::all());
@endphp
<svg class="strength" viewBox="0 0 338 27" preserveAspectRatio="none" aria-hidden="true"><path d="{{ $strip->area() }}" class="f-wash"/>
    <path d="{{ $strip->curve }}" class="s-ink" fill="none" stroke-width="2" vector-effect="non-scaling-stroke"/></svg>
<div class="colours">
    @foreach (Colour::cases() as $colour)
        <input type="radio" class="btn-check" name="colour" id="colour-{{ $colour->value }}" value="{{ $colour->value }}"
            @checked($page->fields['colour'] === $colour->value)>
        <label for="colour-{{ $colour->value }}" class="{{ Lento\Drawing\Ink::on($colour->shade()->swatch()->hex())->value }}"><svg
            class="bg" viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
            <rect width="1" height="1" fill="{{ $colour->shade()->swatch()->hex() }}"/></svg><span>{{ __("compose.colour."
            . $colour->value) }} <small>{{ $page->strength($colour) }} %</small></span></label>
    @endforeach
</div>
