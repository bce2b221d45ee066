<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use Lento\Exception\LentoException;
use Lento\Exception\Unknown;
use Lento\Family\Derivative;
use Lento\Family\Derived;
use Lento\Family\Deriving;
use Lento\Family\Stem;
use Lento\Pot\Straining;
use Lento\Quantity\Volume;

/** A base that is there, in a pot or in a tub, and what is made of it: as much of it and as thick as it is. */
final readonly class BaseInHand
{
    public function __construct(
        public string $name,
        public Stem $stem,
        private string $sauce,
        private string $liquid,
        public WhereItIs $where,
        private Kitchen $kitchen,
    ) {}

    /** @return list<string> ids of what can be made of it */
    public function sauces(): array
    {
        $catalogue = $this->kitchen->catalogue();

        return array_values(array_filter(
            $catalogue->childrenOf($this->sauce),
            fn(string $id): bool => $catalogue->base($id) === null
                && in_array($this->liquid, [...Liquids::of($id, $catalogue, $this->kitchen), ''], true),
        ));
    }

    /**
     * @param Volume|null $litres to be made; all that there is gives if null
     *
     * @throws LentoException if it cannot be made, or not so much of it
     */
    public function derived(string $sauce, ?Volume $litres, bool $samePan): Derived
    {
        if (!in_array($sauce, $this->sauces(), true)) {
            throw Unknown::name('sauce', $sauce);
        }
        $workplace = (new KitchenWorkplace($this->kitchen))->workplace();
        $derivative = $this->derivative($sauce);
        if ($samePan && $this->where->pan !== null) {
            return Deriving::of($derivative, $this->stem, $workplace, pan: $this->where->pan);
        }

        return $litres === null
            ? Deriving::of($derivative, $this->stem, $workplace)
            : Deriving::yielding($derivative, $this->stem, $litres, $workplace);
    }

    /** Whether there is as much of it as this takes. */
    public function holds(Derived $derived): bool
    {
        return $derived->taken->volume()->cubicMetres <= 1.001 * $this->stem->volume()->cubicMetres;
    }

    /** Whether no more than what clings to the pan is left after it. */
    public function takesAll(Derived $derived): bool
    {
        return $derived->taken->volume()->cubicMetres >= (1.0 - Straining::CLING) * $this->stem->volume()->cubicMetres;
    }

    public function derivative(string $sauce): Derivative
    {
        return $this->kitchen->catalogue()->derivative($sauce);
    }
}
