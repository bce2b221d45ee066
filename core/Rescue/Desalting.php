<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\OutOfRange;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/**
 * Too salty: how much unsalted sauce of the same thickness brings it to the target; water alone would thin it. Source: docs/model.md, F.
 */
final readonly class Desalting
{
    private const LEAST_PERCENT = 0.01;

    private const MOST_PERCENT = 5.0;

    /** @param Duration|null $time to the boil again; null where this hob never brings it there */
    private function __construct(public Mass $unsaltedSauce, public ?Duration $time, public Sauce $sauce) {}

    /**
     * Nothing is added where it is not too salty. The sauce is taken as boiling.
     *
     * @param float $percent of the mass, 0.01 to 5
     *
     * @throws OutOfRange
     */
    public static function to(float $percent, Sauce $sauce, Temperature $addedAt, TimeToBoil $hob): self
    {
        if (!is_finite($percent) || $percent < self::LEAST_PERCENT || $percent > self::MOST_PERCENT) {
            throw OutOfRange::between('salt', $percent, self::LEAST_PERCENT, self::MOST_PERCENT, '%');
        }
        $share = max(0.0, $sauce->saltPercent() / $percent - 1.0);

        $mild = $sauce->plus($sauce->times($share)->salted(Mass::ofGrams(0.0)));

        return new self(
            Mass::ofGrams($share * $sauce->grams()),
            $share > 0.0 ? BackToBoil::time($sauce, $mild, $addedAt, $hob) : Duration::ofSeconds(0.0),
            $mild,
        );
    }
}
