<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\NotReachable;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** A roux off the heat in its own pan: how long until it is mild enough for the first splash. Losses as on the hob: docs/model.md, B. */
final readonly class RouxCooling
{
    /** @throws NotReachable if it shall get cooler than its surroundings */
    public static function time(Mass $roux, Mass $pan, Length $panDiameter, Temperature $from, Temperature $to, OffHeat $where = OffHeat::Bench): Duration
    {
        if ($from->kelvin <= $to->kelvin) {
            return Duration::ofSeconds(0.0);
        }
        if ($to->inCelsius() <= $where->celsius()) {
            throw NotReachable::target('a roux cooler than what stands around it');
        }
        $capacity = $roux->inGrams() * HeatCapacity::ROUX + $pan->inGrams() * PanHeat::METAL_CAPACITY;

        return Duration::ofSeconds($capacity / ($where->lossPerCm2() * M_PI * $panDiameter->inCentimetres() ** 2 / 4.0) * log(($from->inCelsius() - $where->celsius()) / ($to->inCelsius() - $where->celsius())));
    }
}
