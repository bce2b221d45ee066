<?php

declare(strict_types=1);

namespace Lento\Numerics;

/** The few curves the model is drawn with. They know numbers, not sauce. */
final readonly class Curve
{
    /** J/(mol K), CODATA 2018 rounded as the model uses it. */
    public const GAS_CONSTANT = 8.314;

    public const CELSIUS_TO_KELVIN = 273.15;

    public static function clamp(float $x, float $least, float $most): float
    {
        return $x < $least ? $least : ($x > $most ? $most : $x);
    }

    /** Logistic step from 0 to 1, centred on 0; the argument is clamped to ±40 so that exp cannot overflow. */
    public static function sigmoid(float $x): float
    {
        return 1.0 / (1.0 + exp(-self::clamp($x, -40.0, 40.0)));
    }

    /** ln(1 + e^x): zero far below 0, x far above it. */
    public static function softplus(float $x): float
    {
        return $x > 30.0 ? $x : ($x < -40.0 ? 0.0 : log(1.0 + exp($x)));
    }

    /**
     * Ratio of two Arrhenius rates, k(T) / k(T reference).
     *
     * @param float $activationEnergy J/mol
     * @param float $celsius °C
     * @param float $referenceCelsius °C
     */
    public static function arrhenius(float $activationEnergy, float $celsius, float $referenceCelsius): float
    {
        $x = ($activationEnergy / self::GAS_CONSTANT)
        * (1.0 / ($referenceCelsius + self::CELSIUS_TO_KELVIN) - 1.0 / ($celsius + self::CELSIUS_TO_KELVIN));

        return exp(self::clamp($x, -60.0, 60.0));
    }
}
