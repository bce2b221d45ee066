<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/** Too salty: how much unsalted sauce of the same thickness brings it to the target; water alone would thin it. Source: docs/model.md, F. */
final readonly class Desalting
{
    private const LEAST_PERCENT = 0.01;

    private const MOST_PERCENT = 5.0;

    private function __construct(public Mass $unsaltedSauce, public Sauce $sauce) {}

    /**
     * Nothing is added where it is not too salty.
     *
     * @param float $percent of the mass, 0.01 to 5
     *
     * @throws OutOfRange
     */
    public static function to(float $percent, Sauce $sauce): self
    {
        if (!is_finite($percent) || $percent < self::LEAST_PERCENT || $percent > self::MOST_PERCENT) {
            throw OutOfRange::between('the salt', $percent, self::LEAST_PERCENT, self::MOST_PERCENT, '%');
        }
        $share = max(0.0, $sauce->saltPercent() / $percent - 1.0);

        return new self(Mass::ofGrams($share * $sauce->grams()), $sauce->plus($sauce->times($share)->salted(Mass::ofGrams(0.0))));
    }
}
