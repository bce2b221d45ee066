<?php

declare(strict_types=1);

namespace Lento\Simulation;

/** How ways of working rank, 0 to 1: no probabilities. */
final readonly class Ranks
{
    /**
     * @param float $lumpRank 0 to 1, as are the others
     */
    public function __construct(
        public float $lumpRank,
        public float $speckRank,
        public float $scorchRank,
    ) {}
}
