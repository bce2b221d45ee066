<?php

declare(strict_types=1);

namespace Lento\Forecast;

use Lento\Heat\HobHeat;
use Lento\Learning\KitchenFactors;
use Lento\Numerics\Polyline;
use Lento\Roux\Shade;

/**
 * How far each forecast may miss, as standard deviations of the logarithm, from the stated errors of the model's parts.
 *
 * Nothing is drawn at random here; the parts are independent, so their squares add up. Source: docs/model.md, uncertainty (T13).
 */
final readonly class Spread
{
    /** Shade as a cook reads it off the pan; the fit of strength by shade, per unit of shade. */
    private const SHADE_READ = 0.15;

    private const STRENGTH_FIT = 0.04;

    /** Milk's boost of the thickening; gelatin's, per % of it, brought to flour by the exponent 3.4. */
    private const DAIRY = 0.04;

    private const GELATIN = 0.08 / 3.4;

    /** 10 % and 90 % of the minutes over the likely minutes, by shade: T13. */
    private const MINUTES_BELOW = [[1.0, 4.9 / 6.5], [2.0, 12.6 / 16.6], [3.0, 30.4 / 43.5]];

    private const MINUTES_ABOVE = [[1.0, 10.6 / 6.5], [2.0, 23.4 / 16.6], [3.0, 65.2 / 43.5]];

    /**
     * Times the spread of T13, which holds ring and flame still, in the logarithm: on a low flame all of the time is spent at a
     * temperature that is known to a few degrees, on a high one most of it goes by on the way there.
     * docs/model.md, How well it foretells itself.
     */
    private const BY_HEAT = ['low' => 1.43, 'medium-low' => 1.41, 'medium' => 1.24, 'medium-high' => 1.04, 'high' => 0.93];

    /** The less is left, the more each further millilitre thickens it. */
    private const STEEPER = 0.3;

    public function __construct(private KitchenFactors $kitchen) {}

    /**
     * Of the thickening of a flour in a roux of some shade; what a thickness in equivalent flour may miss by.
     *
     * @param float $dairy milk solids against whole milk, 0 to 1.3
     * @param float $gelatinPercent of the watery mass
     */
    public function ofThickness(Shade $shade, float $dairy, float $gelatinPercent): float
    {
        return sqrt(
            $this->kitchen->flourStrength->deviation ** 2
            + ($shade->strengthLoss() * self::SHADE_READ) ** 2
            + (self::STRENGTH_FIT * $shade->value) ** 2
            + (self::DAIRY * $dairy) ** 2
            + (self::GELATIN * $gelatinPercent) ** 2,
        );
    }

    /**
     * What the steam's spread adds to the thickness of a pot that simmers by the clock: so much more or less of it boils off, so much
     * thicker or thinner is what is left.
     *
     * @param float $boiledOff volume that boils off over the volume that is left
     */
    public function ofThicknessBySteam(float $boiledOff): float
    {
        return $boiledOff * (1.0 + self::STEEPER * $boiledOff) * $this->kitchen->evaporation->deviation;
    }

    /** Of what a simmer takes away, or of the minutes a reduction needs. */
    public function ofEvaporation(): float
    {
        return $this->kitchen->evaporation->deviation;
    }

    /** The minutes to a shade lean late: a lower flame costs more time than a higher one saves. */
    public function minutes(float $likely, Shade $shade, ?HobHeat $heat = null): Band
    {
        $certainty = $this->kitchen->browning->deviation / KitchenFactors::house()->browning->deviation;
        $certainty *= $heat === null ? 1.0 : self::BY_HEAT[$heat->value];

        return Band::skewed(
            $likely,
            Polyline::at(self::MINUTES_BELOW, $shade->value) ** $certainty,
            Polyline::at(self::MINUTES_ABOVE, $shade->value) ** $certainty,
        );
    }
}
