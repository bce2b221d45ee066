<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Quantity\Duration;

/** How a rehearsal went: what stands in the pot, what went wrong, how long each step took. */
final readonly class Rehearsed
{
    /**
     * @param list<Happening> $troubles each at its first moment
     * @param array<string, Duration> $times by the id of the step
     */
    public function __construct(public PotState $end, public array $troubles, public array $times) {}

    /** @return float g that do not add up, as a share of all that went in */
    public function error(): float
    {
        $in = max(1e-9, $this->end->ledger->in);

        return abs($this->end->ledger->left() - $this->end->content()->grams()) / $in;
    }
}
