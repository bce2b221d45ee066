<?php

declare(strict_types=1);

namespace Lento\Compose;

/** What goes into a pot and what leaves it as steam, in grams. */
final readonly class Weights
{
    /**
     * @param float $evaporatedGrams of water
     */
    public function __construct(
        public float $flourGrams,
        public float $liquidGrams,
        public float $saltGrams,
        public float $evaporatedGrams,
    ) {}
}
