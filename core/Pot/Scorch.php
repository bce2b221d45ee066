<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Numerics\Curve;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;

/**
 * Whether a sauce catches on the pan's floor: how hot the wall is under a thick, badly stirred sauce. A ranking.
 *
 * Source: docs/model.md, E and T9c; all of it estimates.
 */
final readonly class Scorch
{
    /** W/(m2 K) from the wall into a thin sauce, and the Pa s at which it has fallen to half. */
    private const TRANSFER = 1500.0;

    private const THICK = 0.3;

    /** What is left of it unstirred, and what stirring adds. */
    private const STILL = 0.7;

    private const STIRRED = 1.3;

    private const CM2_PER_M2 = 1e4;

    /** °C: no wall gets hotter; catching starts around the limit, sooner with milk or acid, within so many K. */
    private const HOTTEST = 300.0;

    private const CATCHES_AT = 130.0;

    private const MILK_SOONER = 8.0;

    private const SOUR_SOONER = 5.0;

    private const SOUR_BELOW = 5.0;

    private const WITHIN = 5.0;

    private function __construct(public Temperature $wall, public float $rank) {}

    /**
     * @param float $flux W/cm2 that goes through the base into the sauce
     * @param float $stirring 0 left alone to 1 stirred all the time
     */
    public static function of(
        Sauce $sauce,
        Temperature $temperature,
        float $flux,
        float $stirring = 0.5,
        PanBase $base = PanBase::Medium,
    ): self {
        $celsius = $temperature->inCelsius();
        $wall = self::wallCelsius($celsius, Flow::at($sauce, $celsius)->pascalSeconds(EquivalentFlour::SHEAR), $flux, $stirring, $base);

        return new self(Temperature::ofCelsius($wall), self::rankAt($wall, $sauce->dairy(), $sauce->pH()));
    }

    public function risk(): Risk
    {
        return Risk::of($this->rank);
    }

    /** @internal °C for inner loops */
    public static function wallCelsius(float $celsius, float $pascalSeconds, float $flux, float $stirring, PanBase $base): float
    {
        $transfer = (self::TRANSFER / (1.0 + sqrt($pascalSeconds / self::THICK)))
        * (self::STILL + self::STIRRED * Curve::clamp($stirring, 0.0, 1.0));

        return min(self::HOTTEST, $celsius + $base->peak() * $flux * self::CM2_PER_M2 / $transfer);
    }

    /** @internal 0 to 1, for inner loops */
    public static function rankAt(float $wall, float $dairy, float $pH): float
    {
        $limit = self::CATCHES_AT - self::MILK_SOONER * min(1.0, $dairy) - ($pH < self::SOUR_BELOW ? self::SOUR_SOONER : 0.0);

        return Curve::sigmoid(($wall - $limit) / self::WITHIN);
    }
}
