<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Heat\PanHeat;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** How long a pot takes to its boil: one heated lump that loses heat through the pan's outside. Source: docs/model.md, E. */
final readonly class TimeToBoil
{
    /**
     * @param float $netFlux W/cm2 that reach the pan's base
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(private Pan $pan, private float $netFlux)
    {
        OutOfRange::refuse('power-of-a-hob', $netFlux, -100.0, 100.0, 'W/cm²');
    }

    /**
     * @param float $heatCapacity J/K of what is in the pan
     *
     * @return Duration|null null where this heat never brings it to the boil
     */
    public function from(Temperature $temperature, float $heatCapacity, float $boilsAt = 100.0): ?Duration
    {
        $area = $this->pan->areaSquareCentimetres();
        $loss = PanHeat::LOSS_PER_CM2 * $area;
        $inTheEnd = PanHeat::AMBIENT + $this->netFlux * $area / $loss;
        $celsius = $temperature->inCelsius();
        if ($celsius >= $boilsAt) {
            return Duration::ofSeconds(0.0);
        }
        if ($inTheEnd <= $boilsAt + 1.0) {
            return null;
        }
        $capacity = $heatCapacity + $this->pan->mass()->inGrams() * PanHeat::METAL_CAPACITY;

        return Duration::ofSeconds($capacity / $loss * log(($inTheEnd - $celsius) / ($inTheEnd - $boilsAt)));
    }
}
