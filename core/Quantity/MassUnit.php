<?php

declare(strict_types=1);

namespace Lento\Quantity;

/** The masses a kitchen weighs in. */
enum MassUnit: string
{
    case Gram = 'g';
    case Kilogram = 'kg';
    case Ounce = 'oz';
    case Pound = 'lb';

    public function of(float $amount): Mass
    {
        return match ($this) {
            self::Gram => Mass::ofGrams($amount),
            self::Kilogram => Mass::ofKilograms($amount),
            self::Ounce => Mass::ofOunces($amount),
            self::Pound => Mass::ofPounds($amount),
        };
    }
}
