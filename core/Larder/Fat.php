<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;
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
     * @param bool $makesRoux false for one that only finishes a sauce
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
        public bool $makesRoux = true,
    ) {}

    /**
     * One of the kitchen's own: what is known of it, the rest as in this one.
     *
     * @param non-empty-string $id
     * @param float|null $fat mass fraction, as is $water
     * @param list<Allergen>|null $allergens
     *
     * @throws OutOfRange if a fraction is none or the parts are more than all
     */
    public function similar(
        string $id,
        ?Density $density = null,
        ?float $fat = null,
        ?float $water = null,
        ?Temperature $smokes = null,
        ?Temperature $melts = null,
        ?array $allergens = null,
    ): self {
        $parts = Parts::filled(
            ['fat' => $this->fat, 'water' => $this->water, 'milk solids' => $this->solids],
            ['fat' => $fat, 'water' => $water],
        );

        return new self(
            $id,
            $density ?? $this->density,
            $parts['fat'],
            $parts['water'],
            $parts['milk solids'],
            $smokes ?? $this->smokes,
            $melts ?? $this->melts,
            $allergens ?? $this->allergens,
            $this->makesRoux,
        );
    }

    /** @return float J/K per gram of it, water left out */
    public function dryHeat(): float
    {
        return HeatCapacity::FAT_IN_ROUX * (1.0 - $this->water);
    }

    /** The same cooked until its water is gone: browned or clarified in the pan. */
    public function withoutWater(): self
    {
        $dry = $this->fat + $this->solids;

        return new self(
            $this->id,
            $this->density,
            $this->fat / $dry,
            0.0,
            $this->solids / $dry,
            $this->smokes,
            $this->melts,
            $this->allergens,
            $this->makesRoux,
        );
    }
}
