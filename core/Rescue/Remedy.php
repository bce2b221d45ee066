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

    /** @var list<array{string, Mass}> larder ids and weights of all that goes in */
    public array $goesIn;

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
        $this->goesIn = $dosing->goesIn;
    }

    /** Whether the sauce boils while it is done; what thickens it at the boil does too. */
    public function boils(): bool
    {
        return $this->kind->boils() || $this->kind === RemedyKind::Thicken && $this->means !== Means::CookedApart;
    }

    /** Whether it goes in by halves: half, judge, then the rest. */
    public function byHalves(): bool
    {
        return $this->goesIn !== [] && !in_array($this->kind, [RemedyKind::AddFat, RemedyKind::AddFlour, RemedyKind::Bind], true);
    }

    /** @return list<array{string, Mass}> the first half of what goes in */
    public function half(): array
    {
        return array_map(static fn(array $one): array => [$one[0], Mass::ofKilograms(0.5 * $one[1]->kilograms)], $this->goesIn);
    }
}
