<?php

declare(strict_types=1);

namespace Lento\Heat;

/** What a hob does to a pan, in plain numbers for inner loops. */
final readonly class Fire
{
    /**
     * @param float $flux W/cm2 that it gives at most, 0 off the heat
     * @param float $held °C at which the cook lets it settle
     */
    public function __construct(public float $flux, public float $held) {}
}
