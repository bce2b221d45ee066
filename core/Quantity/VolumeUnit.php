<?php

declare(strict_types=1);

namespace Lento\Quantity;

/**
 * The volumes a kitchen measures in.
 *
 * Sizes are the legal definitions: the US gallon is 231 cubic inches (3.785 411 784 l), the imperial gallon
 * 4.546 09 l; the rest are exact fractions of them. Metric cup 250 ml, spoons 15 and 5 ml.
 */
enum VolumeUnit: string
{
    case Millilitre = 'ml';
    case Centilitre = 'cl';
    case Decilitre = 'dl';
    case Litre = 'l';
    case UsTeaspoon = 'us tsp';
    case UsTablespoon = 'us tbsp';
    case UsFluidOunce = 'us fl oz';
    case UsCup = 'us cup';
    case UsPint = 'us pint';
    case UsQuart = 'us quart';
    case UsGallon = 'us gallon';
    case MetricTeaspoon = 'metric tsp';
    case MetricTablespoon = 'metric tbsp';
    case MetricCup = 'metric cup';
    case ImperialFluidOunce = 'imperial fl oz';
    case ImperialGill = 'imperial gill';
    case ImperialPint = 'imperial pint';
    case ImperialQuart = 'imperial quart';
    case ImperialGallon = 'imperial gallon';

    private const US_GALLON_IN_MILLILITRES = 3785.411784;

    private const IMPERIAL_GALLON_IN_MILLILITRES = 4546.09;

    public function size(): Volume
    {
        return Volume::ofMillilitres($this->millilitres());
    }

    public function of(float $amount): Volume
    {
        return Volume::ofMillilitres($amount * $this->millilitres());
    }

    public function amountIn(Volume $volume): float
    {
        return $volume->inMillilitres() / $this->millilitres();
    }

    /** To the nearest quarter, with the unit: "1½ us cup". */
    public function write(Volume $volume): string
    {
        return KitchenNumber::toQuarters($this->amountIn($volume))->text() . ' ' . $this->value;
    }

    private function millilitres(): float
    {
        return match ($this) {
            self::Millilitre => 1.0,
            self::Centilitre => 10.0,
            self::Decilitre => 100.0,
            self::Litre => 1000.0,
            self::UsTeaspoon => self::US_GALLON_IN_MILLILITRES / 768,
            self::UsTablespoon => self::US_GALLON_IN_MILLILITRES / 256,
            self::UsFluidOunce => self::US_GALLON_IN_MILLILITRES / 128,
            self::UsCup => self::US_GALLON_IN_MILLILITRES / 16,
            self::UsPint => self::US_GALLON_IN_MILLILITRES / 8,
            self::UsQuart => self::US_GALLON_IN_MILLILITRES / 4,
            self::UsGallon => self::US_GALLON_IN_MILLILITRES,
            self::MetricTeaspoon => 5.0,
            self::MetricTablespoon => 15.0,
            self::MetricCup => 250.0,
            self::ImperialFluidOunce => self::IMPERIAL_GALLON_IN_MILLILITRES / 160,
            self::ImperialGill => self::IMPERIAL_GALLON_IN_MILLILITRES / 32,
            self::ImperialPint => self::IMPERIAL_GALLON_IN_MILLILITRES / 8,
            self::ImperialQuart => self::IMPERIAL_GALLON_IN_MILLILITRES / 4,
            self::ImperialGallon => self::IMPERIAL_GALLON_IN_MILLILITRES,
        };
    }
}
