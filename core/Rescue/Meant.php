<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\OutOfRange;
use Lento\Roux\Roux;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;

/** What it was meant to be. */
final readonly class Meant
{
    /**
     * @param EquivalentFlour $target how thick it was to be in the pot
     * @param float $saltPercent how salty at most
     * @param Roux|null $roux as it was weighed; null where nobody knows
     * @param Shade|null $shade it was to be taken to
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public EquivalentFlour $target,
        public float $saltPercent,
        public ?Roux $roux = null,
        public ?Shade $shade = null,
    ) {
        OutOfRange::refuse('salt', $saltPercent, 0.0, 100.0, '%');
    }
}
