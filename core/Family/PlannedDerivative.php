<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\OutOfRange;

/** A derivative that a service needs, for itself or for another. */
final readonly class PlannedDerivative
{
    /** @throws OutOfRange for what cannot be */
    public function __construct(public string $key, public Derivative $derivative, public string $parent, public float $served)
    {
        OutOfRange::refuse('amount-served', $served, 0.0, 1e6, 'l');
    }
}
