<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Numerics\Curve;

/**
 * What a minute of dry heat does to a roux: browning, counted as minutes at 160 °C, and the loss of its raw taste.
 *
 * HeatedPaste::brownedOnHob() has both laws written out once more, for it is the innermost loop of every roux; a test holds them together.
 * Source: docs/model.md, B. 85 kJ/mol lies between bread crust (64–72) and general browning reactions (100–150), ±25.
 */
final readonly class Browning
{
    /** K: 85 kJ/mol over the gas constant; and 160 °C in K. */
    public const ENERGY = 85e3 / Curve::GAS_CONSTANT;

    public const REFERENCE = 160.0 + Curve::CELSIUS_TO_KELVIN;

    /** 1/min at 110 °C, and 60 kJ/mol as above: loss of raw taste in the dry roux. */
    public const RAW_RATE = 0.40;

    public const RAW_ENERGY = 60e3 / Curve::GAS_CONSTANT;

    public const RAW_REFERENCE = 110.0 + Curve::CELSIUS_TO_KELVIN;

    /** @return float minutes at 160 °C that brown as much as one minute at this temperature */
    public static function perMinute(float $celsius): float
    {
        return exp(self::ENERGY * (1.0 / self::REFERENCE - 1.0 / ($celsius + Curve::CELSIUS_TO_KELVIN)));
    }

    /** @return float 1/min */
    public static function rawTasteLoss(float $celsius): float
    {
        return self::RAW_RATE * exp(self::RAW_ENERGY * (1.0 / self::RAW_REFERENCE - 1.0 / ($celsius + Curve::CELSIUS_TO_KELVIN)));
    }
}
