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

    public function amountIn(Mass $mass): float
    {
        return $mass->kilograms / $this->of(1.0)->kilograms;
    }

    /** To the nearest quarter, with the unit: "3¼ oz". */
    public function write(Mass $mass): string
    {
        return KitchenNumber::toQuarters($this->amountIn($mass))->text() . ' ' . $this->value;
    }

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
