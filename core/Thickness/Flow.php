<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Numerics\Curve;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;

/**
 * How a sauce flows at one temperature: a yield stress, a power law, and the liquid it all swims in.
 *
 * eta(shear) = yield/shear + K shear^(n-1) + solvent. Absolute viscosity is known to x/÷ 1.8; work in equivalent flour, where that
 * error cancels. Valid for equivalent flour 15-160 g/l, 4-100 °C, pH 3-7. Source: docs/model.md, D.
 */
final readonly class Flow
{
    /** kg/m3 of a sauce, for what its own weight makes it do. */
    public const DENSITY = 1030.0;

    /** m/s2. */
    public const GRAVITY = 9.81;

    /** Pa s at 50 1/s and 60 °C for the reference thickening, no fat, no milk; set by a standard flour pasting recipe. */
    private const REFERENCE_VISCOSITY = 0.235;

    /** g flour-equivalent per litre of watery phase. */
    private const REFERENCE_THICKENING = 66.0;

    private const VISCOSITY_EXPONENT = 3.4;

    /** Pa at the reference, and its exponent. */
    private const REFERENCE_YIELD = 1.55;

    private const YIELD_EXPONENT = 3.5;

    /** J/mol: 1.7 to 1.9 times thinner from 60 to 95 °C; ±25 %. */
    private const FLOW_ENERGY = 17e3;

    /** Boost of the thickening in a watery phase that is all milk. */
    private const DAIRY_BOOST = 0.08;

    /** ln(viscosity) per % gelatin. */
    private const GELATIN_BOOST = 0.24;

    /** times the reference thickening at which it levels off. */
    private const SATURATES = 6.0;

    /** What gelatin (per %) and milk add to the liquid itself. */
    private const SOLVENT_GELATIN = 0.32;

    private const SOLVENT_DAIRY = 0.6;

    /** ln(50/10): from the shear rate the viscosity is given at to that of serving. */
    private const LOG_SHEARS = 1.6094379124341003;

    private const THINNEST_INDEX = 0.38;

    private const INDEX_SCALE = 37.0;

    /** Cold gel: factor on the yield, °C where half set, width in K, hours to set; x/÷ 3. */
    private const GEL_FACTOR = 15.0;

    private const GEL_CELSIUS = 30.0;

    private const GEL_WIDTH = 6.0;

    private const GEL_HOURS = 1.5;

    private function __construct(
        /** Pa */
        public float $yield,
        /** Pa s^n */
        public float $consistency,
        public float $index,
        /** Pa s */
        public float $solvent,
    ) {}

    public static function of(Sauce $sauce, Temperature $temperature, ?Duration $cold = null): self
    {
        return self::at($sauce, $temperature->inCelsius(), ($cold->seconds ?? 0.0) / 3600.0);
    }

    /** @internal plain numbers for the simmer's inner loop */
    public static function at(Sauce $sauce, float $celsius, float $coldHours = 0.0): self
    {
        $s = $sauce->suspension();
        [$yield, $consistency, $index, $solvent, $x] = self::parts($s, self::warmth($celsius), self::waterViscosity($celsius));
        if ($coldHours <= 0.0) {
            return new self($yield, $consistency, $index, $solvent);
        }
        $set = 1.0 - exp(-$coldHours / self::GEL_HOURS);
        $gel = self::GEL_FACTOR * $set * Curve::sigmoid((self::GEL_CELSIUS - $celsius) / self::GEL_WIDTH);
        $jelly = 40.0 * $s->gelatin ** 2 * (1.0 + $x) ** 2 * Curve::sigmoid((22.0 - $celsius) / 2.0) * $set;

        return new self($yield * (1.0 + $gel) + $jelly, $consistency, $index, $solvent);
    }

    /**
     * @internal the apparent viscosity at 10 1/s, hot, for inner loops at one temperature
     *
     * @param float $warmth of that temperature
     * @param float $water Pa s, viscosity of water at that temperature
     */
    public static function apparent(Suspension $s, float $warmth, float $water): float
    {
        return self::apparentOf($s->thickening, $s->dairy, $s->fat, $s->gelatin, $warmth, $water);
    }

    /**
     * @internal the same in plain numbers: those of a Suspension
     *
     * @param float $warmth as above, as is $water
     */
    public static function apparentOf(float $thickening, float $dairy, float $fat, float $gelatin, float $warmth, float $water): float
    {
        $x = $thickening / self::REFERENCE_THICKENING * (1.0 + self::DAIRY_BOOST * $dairy);
        $sixth = $x / self::SATURATES;
        $sixth *= $sixth;
        $x *= exp(log1p($sixth * $sixth * $sixth) / -6.0);
        $thins = 1.0 - $fat;
        $fatFactor = 1.0 / ($thins * $thins * sqrt($thins));
        $power = log($x);
        $index = self::THINNEST_INDEX + (1.0 - self::THINNEST_INDEX) * exp(-$x * self::REFERENCE_THICKENING / self::INDEX_SCALE);
        $body = $fatFactor * $warmth * ($gelatin > 0.0 ? exp(self::GELATIN_BOOST * $gelatin) : 1.0);

        return $body
            * ((self::REFERENCE_YIELD / EquivalentFlour::SHEAR) * exp(self::YIELD_EXPONENT * $power)
                + self::REFERENCE_VISCOSITY * exp(self::VISCOSITY_EXPONENT * $power + (1.0 - $index) * self::LOG_SHEARS))
            + $water * ($gelatin > 0.0 ? exp(self::SOLVENT_GELATIN * $gelatin) : 1.0) * (1.0 + self::SOLVENT_DAIRY * $dairy) * $fatFactor;
    }

    /** @internal factor on the viscosity against 60 °C */
    public static function warmth(float $celsius): float
    {
        return Curve::arrhenius(-self::FLOW_ENERGY, $celsius, 60.0);
    }

    /** Thickening over the reference; beyond some 250 g/l more starch finds no more water to swell in. */
    private static function saturated(Suspension $s): float
    {
        $x = $s->thickening / self::REFERENCE_THICKENING * (1.0 + self::DAIRY_BOOST * $s->dairy);
        $sixth = ($x / self::SATURATES) ** 2;

        return $x * exp(log1p($sixth * $sixth * $sixth) / -6.0);
    }

    /** @return array{float, float, float, float, float} yield Pa, consistency Pa s^n, index, solvent Pa s, thickening over the reference */
    private static function parts(Suspension $s, float $warmth, float $water): array
    {
        $x = self::saturated($s);
        $fatFactor = (1.0 - $s->fat) ** -2.5;
        $body = $fatFactor * exp(self::GELATIN_BOOST * $s->gelatin) * $warmth;
        $index = self::THINNEST_INDEX + (1.0 - self::THINNEST_INDEX) * exp(-$x * self::REFERENCE_THICKENING / self::INDEX_SCALE);

        return [
            self::REFERENCE_YIELD * $x ** self::YIELD_EXPONENT * $body,
            self::REFERENCE_VISCOSITY * $x ** self::VISCOSITY_EXPONENT * $body * 50.0 ** (1.0 - $index),
            $index,
            $water * exp(self::SOLVENT_GELATIN * $s->gelatin) * (1.0 + self::SOLVENT_DAIRY * $s->dairy) * $fatFactor,
            $x,
        ];
    }

    /** @param float $shear 1/s, > 0 */
    public function viscosity(float $shear): Viscosity
    {
        return Viscosity::ofPascalSeconds($this->pascalSeconds($shear));
    }

    /** @internal */
    public function pascalSeconds(float $shear): float
    {
        return $this->yield / $shear + $this->consistency * $shear ** ($this->index - 1.0) + $this->solvent;
    }

    /** @internal Pa s; Vogel equation for water */
    public static function waterViscosity(float $celsius): float
    {
        return 1e-3 * exp(-3.7188 + 578.919 / ($celsius + 273.15 - 137.546));
    }
}
