<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Roux\Roux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;

/** What the roux brings into the sauce once it is cooked, per gram of its flour, and the forecast of its minutes. */
final readonly class CookedRoux
{
    /** @param float $waterPerFlour g of water left in the paste per g of flour */
    private function __construct(public Shade $shade, public float $waterPerFlour, public float $rawTaste, public ?RouxState $forecast) {}

    /**
     * @param RouxState $state when it is lifted off the heat
     * @param Shade $ends where its pan has carried it when the liquid meets it
     */
    public static function after(Roux $roux, RouxState $state, Shade $ends): self
    {
        $flour = $roux->flour->kilograms;

        return new self($ends, $flour > 0.0 ? $state->water->kilograms / $flour : 0.0, $state->rawTaste, $state);
    }

    public static function byColourAlone(Shade $shade): self
    {
        return new self($shade, 0.0, 0.0, null);
    }
}
