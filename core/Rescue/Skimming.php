<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/** A fat film: what a ladle can take off the top. */
final readonly class Skimming
{
    /** min off the boil until fat that floats can be ladled; by custom of the trade. */
    private const RISES_WITHIN = 5.0;

    private function __construct(public Mass $fat, public Duration $time, public Sauce $sauce) {}

    public static function of(Sauce $sauce): self
    {
        $fat = $sauce->freeFat();

        return new self($fat, Duration::ofMinutes($fat->kilograms > 0.0 ? self::RISES_WITHIN : 0.0), $sauce->skimmed($fat));
    }
}
