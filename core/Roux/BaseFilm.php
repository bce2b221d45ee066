<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Heat\HobHeat;
use Lento\Numerics\Curve;
use Lento\Quantity\Temperature;

/**
 * The thin film of roux next to the metal, which is hotter than the paste and burns first.
 *
 * Source: docs/model.md, B and T2c: estimates; the speck risk ranks heats and stirring, it is no probability.
 */
final readonly class BaseFilm
{
    /** W/(m2 K) through the film: unstirred, and what stirring adds. */
    private const STILL = 90.0;

    private const STIRRED = 310.0;

    private const CM2_PER_M2 = 1e4;

    /** °C at which every other batch gets specks, and K over which that turns. */
    private const SPECKS_AT = 215.0;

    private const SPECKS_WITHIN = 8.0;

    private function __construct(public Temperature $temperature, public float $speckRisk) {}

    /** @param float $stirring 0 left alone to 1 stirred all the time */
    public static function under(Temperature $paste, HobHeat $heat, float $stirring = 1.0): self
    {
        $celsius = self::celsius(
            $paste->inCelsius(),
            HeatedPaste::fluxLetIn($paste->inCelsius(), $heat->flux(), $heat->heldCelsius()),
            $stirring,
        );

        return new self(Temperature::ofCelsius($celsius), self::speckRiskAt($celsius));
    }

    /** @internal °C for inner loops, flux in W/cm2 */
    public static function celsius(float $paste, float $flux, float $stirring): float
    {
        return $paste + $flux * self::CM2_PER_M2 / (self::STILL + self::STIRRED * Curve::clamp($stirring, 0.0, 1.0));
    }

    /** @internal 0 to 1, for inner loops */
    public static function speckRiskAt(float $celsius): float
    {
        return Curve::sigmoid(($celsius - self::SPECKS_AT) / self::SPECKS_WITHIN);
    }
}
