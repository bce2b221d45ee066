<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** How many minutes a task takes: likely, and between which it lies eight times in ten. */
final readonly class Band
{
    public function __construct(public int $likely, public int $low, public int $high)
    {
        OutOfRange::refuse('task-minutes', $likely, 1, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('task-low', $low, 0, $likely, 'min');
        OutOfRange::refuse('task-high', $high, $likely, Instance::MOST_MINUTES, 'min');
    }

    public static function exactly(int $minutes): self
    {
        return new self($minutes, $minutes, $minutes);
    }
}
