<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Heat\HeatCapacity;
use Lento\Quantity\Density;

/** Anything that goes into a pot besides the roux: liquids, finishes, vegetables, seasoning. */
final readonly class Ingredient
{
    /**
     * Fractions are by mass. `solids` is all that is neither water, fat nor alcohol; `milkSolids`, `gelatin` and `salt` are parts of it.
     *
     * @param non-empty-string $id
     * @param float $pH
     * @param float $buffer mmol per litre and pH unit
     * @param float $thickening g of flour that would thicken as much, per g
     * @param float $yolk share of egg yolk
     * @param list<Allergen> $allergens
     */
    public function __construct(
        public string $id,
        public Role $role,
        public Density $density,
        public float $water,
        public float $fat,
        public float $solids,
        public float $pH,
        public float $buffer,
        public float $milkSolids = 0.0,
        public float $gelatin = 0.0,
        public float $salt = 0.0,
        public float $alcohol = 0.0,
        public float $thickening = 0.0,
        public float $yolk = 0.0,
        public array $allergens = [],
    ) {}

    /** @return float J/(g K), from the parts */
    public function heatCapacity(): float
    {
        return HeatCapacity::of($this->water, $this->fat, $this->solids, $this->alcohol);
    }
}
