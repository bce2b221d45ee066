<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** A roux off the heat in its own pan: how long until it is mild enough for the first splash. Losses as on the hob: docs/model.md, B. */
final readonly class RouxCooling
{
    public static function time(Mass $roux, Mass $pan, float $panAreaCm2, Temperature $from, Temperature $to): Duration
    {
        if ($from->kelvin <= $to->kelvin) {
            return Duration::ofSeconds(0.0);
        }
        $capacity = $roux->inGrams() * HeatCapacity::ROUX + $pan->inGrams() * PanHeat::METAL_CAPACITY;

        return Duration::ofSeconds($capacity / (PanHeat::LOSS_PER_CM2 * $panAreaCm2) * log(($from->inCelsius() - PanHeat::AMBIENT) / ($to->inCelsius() - PanHeat::AMBIENT)));
    }
}
