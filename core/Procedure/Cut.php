<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Larder\Acidity;
use Lento\Larder\Ingredient;
use Lento\Larder\Makeup;
use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/** Pieces in a sauce: what they weighed raw, what has been driven off, and whether they go back after the strainer. */
final readonly class Cut
{
    /**
     * g flour-equivalent per g of a purée's solids, as the larder has it of tomato; an estimate for all else. Source: docs/model.md, table
     * A.
     */
    private const PUREE_THICKENS = 0.4;

    private function __construct(private Ingredient $kind, public float $raw, private float $left, public bool $goesBack) {}

    /** @param float $drivenOff share of its raw weight */
    public static function of(Ingredient $kind, Mass $raw, float $drivenOff, bool $goesBack): self
    {
        return new self($kind, $raw->inGrams(), 1.0 - $drivenOff, $goesBack);
    }

    public function grams(): float
    {
        return $this->raw * $this->left;
    }

    /** The room they take, and the salt they bring. */
    public function asPieces(): Sauce
    {
        return Sauce::nothing()->with($this->kind, Mass::ofGrams($this->grams()));
    }

    /** Rubbed through or blended: what is left of them thickens. */
    public function asPuree(): Sauce
    {
        return Sauce::nothing()->with($this->puree(), Mass::ofGrams($this->grams()));
    }

    private function puree(): Ingredient
    {
        $raw = $this->kind;
        $solids = min(1.0, $raw->solids / $this->left);
        $fat = min(1.0 - $solids, $raw->fat / $this->left);

        return Ingredient::of(
            $raw->id,
            $raw->role,
            $raw->density,
            Makeup::of(max(0.0, 1.0 - $solids - $fat), $fat, $solids)
                ->with(salt: min($solids, $raw->salt / $this->left), thickening: self::PUREE_THICKENS * $solids),
            new Acidity($raw->pH, $raw->buffer),
            $raw->allergens,
        );
    }
}
