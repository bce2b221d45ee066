<?php

declare(strict_types=1);

namespace Lento\Family;

/** One pot before and after. */
final readonly class ScaledPot
{
    public function __construct(public string $key, public PotSize $before, public PotSize $after) {}
}
