<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** The minutes of a service: what the clock shows at the first, which one it is now, and how far one looks. */
final readonly class Times
{
    private const MINUTES_OF_DAY = 1440;

    /** @param int $clock minute of the day at minute 0 */
    public function __construct(public int $clock, public int $now, public int $horizon)
    {
        OutOfRange::refuse('clock-at-nought', $clock, 0, self::MINUTES_OF_DAY - 1, 'min');
        OutOfRange::refuse('minute-now', $now, -Instance::MOST_MINUTES, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('horizon', $horizon, max(1, $now), Instance::MOST_MINUTES, 'min');
    }

    /** What the clock shows: "17:22". */
    public function clockAt(int $minute): string
    {
        $of = (($this->clock + $minute) % self::MINUTES_OF_DAY + self::MINUTES_OF_DAY) % self::MINUTES_OF_DAY;

        return sprintf('%02d:%02d', intdiv($of, 60), $of % 60);
    }
}
