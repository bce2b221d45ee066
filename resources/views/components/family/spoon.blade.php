@props(['spoon', 'stem', 'colour', 'id'])
@php
    use Lento\Drawing\SpoonDrawing;
    use Lento\Quantity\Temperature;
    use Lento\Thickness\{EquivalentFlour, Flow};
    $flow = Flow::of($stem->sauce, Temperature::ofCelsius(EquivalentFlour::CELSIUS));
    $d = SpoonDrawing::of($spoon->film->inMillimetres(), $flow->yield, $flow->viscosity(10.0)->pascalSeconds);
@endphp
<svg class="spoon-small" viewBox="0 0 {{ SpoonDrawing::WIDTH - 60 }} {{ SpoonDrawing::HEIGHT }}" aria-hidden="true"><x-drawing.spoon-bowl
    :d="$d" :colour="$colour" :id="$id" /></svg>
