<?php

declare(strict_types=1);

namespace Lento\Heat;

/**
 * A hob level, as net flux into the pan base and the temperature at which the cook holds the roux. Source: docs/model.md, B (estimates).
 */
enum HobHeat: string
{
    case Low = 'low';
    case MediumLow = 'medium-low';
    case Medium = 'medium';
    case MediumHigh = 'medium-high';
    case High = 'high';

    /** @return float W/cm2 */
    public function flux(): float
    {
        return match ($this) {
            self::Low => 0.50,
            self::MediumLow => 0.80,
            self::Medium => 1.15,
            self::MediumHigh => 1.70,
            self::High => 2.50,
        };
    }

    /** @return float °C */
    public function heldCelsius(): float
    {
        return match ($this) {
            self::Low => 125.0,
            self::MediumLow => 145.0,
            self::Medium => 160.0,
            self::MediumHigh => 180.0,
            self::High => 205.0,
        };
    }
}
