<?php

declare(strict_types=1);

namespace Lento\Score;

/** One minute of a cook that a task asks for. */
final readonly class VisitWindow
{
    /**
     * @param int $from minute of the task, the first it may be
     * @param int $to minute of the task, the last it may be
     * @param int $k the visit, from 1
     * @param int $part the minute of that visit, from 0
     */
    public function __construct(public int $from, public int $to, public int $k, public int $part) {}
}
