<?php

declare(strict_types=1);

namespace App\Family;

use App\Typed\FieldFault;
use Lento\Compose\Base;
use Lento\Family\Derivative;
use Lento\Procedure\Measure;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** A base that is there as it could be read: what is wrong leaves only that number out. */
final readonly class SupplyReading
{
    public Base $base;

    public string $liquid;

    public float $litres;

    /**
     * @param list<Derivative> $derivatives that are made of it
     * @param array<string, Measure> $counted what any of them needs, and how a cook counts it
     * @param array<string, Mass> $short what else is on hand, where it is short
     * @param list<array{Derivative, Volume}> $wishes
     * @param array<string, FieldFault> $faults by field
     */
    public function __construct(
        SupplyBase $of,
        public array $derivatives,
        public array $counted,
        public array $short,
        public array $wishes,
        public array $faults,
    ) {
        $this->base = $of->base;
        $this->liquid = $of->liquid;
        $this->litres = $of->litres;
    }
}
