<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Numerics\Curve;

/**
 * What a minute of dry heat does to a roux: browning, counted as minutes at 160 °C, and the loss of its raw taste.
 *
 * Source: docs/model.md, B. 85 kJ/mol lies between bread crust (64–72) and general browning reactions (100–150), ±25.
 */
final readonly class Browning
{
    /** J/mol and °C. */
    private const ENERGY = 85e3;

    private const REFERENCE = 160.0;

    /** 1/min at 110 °C, and J/mol: loss of raw taste in the dry roux. */
    private const RAW_RATE = 0.40;

    private const RAW_ENERGY = 60e3;

    private const RAW_REFERENCE = 110.0;

    /** @return float minutes at 160 °C that brown as much as one minute at this temperature */
    public static function perMinute(float $celsius): float
    {
        return Curve::arrhenius(self::ENERGY, $celsius, self::REFERENCE);
    }

    /** @return float 1/min */
    public static function rawTasteLoss(float $celsius): float
    {
        return self::RAW_RATE * Curve::arrhenius(self::RAW_ENERGY, $celsius, self::RAW_REFERENCE);
    }
}
