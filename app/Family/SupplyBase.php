<?php

declare(strict_types=1);

namespace App\Family;

use Lento\Compose\Base;

/** The base that is there. */
final readonly class SupplyBase
{
    /**
     * @param float $litres of the base; 0 where they could not be read
     */
    public function __construct(
        public Base $base,
        public string $liquid,
        public float $litres,
    ) {}
}
