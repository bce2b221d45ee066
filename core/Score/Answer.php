<?php

declare(strict_types=1);

namespace Lento\Score;

/** A plan, what it is worth, and what nothing can be better than. */
final readonly class Answer
{
    public function __construct(public Solution $solution, public Objective $objective, public Bound $bound) {}

    /** Whether no plan is better, in anything but what only settles a draw. */
    public function isProven(): bool
    {
        return $this->objective->bounded() === $this->bound->least->bounded();
    }

    /**
     * Minutes by which one might start later than this plan does, at the most; null where something that weighs more than that is not
     * settled.
     */
    public function atMostFromBest(): ?int
    {
        return array_slice($this->objective->bounded(), 0, 4) === array_slice($this->bound->least->bounded(), 0, 4)
            ? $this->objective->span - $this->bound->least->span
            : null;
    }
}
