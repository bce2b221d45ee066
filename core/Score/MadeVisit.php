<?php

declare(strict_types=1);

namespace Lento\Score;

/** Who looks at a pot, and at which minute. */
final readonly class MadeVisit
{
    /**
     * @param int $k which visit to the task, from 1
     * @param int $part which minute of it, from 0
     */
    public function __construct(public string $task, public int $k, public int $part, public int $at, public string $cook) {}
}
