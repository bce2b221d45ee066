<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Heat\HeatCapacity;
use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/** A fat a roux can be made with. */
final readonly class Fat
{
    /**
     * @param non-empty-string $id
     * @param float $fat mass fraction of pure fat, as are $water and $solids
     * @param list<Allergen> $allergens
     */
    public function __construct(
        public string $id,
        public Density $density,
        public float $fat,
        public float $water,
        public float $solids,
        public Temperature $smokes,
        public Temperature $melts,
        public array $allergens,
    ) {}

    /** @return float J/K per gram of it, water left out */
    public function dryHeat(): float
    {
        return HeatCapacity::FAT_IN_ROUX * (1.0 - $this->water);
    }

    /** The same cooked until its water is gone: browned or clarified in the pan. */
    public function withoutWater(): self
    {
        $dry = $this->fat + $this->solids;

        return new self($this->id, $this->density, $this->fat / $dry, 0.0, $this->solids / $dry, $this->smokes, $this->melts, $this->allergens);
    }
}
