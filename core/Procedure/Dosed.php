<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** A dose for this pot: what it is, and what it weighs. */
final readonly class Dosed
{
    /** @param Ingredient|Fat|null $kind null for what only flavours and has no place in the larder */
    private function __construct(public Dose $dose, public Mass $mass, public float $amount, public Ingredient|Fat|null $kind) {}

    /**
     * @param Volume $of what its amount is reckoned by
     *
     * @return list<self> those of an act that are not left out
     */
    public static function all(Act $act, Volume $of, Larder $larder): array
    {
        return array_map(
            static fn(Dose $dose): self => new self($dose, $dose->mass($of, $larder), $dose->amount($of), $dose->kind($larder)),
            array_values(array_filter($act->doses, static fn(Dose $dose): bool => $dose->perLitre > 0.0)),
        );
    }

    /** Whether it is what fries, and not the fat it fries in or the spice beside it. */
    public function isFried(): bool
    {
        return $this->kind instanceof Ingredient && $this->dose->fate !== Fate::Flavours;
    }

    public function isVegetable(): bool
    {
        return $this->kind instanceof Ingredient && $this->kind->role === Role::Vegetable;
    }
}
