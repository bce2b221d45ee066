<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/** A flour or starch: what it is made of, how it packs into a cup, and how strongly it thickens. */
final readonly class Thickener
{
    /**
     * @param non-empty-string $id
     * @param float $water mass fraction, as are $starch, $protein, $fat
     * @param float $amylose share of the starch, 0 to 1
     * @param float $power thickening per gram against plain flour = 1
     * @param Temperature $swelling where half of it has gelatinised
     * @param float $longSimmerLoss share of the thickening a very long simmer takes away
     * @param float $rawTaste cereal taste per gram while raw, against plain flour = 1
     * @param list<Allergen> $allergens
     */
    public function __construct(
        public string $id,
        private Density $spooned,
        private Density $scooped,
        private Density $sifted,
        public float $water,
        public float $starch,
        public float $protein,
        public float $fat,
        public float $amylose,
        public float $power,
        public Temperature $swelling,
        public float $longSimmerLoss,
        public float $rawTaste,
        public array $allergens,
    ) {}

    public function density(FlourMeasure $how = FlourMeasure::Spooned): Density
    {
        return match ($how) {
            FlourMeasure::Spooned => $this->spooned,
            FlourMeasure::Scooped => $this->scooped,
            FlourMeasure::Sifted => $this->sifted,
        };
    }
}
