<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Exception\OutOfRange;

/** A base that a service needs. */
final readonly class PlannedBase
{
    /**
     * @param string|null $parent the key of the base it is made from; null for one that is made from stock or milk
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public Base $base,
        public string $liquid,
        public ?string $parent,
        public float $served,
        private Planned $planned,
    ) {
        OutOfRange::refuse('amount-served', $served, 0.0, 1e6, 'l');
    }

    /** @return float litres to make, when others take so many */
    public function toMake(float $taken): float
    {
        return $this->planned->toMake($taken);
    }
}
