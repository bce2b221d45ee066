<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** A task that is no longer still to be begun, as it went at the stove. */
final readonly class Begun
{
    /**
     * @param int $start minute at which it was begun
     * @param int $minutes that it took; of one that is on, those gone and those that are left
     * @param bool $done whether it is over
     * @param string|null $cook who has it
     */
    public function __construct(public string $task, public int $start, public int $minutes, public bool $done, public ?string $cook = null)
    {
        OutOfRange::refuse('task-minutes', $minutes, 1, Instance::MOST_MINUTES, 'min');
    }

    public function end(): int
    {
        return $this->start + $this->minutes;
    }
}
