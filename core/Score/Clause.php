<?php

declare(strict_types=1);

namespace Lento\Score;

/** One rule among those that cannot all be kept. */
final readonly class Clause
{
    /**
     * @param string $of task, sauce, stay or skill
     * @param string $and the other task, where there is one
     * @param int $minutes it speaks of, or the minute
     * @param string $why where the rule says so
     */
    public function __construct(
        public ClauseKind $kind,
        public string $of,
        public string $and = '',
        public int $minutes = 0,
        public string $why = '',
    ) {}
}
