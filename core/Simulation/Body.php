<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Exception\OutOfRange;
use Lento\Thickness\EquivalentFlour;

/** How far the flour of a pot has come. */
final readonly class Body
{
    /**
     * @param EquivalentFlour|null $thickness tasted at 60 °C; null before there is liquid
     * @param float $rawTaste 1 raw, below 0.15 cooked out
     * @param float $gelatinised 0 to 1
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public ?EquivalentFlour $thickness,
        public float $rawTaste,
        public float $gelatinised,
    ) {
        OutOfRange::refuse('raw-taste', $rawTaste, 0.0, 10.0, '');
        OutOfRange::refuse('gelatinised', $gelatinised, 0.0, 1.0, '');
    }
}
