<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Exception\OutOfRange;

/** A sauce as the flow law sees it: swollen starch and fat in a watery phase. */
final readonly class Suspension
{
    /**
     * @param float $thickening g flour-equivalent per litre of the watery phase
     * @param float $dairy milk solids against whole milk, 0 to 1.3
     * @param float $fat emulsified fat, volume fraction, 0 to 0.6
     * @param float $gelatin % of the watery mass, 0 to 40
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public float $thickening, public float $dairy, public float $fat, public float $gelatin)
    {
        // Made thousands of times for an answer: looked at one by one only where one is off. No number fails the comparison too.
        if (!(min($thickening, $dairy, $fat, $gelatin) >= 0.0 && $thickening + $dairy + $fat + $gelatin <= 1e6)) {
            OutOfRange::refuse('dairy', $dairy, 0.0, 1e6, 'g/l');
            OutOfRange::refuse('fat', $fat, 0.0, 1e6, 'g/l');
            OutOfRange::refuse('gelatin', $gelatin, 0.0, 1e6, 'g/l');
            OutOfRange::refuse('thickening', $thickening, 0.0, 1e6, 'g/l');
        }
    }
}
