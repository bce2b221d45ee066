<?php

declare(strict_types=1);

namespace Lento\Family;

/** A derivative that a service needs, for itself or for another. */
final readonly class PlannedDerivative
{
    public function __construct(public string $key, public Derivative $derivative, public string $parent, public float $served) {}
}
