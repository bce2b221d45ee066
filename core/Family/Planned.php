<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;

/** A sauce that a service needs, before anything is worked out: what it is made from, and how much of it is served. */
final readonly class Planned
{
    public ?Base $base;

    public ?Derivative $derivative;

    public ?string $parent;

    /**
     * @param string $sauce id in the catalogue
     * @param float $served litres that are wanted of it as it is
     * @param float $onHand litres in the cold already
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public string $key,
        public string $sauce,
        public string $liquid,
        Descent $descent,
        public float $served = 0.0,
        public float $onHand = 0.0,
    ) {
        OutOfRange::refuse('amount-served', $served, 0.0, 1e6, 'l');
        OutOfRange::refuse('amount-on-hand', $onHand, 0.0, 1e6, 'l');
        $this->base = $descent->base;
        $this->derivative = $descent->derivative;
        $this->parent = $descent->parent;
    }

    public function serving(Volume $more): self
    {
        return new self(
            $this->key,
            $this->sauce,
            $this->liquid,
            new Descent($this->base, $this->derivative, $this->parent),
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
            new Descent($this->base, $this->derivative, $this->parent),
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
