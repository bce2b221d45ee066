<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;

/** What one would see and measure at one moment; comparable with a log. */
final readonly class TracePoint
{
    /**
     * @param Shade|null $shade of the roux; null before there is flour
     * @param EquivalentFlour|null $thickness tasted at 60 °C; null before there is liquid
     * @param float $rawTaste 1 raw, below 0.15 cooked out
     * @param float $gelatinised 0 to 1
     * @param Mass $freeFat floating
     * @param float $lumpRank 0 to 1, as are the others
     */
    public function __construct(
        public Duration $at,
        public Temperature $temperature,
        public ?Shade $shade,
        public Mass $mass,
        public Volume $volume,
        public Length $depth,
        public ?EquivalentFlour $thickness,
        public float $rawTaste,
        public float $gelatinised,
        public Mass $steam,
        public Mass $freeFat,
        public float $lumpRank,
        public float $speckRank,
        public float $scorchRank,
    ) {}
}
