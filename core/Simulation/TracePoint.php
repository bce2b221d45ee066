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
    public Mass $mass;

    public Volume $volume;

    public Length $depth;

    public Mass $steam;

    public Mass $freeFat;

    public ?EquivalentFlour $thickness;

    public float $rawTaste;

    public float $gelatinised;

    public float $lumpRank;

    public float $speckRank;

    public float $scorchRank;

    /**
     * @param Shade|null $shade of the roux; null before there is flour
     */
    public function __construct(
        public Duration $at,
        public Temperature $temperature,
        public ?Shade $shade,
        Contents $contents,
        Body $body,
        Ranks $ranks,
    ) {
        $this->mass = $contents->mass;
        $this->volume = $contents->volume;
        $this->depth = $contents->depth;
        $this->steam = $contents->steam;
        $this->freeFat = $contents->freeFat;
        $this->thickness = $body->thickness;
        $this->rawTaste = $body->rawTaste;
        $this->gelatinised = $body->gelatinised;
        $this->lumpRank = $ranks->lumpRank;
        $this->speckRank = $ranks->speckRank;
        $this->scorchRank = $ranks->scorchRank;
    }
}
