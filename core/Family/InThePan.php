<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Treatment;
use Lento\Larder\Acidity;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Makeup;
use Lento\Larder\Role;
use Lento\Pot\Straining;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/**
 * What stands in a derivative's pan, and where all else went. Immutable: each act gives another.
 *
 * Vegetables lose the share of their weight that Treatment says; the strainer keeps the rest of them, with 0.35 g of sauce for each gram
 * of raw ones. Source: docs/model.md, compose.
 */
final readonly class InThePan
{
    /**
     * g flour-equivalent per g of a purée's solids, as the larder has it of tomato; an estimate for all else. Source: docs/model.md, table
     * A.
     */
    private const PUREE_THICKENS = 0.4;

    /**
     * @param float $steam g gone since the first act, as are the others
     * @param float $toStrain g of raw vegetables that will be strained out, and what is left of them
     */
    private function __construct(
        public Sauce $sauce,
        public Sauce $pieces,
        public float $added,
        public float $steam,
        public float $strained,
        private float $toStrain,
        private float $leftToStrain,
        private bool $baseIsIn,
    ) {}

    public static function empty(): self
    {
        return new self(Sauce::nothing(), Sauce::nothing(), 0.0, 0.0, 0.0, 0.0, 0.0, false);
    }

    public function volume(): Volume
    {
        return Volume::ofMillilitres($this->sauce->millilitres() + $this->pieces->millilitres());
    }

    /** The base goes in once, onto whatever was cooked in the pan before it. */
    public function ladledInto(Stem $stem): self
    {
        return $this->baseIsIn
            ? $this
            : new self(
                $stem->sauce->plus($this->sauce),
                $this->pieces->plus($stem->pieces),
                $this->added,
                $this->steam,
                $this->strained,
                $this->toStrain,
                $this->leftToStrain,
                true,
            );
    }

    /** @param Treatment|null $cooked how, where it is cooked before it joins */
    public function with(Ingredient|Fat $kind, Mass $mass, Fate $fate, ?Treatment $cooked = null): self
    {
        if ($kind instanceof Fat) {
            return $this->finished($this->sauce->withFat($kind, $mass));
        }
        $raw = $mass->inGrams();
        // What is no vegetable has no water to lose.
        $steam = $kind->role === Role::Vegetable ? (1.0 - ($cooked?->left() ?? 1.0)) * $raw : 0.0;
        $stays = Mass::ofGrams($raw - $steam);

        return match ($fate) {
            Fate::Joins => $this->finished(
                $this->sauce->with($cooked === null || $steam <= 0.0 ? $kind : self::puree($kind, $cooked), $stays),
            )->but(added: $steam, steam: $steam),
            Fate::StaysIn => $this->withPieces($this->pieces->with($kind, $stays))->but(added: $steam, steam: $steam),
            Fate::StrainedOut => $this->but(added: $raw, steam: $steam, toStrain: $raw, leftToStrain: $stays->inGrams()),
            Fate::Flavours => $this,
        };
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

    public function strained(): self
    {
        $grams = $this->sauce->grams();
        $held = min($grams, Straining::HELD_PER_VEGETABLE * $this->toStrain);

        return new self(
            $grams > 0.0 ? $this->sauce->times(1.0 - $held / $grams) : $this->sauce,
            $this->pieces,
            $this->added,
            $this->steam,
            $this->strained + $held + $this->leftToStrain,
            0.0,
            0.0,
            $this->baseIsIn,
        );
    }

    /** A vegetable that has lost some of its water and is rubbed through: what is left of it thickens. */
    private static function puree(Ingredient $raw, Treatment $cooked): Ingredient
    {
        $left = $cooked->left();
        $solids = $raw->solids / $left;

        return Ingredient::of(
            $raw->id,
            $raw->role,
            $raw->density,
            Makeup::of(max(0.0, 1.0 - $solids - $raw->fat / $left), $raw->fat / $left, $solids)
                ->with(salt: $raw->salt / $left, thickening: self::PUREE_THICKENS * $solids),
            new Acidity($raw->pH, $raw->buffer),
            $raw->allergens,
        );
    }

    private function withPieces(Sauce $pieces): self
    {
        return $this->but(pieces: $pieces, added: $pieces->grams() - $this->pieces->grams());
    }

    private function but(
        ?Sauce $sauce = null,
        ?Sauce $pieces = null,
        float $added = 0.0,
        float $steam = 0.0,
        float $toStrain = 0.0,
        float $leftToStrain = 0.0,
    ): self {
        return new self(
            $sauce ?? $this->sauce,
            $pieces ?? $this->pieces,
            $this->added + $added,
            $this->steam + $steam,
            $this->strained,
            $this->toStrain + $toStrain,
            $this->leftToStrain + $leftToStrain,
            $this->baseIsIn,
        );
    }
}
