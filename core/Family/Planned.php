<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Quantity\Volume;

/** A sauce that a service needs, before anything is worked out: what it is made from, and how much of it is served. */
final readonly class Planned
{
    /**
     * @param string $sauce id in the catalogue
     * @param Base|null $base null for a derivative
     * @param Derivative|null $derivative null for a base
     * @param string|null $parent the key of what it is made from; null for a base that is made from stock
     * @param float $served litres that are wanted of it as it is
     * @param float $onHand litres in the cold already
     */
    public function __construct(
        public string $key,
        public string $sauce,
        public string $liquid,
        public ?Base $base,
        public ?Derivative $derivative,
        public ?string $parent,
        public float $served = 0.0,
        public float $onHand = 0.0,
    ) {}

    public function serving(Volume $more): self
    {
        return new self(
            $this->key,
            $this->sauce,
            $this->liquid,
            $this->base,
            $this->derivative,
            $this->parent,
            $this->served + $more->inLitres(),
            $this->onHand,
        );
    }

    public function having(Volume $more): self
    {
        return new self(
            $this->key,
            $this->sauce,
            $this->liquid,
            $this->base,
            $this->derivative,
            $this->parent,
            $this->served,
            $this->onHand + $more->inLitres(),
        );
    }

    /** @return float litres to make, when others take so many */
    public function toMake(float $taken): float
    {
        return max(0.0, $this->served + $taken - $this->onHand);
    }
}
