<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Exception\OutOfRange;

/** How ways of working rank, 0 to 1: no probabilities. */
final readonly class Ranks
{
    /**
     * @param float $lumpRank 0 to 1, as are the others
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public float $lumpRank,
        public float $speckRank,
        public float $scorchRank,
    ) {
        OutOfRange::refuse('rank', $lumpRank, 0.0, 1.0, '');
        OutOfRange::refuse('rank', $speckRank, 0.0, 1.0, '');
        OutOfRange::refuse('rank', $scorchRank, 0.0, 1.0, '');
    }
}
