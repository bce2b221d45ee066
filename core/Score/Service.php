<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** When a sauce must be ready, and how long before it may be. */
final readonly class Service
{
    /**
     * @param int $at minute at which it is served
     * @param int $buffer minutes it would be ready before that
     * @param int $weight of a minute late
     * @param int $holdLike minutes it may stand kept hot without anybody minding
     * @param int $holdMax minutes it may stand kept hot at all
     * @param int|null $latest minute by which it must be ready, whatever happens
     */
    public function __construct(
        public int $at,
        public int $buffer = 0,
        public int $weight = 1,
        public int $holdLike = 0,
        public int $holdMax = 0,
        public ?int $latest = null,
    ) {
        OutOfRange::refuse('spare-before-serving', $buffer, 0, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('weight-of-a-minute', $weight, 1, 1000, '');
        OutOfRange::refuse('hold-like', $holdLike, 0, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('hold-max', $holdMax, 0, Instance::MOST_MINUTES, 'min');
    }

    /** The minute after which it counts as late: before the serving by the buffer, for minutes are never sure. */
    public function due(): int
    {
        return $this->at - $this->buffer;
    }
}
