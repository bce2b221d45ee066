<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Larder\Allergen;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** One line of the weigh-out sheet. */
final readonly class Amount
{
    public ?Volume $volume;

    public ?float $pieces;

    public bool $byTheJug;

    /**
     * @param list<Allergen> $allergens that it certainly holds
     * @param list<Allergen> $readLabel that it may hold, as its label says
     */
    public function __construct(
        public string $ingredient,
        public Mass $mass,
        Measured $measured,
        public When $when,
        public array $allergens = [],
        public array $readLabel = [],
    ) {
        $this->volume = $measured->volume;
        $this->pieces = $measured->pieces;
        $this->byTheJug = $measured->byTheJug;
    }

    /** A share of it. */
    public function times(float $share): self
    {
        return new self(
            $this->ingredient,
            Mass::ofGrams($share * $this->mass->inGrams()),
            new Measured(
                $this->volume === null ? null : Volume::ofMillilitres($share * $this->volume->inMillilitres()),
                $this->pieces === null ? null : $share * $this->pieces,
                $this->byTheJug,
            ),
            $this->when,
            $this->allergens,
            $this->readLabel,
        );
    }
}
