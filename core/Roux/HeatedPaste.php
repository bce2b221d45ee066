<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;

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

    /** K over which a cook closes the flame as the paste nears its held temperature. */
    private const THROTTLE = 20.0;

    /** W/(K cm2 of base): 18 W/(m2 K) of oven air on top, base and wall, 2.2 times the base. */
    public const OVEN_PER_CM2 = 18.0 * 2.2 * 1e-4;

    /**
     * @param float $dryHeat J/K of pan, dry flour and waterless fat
     * @param float $area cm2 of the pan's base
     */
    public function __construct(private float $dryHeat, private float $area) {}

    /**
     * @param float $flux W/cm2 that the hob gives at most, 0 off the heat
     * @param float $held °C at which the cook lets it settle
     *
     * @return array{float, float, float} °C, g of the fat's water, g of the flour's water, after so many seconds
     */
    public function onHob(float $celsius, float $fatWater, float $flourWater, float $flux, float $held, float $seconds): array
    {
        $loss = PanHeat::LOSS_PER_CM2 * ($celsius - PanHeat::AMBIENT);

        return $this->heated($celsius, $fatWater, $flourWater, $this->area * (self::fluxLetIn($celsius, $flux, $held) - $loss), $seconds);
    }

    /** @return array{float, float, float} as onHob */
    public function inOven(float $celsius, float $fatWater, float $flourWater, float $air, float $seconds): array
    {
        return $this->heated($celsius, $fatWater, $flourWater, self::OVEN_PER_CM2 * $this->area * ($air - $celsius), $seconds);
    }

    /** @return array{float, float, float} as onHob */
    public function offHeat(float $celsius, float $fatWater, float $flourWater, OffHeat $where, float $seconds): array
    {
        return $this->heated($celsius, $fatWater, $flourWater, $where->lossPerCm2() * $this->area * ($where->celsius() - $celsius), $seconds);
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
        $boiling = HeatCapacity::STEAM * (self::FAT_WATER_RATE * $fatWater + self::FLOUR_WATER_RATE * $flourWater);
        $after = ($capacity * $celsius + $seconds * ($watts + $boiling * 100.0)) / ($capacity + $seconds * $boiling);
        if ($after <= 100.0) {
            return [$after, $fatWater, $flourWater];
        }
        $excess = ($after - 100.0) * $seconds;

        return [$after, $fatWater * exp(-self::FAT_WATER_RATE * $excess), $flourWater * exp(-self::FLOUR_WATER_RATE * $excess)];
    }
}
