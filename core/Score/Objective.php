<?php

declare(strict_types=1);

namespace Lento\Score;

/** What a plan is worth: smaller is better, and what stands first weighs more than all after it. */
final readonly class Objective
{
    /**
     * @param int $clashes minutes of visits that nobody makes
     * @param int $late minutes after the dues, by weight
     * @param int $held minutes kept hot beyond what anybody likes
     * @param int $moves tasks that are not where the cooks were told
     * @param int $span minutes from the first start of what is still to do to the last serving
     * @param Ease $ease what only settles a draw
     */
    public function __construct(
        public int $clashes,
        public int $late,
        public int $held,
        public int $moves,
        public int $span,
        public Ease $ease,
    ) {}

    /** @return array{int, int, int, int, int} what is bounded */
    public function bounded(): array
    {
        return [$this->clashes, $this->late, $this->held, $this->moves, $this->span];
    }

    /** @return array{int, int, int, int, int, int, int} */
    public function terms(): array
    {
        return [...$this->bounded(), $this->ease->handOvers, $this->ease->potMinutes];
    }
}
