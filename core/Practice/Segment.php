<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\OutOfRange;

/** What was done in one step: its deeds by the second since it was begun. */
final readonly class Segment
{
    /**
     * @param list<Deed> $deeds
     *
     * @throws OutOfRange if there is no such step
     */
    public function __construct(public int $step, public Standing $begin, public array $deeds)
    {
        OutOfRange::refuse('number-of-steps', (float) $step, 0.0, 1000.0, '');
    }

    /** @param list<Deed> $deeds */
    public function doing(array $deeds): self
    {
        return new self($this->step, $this->begin, $deeds);
    }

    /** Done as it is written, and nothing else. */
    public function written(): self
    {
        return new self($this->step, $this->begin, [Deed::of(0, DeedKind::Written)]);
    }

    public function has(DeedKind $kind): bool
    {
        return $this->first($kind) !== null;
    }

    public function first(DeedKind $kind): ?Deed
    {
        foreach ($this->deeds as $deed) {
            if ($deed->kind === $kind) {
                return $deed;
            }
        }

        return null;
    }

    /** @return int s until its last deed */
    public function lasted(): int
    {
        return $this->deeds === [] ? 0 : $this->deeds[count($this->deeds) - 1]->at;
    }
}
