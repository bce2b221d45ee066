<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\OutOfRange;
use Lento\Larder\Allergen;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** One thing to have ready for a service, summed over all its pots. */
final readonly class ShoppingLine
{
    /**
     * @param Volume|null $volume what it fills, where it is poured or spooned
     * @param float|null $pieces where it is counted
     * @param list<Allergen> $allergens
     * @param array<string, Mass> $for by the key of the sauce that wants it
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public string $ingredient,
        public Mass $mass,
        public ?Volume $volume,
        public ?float $pieces,
        public array $allergens,
        public array $for,
    ) {
        OutOfRange::refuse('pieces', $pieces ?? 0.0, 0.0, 1e6, '');
    }

    public function boughtAs(): BoughtAs
    {
        return BoughtAs::of($this->ingredient);
    }

    /** @return int<0, max> */
    public function packs(): int
    {
        return $this->boughtAs()->packs($this->mass, $this->volume?->inMillilitres(), $this->pieces);
    }

    public function plus(self $other): self
    {
        $for = $this->for;
        foreach ($other->for as $key => $mass) {
            $for[$key] = Mass::ofGrams(($for[$key] ?? Mass::ofGrams(0.0))->inGrams() + $mass->inGrams());
        }

        return new self(
            $this->ingredient,
            Mass::ofGrams($this->mass->inGrams() + $other->mass->inGrams()),
            $this->volume === null || $other->volume === null
                ? $this->volume ?? $other->volume
                : Volume::ofMillilitres($this->volume->inMillilitres() + $other->volume->inMillilitres()),
            $this->pieces === null && $other->pieces === null ? null : ($this->pieces ?? 0.0) + ($other->pieces ?? 0.0),
            Allergen::among($this->allergens, $other->allergens),
            $for,
        );
    }
}
