<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\OutOfRange;

/** One thing that somebody says of a plan, to be kept to by the next. */
final readonly class Change
{
    /**
     * @param string $of task, sauce, stay, cook or ring, by what is said of it
     * @param int|null $at minute, or the first of it
     * @param int|null $until the first minute after it; null for good
     * @param string $to the cook, or the ring
     *
     * @throws OutOfRange if it is further away than a service lasts
     */
    public function __construct(
        public ChangeKind $kind,
        public string $of,
        public ?int $at = null,
        public ?int $until = null,
        public string $to = '',
    ) {
        OutOfRange::refuse('minute-of-change', $at ?? 0, -Instance::MOST_MINUTES, Instance::MOST_MINUTES, 'min');
        OutOfRange::refuse('minute-of-change', $until ?? $at ?? 0, $at ?? -Instance::MOST_MINUTES, Instance::MOST_MINUTES, 'min');
    }

    /** Whether both are said of the same, so that the later stands for the earlier. */
    public function replaces(self $other): bool
    {
        $times = [ChangeKind::Start, ChangeKind::NotBefore];
        $sameKind = $this->kind === $other->kind || (in_array($this->kind, $times, true) && in_array($other->kind, $times, true));

        return $sameKind && $this->of === $other->of && $this->kind !== ChangeKind::Help;
    }
}
