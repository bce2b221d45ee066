<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use App\Typed\TypedNumber;
use Lento\Quantity\Temperature;

/** Temperatures to the full degree, Celsius or Fahrenheit as the kitchen has it. */
final readonly class Degrees
{
    /** °C */
    private const BOILING = 95.0;

    /** "8 °C", "46 °F" */
    public static function text(Temperature $temperature): string
    {
        return self::number($temperature) . (app(Kitchen::class)->fahrenheit() ? ' °F' : ' °C');
    }

    /** "8.4 °C": as a thermometer shows it. */
    public static function tenths(Temperature $temperature): string
    {
        $isFahrenheit = app(Kitchen::class)->fahrenheit();

        return TypedNumber::plain(round($isFahrenheit ? $temperature->inCelsius() * 1.8 + 32.0 : $temperature->inCelsius(), 1))
            . ($isFahrenheit ? ' °F' : ' °C');
    }

    /** "at 8 °C"; a liquid near its boil is boiling, whatever the last degree is called */
    public static function ofLiquid(Temperature $temperature): string
    {
        return $temperature->inCelsius() >= self::BOILING
            ? Words::text('units.boiling')
            : Words::text('units.at', temperature: self::text($temperature));
    }

    /** The same without its unit, where a drawing says it once. */
    public static function number(Temperature $temperature): string
    {
        $celsius = $temperature->inCelsius();

        return sprintf('%.0F', app(Kitchen::class)->fahrenheit() ? $celsius * 9.0 / 5.0 + 32.0 : $celsius);
    }

    /** The name of the unit, for those who hear the drawing read. */
    public static function unit(): string
    {
        return Words::text('units.' . (app(Kitchen::class)->fahrenheit() ? 'fahrenheit' : 'celsius'));
    }
}
