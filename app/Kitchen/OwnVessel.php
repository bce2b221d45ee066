<?php

declare(strict_types=1);

namespace App\Kitchen;

use Lento\Keeping\Vessel as MeasuredVessel;
use Lento\Quantity\Length;

/** A tub, tray or pot that the kitchen keeps sauce in. */
final readonly class OwnVessel
{
    public function __construct(
        public int $id,
        public string $name,
        public int $millimetresLong,
        public ?int $millimetresWide,
        public int $millimetresHigh,
        public int $owned,
    ) {}

    /**
     * The one of these sides.
     *
     * @param array<int, self> $vessels
     */
    public static function alike(array $vessels, MeasuredVessel $measured): ?self
    {
        foreach ($vessels as $vessel) {
            if ($vessel->measured()->isAlike($measured)) {
                return $vessel;
            }
        }

        return null;
    }

    public function measured(): MeasuredVessel
    {
        return MeasuredVessel::of(
            Length::ofMillimetres((float) $this->millimetresLong),
            $this->millimetresWide === null ? null : Length::ofMillimetres((float) $this->millimetresWide),
            Length::ofMillimetres((float) $this->millimetresHigh),
        );
    }
}
