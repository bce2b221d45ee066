<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** What may lie between the end of one task and the start of another. */
final readonly class Lag
{
    /** A wait up to this ties two tasks into one phrase (SCHEDULE, section 4). */
    public const TIES_UP_TO = 15;

    /** From here on a longest wait is called holding: a base that stands for its derivatives. */
    public const HOLDS_FROM = 30;

    /**
     * @param int $least minutes
     * @param int|null $most minutes; null where it may wait as long as it likes
     * @param string $why as a key or words
     */
    public function __construct(
        public string $from,
        public string $to,
        public int $least = 0,
        public ?int $most = null,
        public string $why = '',
    ) {
        OutOfRange::refuse('lag-least', $least, -Instance::MOST_MINUTES, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('lag-most', $most ?? $least, -Instance::MOST_MINUTES, Instance::MOST_MINUTES, 'min');
    }

    public function ties(): bool
    {
        return $this->most !== null && $this->most <= self::TIES_UP_TO;
    }

    /** Whether the second can come closer to the first or further from it. */
    public function stretches(): bool
    {
        return $this->most === null || $this->most > $this->least;
    }
}
