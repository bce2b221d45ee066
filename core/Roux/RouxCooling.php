<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** A roux off the heat in its own pan: how long until it is mild enough for the first splash. Losses as on the hob: docs/model.md, B. */
final readonly class RouxCooling
{
    private const AMBIENT = 20.0;

    private const ROUX_HEAT_CAPACITY = 1.95;

    private const PAN_HEAT_CAPACITY = 0.5;

    /** W/(m2 K) times outside per base, per cm2. */
    private const LOSS_PER_CM2 = 14.0 * 2.5 * 1e-4;

    public static function time(Mass $roux, Mass $pan, float $panAreaCm2, Temperature $from, Temperature $to): Duration
    {
        if ($from->kelvin <= $to->kelvin) {
            return Duration::ofSeconds(0.0);
        }
        $capacity = $roux->inGrams() * self::ROUX_HEAT_CAPACITY + $pan->inGrams() * self::PAN_HEAT_CAPACITY;

        return Duration::ofSeconds($capacity / (self::LOSS_PER_CM2 * $panAreaCm2) * log(($from->inCelsius() - self::AMBIENT) / ($to->inCelsius() - self::AMBIENT)));
    }
}
