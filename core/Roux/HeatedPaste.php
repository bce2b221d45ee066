<?php

declare(strict_types=1);

namespace Lento\Roux;

use Closure;
use Lento\Exception\OutOfRange;
use Lento\Heat\Fire;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Numerics\Curve;

/**
 * One lump of pan and paste under heat, step by step: plain numbers for inner loops.
 *
 * Free water boils off above 100 °C and holds the temperature there meanwhile; the flour's water leaves more slowly than the fat's, which
 * makes the second, bubbling plateau of a white roux. Source: docs/model.md, B.
 */
final readonly class HeatedPaste
{
    /** 1/(K s): how fast the fat's and the flour's water leave above the boil. */
    private const FAT_WATER_RATE = 0.002;

    private const FLOUR_WATER_RATE = 0.0006;

    /**
     * The same of vegetables in it: what is inside them comes out so slowly that it hardly grows less, and the liquid gives it back. An
     * estimate, ×/÷ 3. Source: docs/model.md, B.
     */
    private const BESIDE_WATER_RATE = 0.00005;

    /** K over which a cook closes the flame as the paste nears its held temperature. */
    private const THROTTLE = 20.0;

    /** Share of the way to the held temperature in a second from which a wide, thin pan goes along the curve, and by no straight step. */
    private const STIFF = 0.8;

    /** Whole butter heats alone until a fifth of its water is left (the foam has fallen), at most 6 min, and at least until it is warm. */
    private const FOAM_FALLEN = 0.20;

    /** °C. */
    private const BOILS = 100.0;

    private const LONGEST_MELTING = 360.0;

    private const WARM_ENOUGH = 60.0;

    /** K below the held temperature at which fat without water counts as hot; s after which nobody waits. */
    private const HOT_ENOUGH = 8.0;

    private const NEVER_MELTS = 3600.0;

    /** e to the minus this is less than any tongue tells. */
    private const NO_RAW_TASTE_LEFT = 40.0;

    /** s between two looks at what the pan would still do. */
    private const LOOK_SECONDS = 10;

    /** W/(K cm2 of base): 18 W/(m2 K) of oven air on top, base and wall, 2.2 times the base. */
    public const OVEN_PER_CM2 = 18.0 * 2.2 * 1e-4;

    /** g/(K s). */
    private float $beside;

    /**
     * @param float $dryHeat J/K of pan, dry flour, waterless fat and what lies beside them
     * @param float $area cm2 of the pan's base
     * @param float $waterBeside g of water in vegetables that share the pan
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(private float $dryHeat, private float $area, float $waterBeside = 0.0)
    {
        OutOfRange::refuse('water-in-vegetables', $waterBeside, 0.0, 1e9, 'g');
        $this->beside = self::BESIDE_WATER_RATE * $waterBeside;
        OutOfRange::refuse('heat-of-a-pan', $dryHeat, 0.0, 1e9, 'J/K');
        OutOfRange::refuse('area-of-a-pan', $area, 0.0, 1e6, 'cm²');
    }

    /**
     * @param float $flux W/cm2 that the hob gives at most, 0 off the heat
     * @param float $held °C at which the cook lets it settle
     *
     * @return array{float, float, float} °C, g of the fat's water, g of the flour's water, after so many seconds
     */
    public function onHob(float $celsius, float $fatWater, float $flourWater, float $flux, float $held, float $seconds): array
    {
        $loss = PanHeat::LOSS_PER_CM2 * ($celsius - PanHeat::AMBIENT);
        $wanted = $flux / self::THROTTLE * ($held - $celsius) + $loss;
        $in = $wanted < 0.0 ? 0.0 : ($wanted > $flux ? $flux : $wanted);

        $watts = $this->area * ($in - $loss);
        $capacity = $this->dryHeat + HeatCapacity::WATER * ($fatWater + $flourWater);
        $reach = $seconds * $this->area * $flux / self::THROTTLE / $capacity;
        $watts = $reach > self::STIFF && $in > 0.0 && $in < $flux ? self::along($watts, $reach) : $watts;

        return $this->heated($celsius, $fatWater, $flourWater, $watts, $seconds);
    }

    /** @return float W that a step takes on its way to the held temperature, which it nears and never leaps over */
    private static function along(float $watts, float $reach): float
    {
        return $watts * (1.0 - exp(-$reach)) / $reach;
    }

    /**
     * Fat alone on the hob until it is hot and its foam has fallen, or six minutes are over.
     *
     * @param float $water g of its water, all of it still there
     *
     * @return array{float, float, float} °C, g of water left, s it took
     */
    public function melted(float $water, float $flux, float $held): array
    {
        [$celsius, $all, $seconds] = [PanHeat::AMBIENT, $water, 0.0];
        [$slope, $loss, $area, $dry] = [$flux / self::THROTTLE, PanHeat::LOSS_PER_CM2, $this->area, $this->dryHeat];
        $stiff = $area * $slope > self::STIFF * $dry;
        if (!$stiff) {
            [$celsius, $seconds] = $this->fullFlame($celsius, $water, $flux, $held);
        }
        while ($seconds < self::NEVER_MELTS
            && ($celsius < 100.0 || $water > self::FOAM_FALLEN * $all + 1e-9)
            && $celsius < $held - self::HOT_ENOUGH
            && ($seconds < self::LONGEST_MELTING || $celsius < self::WARM_ENOUGH)) {
            $lost = $loss * ($celsius - PanHeat::AMBIENT);
            $in = $slope * ($held - $celsius) + $lost;
            $watts = $area * (($in < 0.0 ? 0.0 : ($in > $flux ? $flux : $in)) - $lost);
            $capacity = $dry + HeatCapacity::WATER * $water;
            if ($stiff && $in > 0.0 && $in < $flux) {
                $watts = self::along($watts, $area * $slope / $capacity);
            }
            $after = $celsius + $watts / $capacity;
            if ($celsius > 100.0 || $after > 100.0) {
                [$after, $water] = $this->heated($celsius, $water, 0.0, $watts, 1.0);
            }
            $celsius = $after;
            $seconds += 1.0;
        }

        return [$celsius, $water, $seconds];
    }

    /**
     * As long as the flame is full and nothing boils, each second brings the same share of the way: all of them at once, and the very
     * temperature that as many steps would.
     *
     * @return array{float, float} °C, s, short of the boil, of where the flame is closed, and of the longest melting
     */
    private function fullFlame(float $celsius, float $water, float $flux, float $held): array
    {
        $slope = $flux / self::THROTTLE;
        $heat = $this->area / ($this->dryHeat + HeatCapacity::WATER * $water);
        [$goes, $rest] = [1.0 - PanHeat::LOSS_PER_CM2 * $heat, PanHeat::AMBIENT + $flux / PanHeat::LOSS_PER_CM2];
        $closes = ($slope * $held - PanHeat::LOSS_PER_CM2 * PanHeat::AMBIENT - $flux) / ($slope - PanHeat::LOSS_PER_CM2);
        $until = min(self::BOILS, $closes, $held - self::HOT_ENOUGH) - 1.0;
        if ($slope <= PanHeat::LOSS_PER_CM2 || $until <= $celsius || $until >= $rest || $goes <= 0.0) {
            return [$celsius, 0.0];
        }
        $seconds = max(0.0, min(self::LONGEST_MELTING - 1.0, floor(log(($rest - $until) / ($rest - $celsius)) / log($goes))));

        return [$rest - ($rest - $celsius) * $goes ** $seconds, $seconds];
    }

    /**
     * Many seconds on the hob at once, browning meanwhile: all of onHob() and Browning in one loop, because every answer of Compose waits
     * here.
     *
     * @param array{float, float, float, float, float} $from °C, g of the fat's water, g of the flour's water, dose, decay of raw taste
     * @param float $speed this kitchen's browning against the house figure
     * @param float $enough dose at which to stop
     * @param Closure(float): float|null $gains dose that is still to come from a temperature, looked at every few seconds
     *
     * @return array{int, array{float, float, float, float, float}} s it took (all of them where it never got there), and the same five then
     */
    public function brownedOnHob(array $from, Fire $fire, float $speed, int $seconds, float $enough, ?Closure $gains): array
    {
        [$celsius, $fatWater, $flourWater, $dose, $decay] = $from;
        [$flux, $held] = [$fire->flux, $fire->held];
        [$slope, $loss, $area, $dry] = [$flux / self::THROTTLE, PanHeat::LOSS_PER_CM2, $this->area, $this->dryHeat];
        [$speed, $rawRate] = [$speed / 60.0, Browning::RAW_RATE / 60.0];
        $stiff = $area * $slope > self::STIFF * $dry;
        for ($i = 0; $i < $seconds; $i++) {
            if ($dose >= $enough || ($gains !== null && $i % self::LOOK_SECONDS === 0 && $dose + $gains($celsius) >= $enough)) {
                return [$i, [$celsius, $fatWater, $flourWater, $dose, $decay]];
            }
            $lost = $loss * ($celsius - PanHeat::AMBIENT);
            $in = $slope * ($held - $celsius) + $lost;
            $watts = $area * (($in < 0.0 ? 0.0 : ($in > $flux ? $flux : $in)) - $lost);
            $capacity = $dry + HeatCapacity::WATER * ($fatWater + $flourWater);
            if ($stiff && $in > 0.0 && $in < $flux) {
                $watts = self::along($watts, $area * $slope / $capacity);
            }
            $after = $celsius + $watts / $capacity;
            if ($celsius > 100.0 || $after > 100.0) {
                $boiling = HeatCapacity::STEAM * (self::FAT_WATER_RATE * $fatWater + self::FLOUR_WATER_RATE * $flourWater + $this->beside);
                $after = ($capacity * $celsius + $watts + $boiling * 100.0) / ($capacity + $boiling);
                if ($after > 100.0) {
                    $fatWater *= exp(self::FAT_WATER_RATE * (100.0 - $after));
                    $flourWater *= exp(self::FLOUR_WATER_RATE * (100.0 - $after));
                }
            }
            $celsius = $after;
            $inverse = 1.0 / ($celsius + Curve::CELSIUS_TO_KELVIN);
            $dose += $speed * exp(Browning::ENERGY * (1.0 / Browning::REFERENCE - $inverse));
            $decay
                += $decay < self::NO_RAW_TASTE_LEFT
                    ? $rawRate * exp(Browning::RAW_ENERGY * (1.0 / Browning::RAW_REFERENCE - $inverse))
                    : 0.0;
        }

        return [$seconds, [$celsius, $fatWater, $flourWater, $dose, $decay]];
    }

    /** @return array{float, float, float} as onHob */
    public function inOven(float $celsius, float $fatWater, float $flourWater, float $air, float $seconds): array
    {
        return $this->heated($celsius, $fatWater, $flourWater, self::OVEN_PER_CM2 * $this->area * ($air - $celsius), $seconds);
    }

    /** @return array{float, float, float} as onHob */
    public function offHeat(float $celsius, float $fatWater, float $flourWater, OffHeat $where, float $seconds): array
    {
        return $this->heated(
            $celsius,
            $fatWater,
            $flourWater,
            $where->lossPerCm2() * $this->area * ($where->celsius() - $celsius),
            $seconds,
        );
    }

    /** @return float W/cm2 that the cook lets into the base */
    public static function fluxLetIn(float $celsius, float $flux, float $held): float
    {
        $wanted = $flux / self::THROTTLE * ($held - $celsius) + PanHeat::LOSS_PER_CM2 * ($celsius - PanHeat::AMBIENT);

        return $wanted < 0.0 ? 0.0 : ($wanted > $flux ? $flux : $wanted);
    }

    /** @return array{float, float, float} */
    private function heated(float $celsius, float $fatWater, float $flourWater, float $watts, float $seconds): array
    {
        $capacity = $this->dryHeat + HeatCapacity::WATER * ($fatWater + $flourWater);
        $after = $celsius + $watts * $seconds / $capacity;
        if ($celsius <= 100.0 && $after <= 100.0) {
            return [$after, $fatWater, $flourWater];
        }
        $boiling = HeatCapacity::STEAM * (self::FAT_WATER_RATE * $fatWater + self::FLOUR_WATER_RATE * $flourWater + $this->beside);
        $after = ($capacity * $celsius + $seconds * ($watts + $boiling * 100.0)) / ($capacity + $seconds * $boiling);
        if ($after <= 100.0) {
            return [$after, $fatWater, $flourWater];
        }
        $excess = ($after - 100.0) * $seconds;

        return [$after, $fatWater * exp(-self::FAT_WATER_RATE * $excess), $flourWater * exp(-self::FLOUR_WATER_RATE * $excess)];
    }
}
