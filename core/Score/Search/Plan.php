<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** One plan: where everything came to be. */
final readonly class Plan
{
    /**
     * @param array<int, int> $start of each task
     * @param array<int, int> $rings of each stay, or NONE
     * @param array<int, int> $cooks of tasks that were given to one, where cooks differ
     * @param array<int, int> $visits minute of each that is made
     * @param int $missed minutes of visits that nobody makes
     */
    public function __construct(
        public array $start,
        public array $rings,
        public array $cooks,
        public array $visits,
        public int $missed,
    ) {}

    /**
     * The same with the clock turned round.
     *
     * @param Problem $problem this or that way round: tasks are as long, and there are as many minutes
     */
    public function mirror(Problem $problem): self
    {
        $start = [];
        foreach ($this->start as $task => $at) {
            $start[] = $problem->length - $at - $problem->minutes[$task];
        }
        $visits = array_map(static fn(int $minute): int => $problem->length - 1 - $minute, $this->visits);

        return new self($start, $this->rings, $this->cooks, $visits, $this->missed);
    }

    /**
     * What it is worth, dearest first: minutes begun before now, minutes of visits missed, late, held, moves, span, minutes of pots.
     *
     * @return array{int, int, int, int, int, int, int}
     */
    public function value(Problem $problem): array
    {
        $late = $held = $early = $span = $moves = 0;
        foreach ($problem->dues as $due) {
            $ready = $this->start[$due->last] + $problem->minutes[$due->last];
            $late += $due->service->weight * max(0, $ready - $due->due);
            $held += max(0, $due->serveAt - $ready - $due->service->holdLike);
        }
        $pots = [];
        foreach ($this->start as $task => $start) {
            if ($problem->fixed[$task] === Problem::NONE) {
                $early += max(0, $problem->now - $start);
                $told = $problem->announced[$task];
                $moves += $told !== Problem::NONE && abs($start - $told) > 2 ? 1 : 0;
            }
            if ($problem->ahead[$task]) {
                $span = max($span, $problem->end - $start);
                $pot = $problem->sauce[$task];
                $pots[$pot] = max($pots[$pot] ?? PHP_INT_MIN, $problem->end - $start);
            }
        }

        return [$early, $this->missed, $late, $held, $moves, $span, array_sum($pots)];
    }
}
