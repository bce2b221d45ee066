<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** How long a pot takes to its boil: one heated lump that loses heat through the pan's outside. Source: docs/model.md, E. */
final readonly class TimeToBoil
{
    private const AMBIENT = 20.0;

    /** W/(m2 K) of outside times area of outside per area of base. */
    private const LOSS_PER_BASE = 14.0 * 2.5;

    private const CM2_IN_M2 = 1e-4;

    /** J/(kg K) of pan metal. */
    private const PAN_HEAT_CAPACITY = 500.0;

    /** @param float $netFlux W/cm2 that reach the pan's base */
    public function __construct(private Pan $pan, private float $netFlux) {}

    /**
     * @param float $heatCapacity J/K of what is in the pan
     *
     * @return Duration|null null where this heat never brings it to the boil
     */
    public function from(Temperature $temperature, float $heatCapacity, float $boilsAt = 100.0): ?Duration
    {
        $area = $this->pan->areaSquareCentimetres();
        $loss = self::LOSS_PER_BASE * $area * self::CM2_IN_M2;
        $inTheEnd = self::AMBIENT + $this->netFlux * $area / $loss;
        $celsius = $temperature->inCelsius();
        if ($celsius >= $boilsAt) {
            return Duration::ofSeconds(0.0);
        }
        if ($inTheEnd <= $boilsAt + 1.0) {
            return null;
        }
        $capacity = $heatCapacity + $this->pan->mass()->kilograms * self::PAN_HEAT_CAPACITY;

        return Duration::ofSeconds($capacity / $loss * log(($inTheEnd - $celsius) / ($inTheEnd - $boilsAt)));
    }
}
