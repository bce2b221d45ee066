<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/**
 * What an open pan of sauce loses as steam off the heat, while it cools to where something may go in, or while it is stirred.
 *
 * One lump that loses its heat through pan and surface, as in the pot cooked second by second. Source: docs/model.md, E.
 */
final readonly class CoolingOff
{
    /** Slices of temperature; against thousands within 0.2 % of the steam. */
    private const SLICES = 4;

    public function __construct(private Pan $pan) {}

    /** @return float g on the way down from one temperature to another; nothing on the way up */
    public function steam(Sauce $sauce, Temperature $from, Temperature $to): float
    {
        $area = $this->pan->areaSquareCentimetres();
        $capacity = $sauce->heatCapacity() + $this->pan->mass()->inGrams() * PanHeat::METAL_CAPACITY;
        $slice = ($from->inCelsius() - $to->inCelsius()) / self::SLICES;
        $steam = 0.0;
        for ($i = 0; $i < self::SLICES && $slice > 0.0; $i++) {
            $at = $from->inCelsius() - ($i + 0.5) * $slice;
            $flux = QuietSurface::flux($at) * $area;
            $watts = $area * PanHeat::LOSS_PER_CM2 * ($at - PanHeat::AMBIENT) + $flux / 60.0 * HeatCapacity::STEAM;
            $steam += $flux * $capacity * $slice / $watts / 60.0;
        }

        return $steam;
    }

    /** @return float g while it stands at about one temperature */
    public function standing(Temperature $at, Duration $for): float
    {
        return QuietSurface::flux($at->inCelsius()) * $this->pan->areaSquareCentimetres() * $for->inMinutes();
    }
}
