<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Exception\OutOfRange;
use Lento\Heat\Metal;
use Lento\Heat\PanHeat;
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
        private float $ring = 1.0,
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

    /**
     * On a ring that gives so many times what its marks say.
     *
     * @param float $power 0.5 to 2
     *
     * @throws OutOfRange
     */
    public function onRing(float $power): self
    {
        OutOfRange::refuse('power-of-a-ring', $power, 0.5, 2.0, '');

        return new self($this->pan, $this->mass, $this->base, $this->metal, $this->boilsAt, $this->kitchen, $power);
    }

    /** @return float W/cm2 that comes in at most; what a cook holds at a simmer is held on any ring */
    public function flux(Heating $heating): float
    {
        return $heating->hob === null ? $heating->flux() : $this->ring * $heating->flux();
    }

    /** @return float °C at which a paste settles on it */
    public function held(Heating $heating): float
    {
        return $heating->hob === null
            ? $heating->simmer?->celsius() ?? 0.0
            : PanHeat::AMBIENT + $this->ring * ($heating->hob->heldCelsius() - PanHeat::AMBIENT);
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
