<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Pot\Straining;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/**
 * What stands in a pan, and where all else went. Immutable: each act gives another.
 *
 * Vegetables lose the share of their weight that their act drives off; the strainer keeps the rest of them, with 0.35 g of sauce for each
 * gram of raw ones. Source: docs/model.md, compose.
 */
final readonly class InThePan
{
    /**
     * @param Sauce $came pieces that came with the base
     * @param list<Cut> $cut
     * @param float $added g since the first act, as are the others
     */
    private function __construct(
        public Sauce $sauce,
        private Sauce $came,
        private array $cut,
        public float $added,
        public float $steam,
        public float $strained,
    ) {}

    public static function empty(): self
    {
        return new self(Sauce::nothing(), Sauce::nothing(), [], 0.0, 0.0, 0.0);
    }

    /** Pieces one can see. */
    public function pieces(): Sauce
    {
        $pieces = $this->came;
        foreach ($this->cut as $cut) {
            $pieces = $pieces->plus($cut->asPieces());
        }

        return $pieces;
    }

    public function volume(): Volume
    {
        return Volume::ofMillilitres($this->sauce->millilitres() + $this->pieces()->millilitres());
    }

    /** @return float g of raw vegetables that a strainer would keep */
    public function rawInStrainer(): float
    {
        return array_sum(array_map(static fn(Cut $cut): float => $cut->goesBack ? 0.0 : $cut->raw, $this->cut));
    }

    /** The base goes in, onto whatever was cooked in the pan before it. */
    public function ladledInto(Sauce $sauce, Sauce $pieces): self
    {
        return $this->but(sauce: $sauce->plus($this->sauce), came: $this->came->plus($pieces));
    }

    /** @param float $drivenOff share of its raw weight, where it is cooked before it joins */
    public function with(Ingredient|Fat $kind, Mass $mass, Fate $fate, float $drivenOff = 0.0): self
    {
        if ($fate === Fate::Flavours) {
            return $this;
        }
        if ($kind instanceof Fat) {
            return $this->finished($this->sauce->withFat($kind, $mass));
        }
        // What is no vegetable has no water to lose.
        $drivenOff = $kind->role === Role::Vegetable ? $drivenOff : 0.0;
        $cut = Cut::of($kind, $mass, $drivenOff, $fate === Fate::PutBack);
        $steam = $drivenOff * $mass->inGrams();
        if ($fate === Fate::Joins) {
            $joins = $drivenOff > 0.0 ? $cut->asPuree() : Sauce::nothing()->with($kind, $mass);

            return $this->finished($this->sauce->plus($joins))->but(added: $steam, steam: $steam);
        }
        $pieces = $cut->asPieces()->grams();

        return $this->but(cut: [...$this->cut, $cut], added: $pieces + $steam, steam: $steam);
    }

    /** Something already weighed and cooked elsewhere joins it. */
    public function joinedBy(Sauce $sauce, float $added, float $steam): self
    {
        return $this->but(sauce: $this->sauce->plus($sauce), added: $added, steam: $steam);
    }

    /** Less of the same sauce: what is gone is steam. */
    public function boiledTo(Sauce $sauce): self
    {
        return $this->but(sauce: $sauce, steam: $this->sauce->grams() - $sauce->grams());
    }

    /**
     * The same with something stirred in that has changed the sauce.
     *
     * What it weighs is read off the sauce: the larder's tables are rounded, and butter's parts make 99.5 % of it.
     */
    public function finished(Sauce $sauce): self
    {
        return $this->but(sauce: $sauce, added: $sauce->grams() - $this->sauce->grams());
    }

    /** Without its pieces, but for those that go back, and without the sauce that clings to them. */
    public function strained(): self
    {
        $grams = $this->sauce->grams();
        $held = min($grams, Straining::HELD_PER_VEGETABLE * ($this->rawInStrainer() + $this->came->grams()));
        $back = array_values(array_filter($this->cut, static fn(Cut $cut): bool => $cut->goesBack));
        $backGrams = array_sum(array_map(static fn(Cut $cut): float => $cut->asPieces()->grams(), $back));

        return new self(
            $grams > 0.0 ? $this->sauce->times(1.0 - $held / $grams) : $this->sauce,
            Sauce::nothing(),
            $back,
            $this->added,
            $this->steam,
            $this->strained + $held + $this->pieces()->grams() - $backGrams,
        );
    }

    /** Without its pieces, but for those that go back; what clings to them is reckoned elsewhere. */
    public function lifted(): self
    {
        $back = array_values(array_filter($this->cut, static fn(Cut $cut): bool => $cut->goesBack));

        return new self($this->sauce, Sauce::nothing(), $back, $this->added, $this->steam, $this->strained);
    }

    /** What its pieces become when they are rubbed through a sieve or blended. */
    public function puree(): Sauce
    {
        $puree = $this->came;
        foreach ($this->cut as $cut) {
            $puree = $cut->goesBack ? $puree : $puree->plus($cut->asPuree());
        }

        return $puree;
    }

    /** With its pieces rubbed through a sieve or blended: they become sauce, but for those that go back after it. */
    public function pureed(): self
    {
        $back = array_values(array_filter($this->cut, static fn(Cut $cut): bool => $cut->goesBack));
        $sauce = $this->sauce->plus($this->puree());
        $moved = $this->pieces()->grams() - array_sum(array_map(static fn(Cut $cut): float => $cut->asPieces()->grams(), $back));

        return new self(
            $sauce,
            Sauce::nothing(),
            $back,
            // A purée is weighed by the same rounded tables as the pieces were, to the last digit or two.
            $this->added + $sauce->grams() - $this->sauce->grams() - $moved,
            $this->steam,
            $this->strained,
        );
    }

    /** @param list<Cut>|null $cut */
    private function but(
        ?Sauce $sauce = null,
        ?Sauce $came = null,
        ?array $cut = null,
        float $added = 0.0,
        float $steam = 0.0,
    ): self {
        return new self(
            $sauce ?? $this->sauce,
            $came ?? $this->came,
            $cut ?? $this->cut,
            $this->added + $added,
            $this->steam + $steam,
            $this->strained,
        );
    }
}
