<?php

declare(strict_types=1);

namespace Lento\Larder;

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
}
