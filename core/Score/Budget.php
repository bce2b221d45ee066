<?php

declare(strict_types=1);

namespace Lento\Score;

/** How long one looks: counted in plans and in placings, never by a clock, so that every machine finds the same. */
final readonly class Budget
{
    /** @param bool $patient whether any plan at all is looked for at any cost, where none was found within the budget */
    public function __construct(public int $plans, public int $steps, public bool $patient = true) {}

    public static function for(int $tasks): self
    {
        return match (true) {
            $tasks <= 70 => new self(1500, 110_000),
            $tasks <= 150 => new self(625, 180_000),
            default => new self(375, 180_000),
        };
    }
}
