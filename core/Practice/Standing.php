<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Simulation\Rehearsing;

/** How a practice pot stands at one second: the pot, the step it is at, what has gone wrong for good, where the spoon is. */
final readonly class Standing
{
    /**
     * @param int<0, max> $step place in the plan; as many as there are steps when all are done
     * @param int $begun s at which that step was begun
     * @param array<string, float> $added g that went in during this step, by larder id
     * @param int $pours of liquid in this step
     */
    private function __construct(
        public Rehearsing $pot,
        public Marks $marks,
        public int $step,
        public int $begun,
        public array $added,
        public int $pours,
        public Where $where,
    ) {}

    public static function cold(Rehearsing $pot): self
    {
        return new self($pot, Marks::none(), 0, 0, [], 0, Where::All);
    }

    public function second(): int
    {
        return $this->pot->now;
    }

    /** @return int s that this step has taken so far */
    public function lasted(): int
    {
        return $this->pot->now - $this->begun;
    }

    public function in(Rehearsing $pot, ?Marks $marks = null): self
    {
        return new self($pot, $marks ?? $this->marks, $this->step, $this->begun, $this->added, $this->pours, $this->where);
    }

    public function stirredAt(Where $where): self
    {
        return new self($this->pot, $this->marks, $this->step, $this->begun, $this->added, $this->pours, $where);
    }

    public function withAdded(string $what, float $grams, bool $poured): self
    {
        $added = [...$this->added, $what => ($this->added[$what] ?? 0.0) + $grams];

        return new self($this->pot, $this->marks, $this->step, $this->begun, $added, $this->pours + ($poured ? 1 : 0), $this->where);
    }

    /** At the next step, from now on. */
    public function further(): self
    {
        return new self($this->pot, $this->marks, $this->step + 1, $this->pot->now, [], 0, $this->where);
    }
}
