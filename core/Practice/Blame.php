<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\OutOfRange;

/** One cause, with what the pot would have been without it. */
final readonly class Blame
{
    /**
     * @param float $faults that would not be there without it, 1 for one whole fault
     * @param int $at s of the pot at which it began
     * @param Mended $mended what was put right for that
     * @param Outcome $without what would have come out
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public Cause $cause,
        public float $faults,
        public int $at,
        public Mended $mended,
        public Outcome $without,
    ) {
        OutOfRange::refuse('faults', $faults, -100.0, 100.0, '');
    }
}
