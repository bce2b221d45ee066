<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/** One thing to do about a fault, with its amounts for this pot, its minutes, and the sauce it leaves. */
final readonly class Remedy
{
    public ?Volume $liquid;

    public ?Mass $solid;

    public ?Means $means;

    /**
     * @param Duration $time until it has worked
     * @param Sauce|null $after null where there is no sauce after it: a roux, or nothing left to save
     * @param Length|null $depth to which it is boiled down
     * @param float|null $ratio of fat to flour afterwards
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public RemedyKind $kind,
        public Duration $time,
        public ?Sauce $after,
        Dosing $dosing = new Dosing(),
        public ?Length $depth = null,
        public ?float $ratio = null,
    ) {
        OutOfRange::refuse('fat-to-flour', $ratio ?? 0.0, 0.0, 100.0, 'to 1');
        $this->liquid = $dosing->liquid;
        $this->solid = $dosing->solid;
        $this->means = $dosing->means;
    }
}
