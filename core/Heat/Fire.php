<?php

declare(strict_types=1);

namespace Lento\Heat;

use Lento\Exception\OutOfRange;

/** What a hob does to a pan, in plain numbers for inner loops. */
final readonly class Fire
{
    /**
     * @param float $flux W/cm2 that it gives at most, 0 off the heat
     * @param float $held °C at which the cook lets it settle
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public float $flux, public float $held)
    {
        OutOfRange::refuse('power-of-a-hob', $flux, 0.0, 100.0, 'W/cm²');
        OutOfRange::refuse('held-temperature', $held, -50.0, 400.0, '°C');
    }
}
