<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Heat\Metal;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** The pan, and the kitchen it stands in. */
final readonly class HeatedPan
{
    private function __construct(
        public Pan $pan,
        public Mass $mass,
        public PanBase $base,
        public Metal $metal,
        public Temperature $boilsAt,
        public KitchenFactors $kitchen,
    ) {}

    /** @param Mass|null $mass of the empty pan, if it has been weighed */
    public static function of(
        Pan $pan,
        ?Mass $mass = null,
        PanBase $base = PanBase::Medium,
        Metal $metal = Metal::Steel,
        ?Temperature $boilsAt = null,
        ?KitchenFactors $kitchen = null,
    ): self {
        return new self(
            $pan,
            $mass ?? $pan->mass(),
            $base,
            $metal,
            $boilsAt ?? Temperature::ofCelsius(100.0),
            $kitchen ?? KitchenFactors::house(),
        );
    }

    /** @return float J/K of the metal */
    public function heatCapacity(): float
    {
        return $this->mass->inGrams() * $this->metal->capacity();
    }

    /** @return float cm2 */
    public function area(): float
    {
        return $this->pan->areaSquareCentimetres();
    }
}
