<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Numerics\Curve;
use Lento\Quantity\Mass;

/**
 * The fat that a roux cannot keep bound and that ends as an oil ring on the sauce.
 *
 * Source: docs/model.md, B. Only the kitchen rule that 1.5 to 2 parts of fat separate is behind it: a ranking, ±50 % as an amount.
 */
final readonly class FreeFat
{
    /** Fat bound per gram of flour: a plain part, a part that goes with the strength left, a part that milk solids bind. */
    private const CAPACITY_PLAIN = 0.75;

    private const CAPACITY_STRENGTH = 0.75;

    private const CAPACITY_DAIRY = 0.30;

    private const SOFTNESS = 0.15;

    /**
     * @param float $strength strength left of the roux, 0 to 1
     * @param float $dairy milk solids against those of whole milk, 0 to 1
     */
    public static function of(Mass $flour, Mass $fat, float $strength, float $dairy): Mass
    {
        return Mass::ofGrams(self::grams($flour->inGrams(), $fat->inGrams(), $strength, $dairy));
    }

    /** @internal grams in, grams out, for the inner loop of the flow law */
    public static function grams(float $flourGrams, float $fatGrams, float $strength, float $dairy): float
    {
        if ($flourGrams <= 0.0) {
            return max(0.0, $fatGrams);
        }
        $capacity = self::CAPACITY_PLAIN
        + self::CAPACITY_STRENGTH * ($strength > 1.0 ? 1.0 : $strength)
        + self::CAPACITY_DAIRY * ($dairy > 1.0 ? 1.0 : $dairy);
        $free = $flourGrams * self::SOFTNESS * Curve::softplus(($fatGrams / $flourGrams - $capacity) / self::SOFTNESS);

        return $free > $fatGrams ? $fatGrams : $free;
    }
}
