<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Procedure\Dose;
use Lento\Quantity\KitchenNumber;
use Lento\Quantity\Mass;

/** What is counted: whole spices and herbs up to six, and by the gram beyond; nobody cuts a peppercorn in half. */
final readonly class Pieces
{
    /** More of one whole spice than this is weighed. Source: the laws of scale, docs/sauces.md. */
    private const MOST_COUNTED = 6.0;

    /** "½ bay leaf", "2 cloves", "1.5 g peppercorns" */
    public static function text(float $pieces, string $ingredient): string
    {
        return self::count($pieces, $ingredient) . ' ' . self::name($pieces, $ingredient);
    }

    /** "½", "2", "1.5 g": without their name */
    public static function count(float $pieces, string $ingredient): string
    {
        $counted = self::counted($pieces, $ingredient);

        return $counted > self::MOST_COUNTED && Dose::isWholeSpice($ingredient)
            ? Grams::of(Mass::ofGrams($pieces * Dose::piece($ingredient)->inGrams()))->text()
            : KitchenNumber::toQuarters($counted)->text();
    }

    public static function name(float $pieces, string $ingredient): string
    {
        return trans_choice('ingredients.' . $ingredient, self::counted($pieces, $ingredient) <= 1.0 ? 1 : 2);
    }

    /** By halves where a leaf can be torn, up to three. */
    private static function counted(float $pieces, string $ingredient): float
    {
        return Dose::comesInHalves($ingredient) && $pieces < 3.0
            ? max(0.5, round($pieces * 2.0) / 2.0)
            : max(1.0, round($pieces));
    }
}
