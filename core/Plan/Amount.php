<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Larder\Allergen;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** One line of the weigh-out sheet. */
final readonly class Amount
{
    /**
     * @param Volume|null $volume what it fills when spooned or poured; null for things counted by the piece
     * @param float|null $pieces for things counted: bay leaves, cloves
     * @param list<Allergen> $allergens
     * @param bool $byTheJug whether a cook measures it by its volume
     */
    public function __construct(
        public string $ingredient,
        public Mass $mass,
        public ?Volume $volume,
        public When $when,
        public ?float $pieces = null,
        public array $allergens = [],
        public bool $byTheJug = false,
    ) {}
}
