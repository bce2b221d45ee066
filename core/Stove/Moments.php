<?php

declare(strict_types=1);

namespace Lento\Stove;

use DateTimeImmutable;

/** Points in time, told apart by seconds. */
final readonly class Moments
{
    /** @return float s, never negative, to the millisecond */
    public static function between(DateTimeImmutable $from, DateTimeImmutable $until): float
    {
        return max(0.0, (float) $until->format('U.v') - (float) $from->format('U.v'));
    }
}
