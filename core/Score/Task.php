<?php

declare(strict_types=1);

namespace Lento\Score;

/** One thing to be done, without a break. */
final readonly class Task
{
    /**
     * @param string $kind what is done, as a key: roux, pour, simmer
     */
    public function __construct(
        public string $id,
        public string $sauce,
        public string $kind,
        public Band $minutes,
        public Asks $asks,
        public Progress $progress,
    ) {}

    /** @return list<VisitWindow> */
    public function visits(): array
    {
        return $this->asks->visits?->windows($this->minutes->likely) ?? [];
    }

    /** Whether its start is no longer to be found. */
    public function isFixed(): bool
    {
        return $this->progress->start !== null;
    }

    public function isDone(): bool
    {
        return $this->progress->state === TaskState::Done;
    }

    /** Whether it counts for how early one must begin: what is not begun yet, a time set by hand among it. */
    public function isAhead(): bool
    {
        return $this->progress->start === null || $this->progress->state === TaskState::Locked;
    }

    public function with(?Band $minutes = null, ?Asks $asks = null, ?Progress $progress = null): self
    {
        return new self(
            $this->id,
            $this->sauce,
            $this->kind,
            $minutes ?? $this->minutes,
            $asks ?? $this->asks,
            $progress ?? $this->progress,
        );
    }
}
