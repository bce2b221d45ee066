<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Exception\OutOfRange;
use Lento\Forecast\Band;

/** How a pot has gone and will go: as planned, as it was, as it was read, and as it should go on. */
final readonly class Trend
{
    /**
     * @param list<Point> $planned
     * @param list<Point> $gone reckoned between the readings, up to now
     * @param list<Point> $read
     * @param list<Point> $ahead from now on
     * @param Band|null $arrives min from now until the target; null where it is reached, or never will be
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public array $planned,
        public array $gone,
        public array $read,
        public array $ahead,
        public float $target,
        public ?Band $arrives,
    ) {
        OutOfRange::refuse('target', $target, -1e6, 1e6, '');
    }
}
