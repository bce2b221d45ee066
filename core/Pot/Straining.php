<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/**
 * What the strainer keeps: sauce that clings to vegetables, and lumps with the flour that never got wet.
 *
 * Lumps cost thickness as well as volume. Source: docs/model.md, compose (vegetables); the sauce that goes with a lump is an estimate.
 */
final readonly class Straining
{
    /** Share of the sauce that stays on pan and spoon. */
    public const CLING = 0.02;

    /** g of sauce held back per g of raw vegetable. */
    public const HELD_PER_VEGETABLE = 0.35;

    /** g of sauce that leaves with a gram of lumped flour. */
    private const HELD_PER_LUMPED_FLOUR = 2.0;

    /** min, and min a litre, to pour through a sieve and rinse it: an estimate, ±40 %. Source: docs/sauces.md, laws of scale. */
    private const MINUTES = 2.0;

    private const MINUTES_PER_LITRE = 0.6;

    /** @param Mass $lumpedFlour lost for the thickening */
    private function __construct(public Mass $held, public Mass $lumpedFlour, public Duration $time, public Sauce $sauce) {}

    /**
     * @param Mass $vegetables raw, as weighed out
     * @param float $lumped share of the flour in lumps, 0 to 1
     *
     * @throws OutOfRange
     */
    public static function of(Sauce $sauce, Mass $vegetables, float $lumped = 0.0): self
    {
        if (!is_finite($lumped) || $lumped < 0.0 || $lumped > 1.0) {
            throw OutOfRange::between('flour-in-lumps', $lumped, 0.0, 1.0, '');
        }
        $flour = $lumped * $sauce->starch->grams;
        $smooth = $sauce->withoutStarch($lumped);
        $held = min($smooth->grams(), self::HELD_PER_VEGETABLE * $vegetables->inGrams() + self::HELD_PER_LUMPED_FLOUR * $flour);
        $left = $smooth->grams() > 0.0 ? 1.0 - $held / $smooth->grams() : 0.0;

        return new self(
            Mass::ofGrams($sauce->grams() - $left * $smooth->grams()),
            Mass::ofGrams($flour),
            self::time($sauce->volume()),
            $smooth->times($left),
        );
    }

    /** How long it takes to pour so much through a sieve. */
    public static function time(Volume $volume): Duration
    {
        return Duration::ofMinutes(self::MINUTES + self::MINUTES_PER_LITRE * $volume->inLitres());
    }
}
