<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;

/** What goes into a pot and what leaves it as steam, in grams. */
final readonly class Weights
{
    /**
     * @param float $evaporatedGrams of water
     * @param float $spiritGrams of spirit
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public float $flourGrams,
        public float $liquidGrams,
        public float $saltGrams,
        public float $evaporatedGrams,
        public float $spiritGrams = 0.0,
    ) {
        OutOfRange::refuse('steam', $spiritGrams, -1e9, 1e9, 'g');
        OutOfRange::refuse('liquid', $liquidGrams, -1e9, 1e9, 'g');
        OutOfRange::refuse('steam', $evaporatedGrams, -1e9, 1e9, 'g');
        OutOfRange::refuse('flour', $flourGrams, 0.0, 1e9, 'g');
        OutOfRange::refuse('salt', $saltGrams, 0.0, 1e9, 'g');
    }
}
