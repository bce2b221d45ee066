<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** The liquid that a roux is to take: how much, how hot, and how much heat a gram of it keeps. */
final readonly class PouredLiquid
{
    /**
     * @param float $heat J/(g K)
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public Mass $mass, public Temperature $temperature, public float $heat)
    {
        OutOfRange::refuse('heat-capacity', $heat, 0.0, 10.0, 'J/(g K)');
    }
}
