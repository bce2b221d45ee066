<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Heat\HeatCapacity;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\PotState;
use Lento\Simulation\Setting;

/**
 * How high a boiling sauce stands with its foam: milk and flour hold the steam, the spoon lets it out.
 *
 * Estimates: milk at a full boil doubles, docs/practice.md.
 */
final readonly class Head
{
    /** Times as high per g/min and cm2 of steam, in what holds it fully. */
    private const FOAMS = 14.0;

    /** Of milk what starch alone holds; and what a lid adds. */
    private const STARCHY = 0.4;

    private const UNDER_A_LID = 1.6;

    private const SWOLLEN_GRAMS_PER_LITRE = 40.0;

    private const STIRRED_DOWN = 0.75;

    private const JUST_BELOW = 0.6;

    /** @return float of the pan's height */
    public static function of(PotState $state, Setting $setting, HeatedPan $vessel): float
    {
        $sauce = $state->sauce;
        $fill = $vessel->pan->fill($state->content()->volume());
        if ($state->paste !== null || $sauce->grams() <= 0.0) {
            return $fill;
        }
        $starch = min(1.0, $sauce->starch->strengthGrams / max(1e-6, $sauce->millilitres() / 1000.0) / self::SWOLLEN_GRAMS_PER_LITRE);
        $holds = min(1.0, $sauce->dairy() + self::STARCHY * $starch);
        $lid = $setting->lid->share() < 1.0 ? 1.0 + (self::UNDER_A_LID - 1.0) * (1.0 - $setting->lid->share()) : 1.0;

        return $fill * (1.0 + self::FOAMS * self::steam($state, $setting, $vessel) * $holds * $lid
            * (1.0 - self::STIRRED_DOWN * $setting->stirring));
    }

    /** @return float g/min and cm2 that rise as bubbles */
    public static function steam(PotState $state, Setting $setting, HeatedPan $vessel): float
    {
        $heating = $setting->heating;
        $boil = $vessel->boilsAt->inCelsius();
        if ($heating->simmer !== null) {
            return $state->celsius >= min($boil, $heating->simmer->celsius()) - self::JUST_BELOW ? $heating->simmer->flux() : 0.0;
        }

        return $state->celsius >= $boil - self::JUST_BELOW ? $vessel->flux($heating) * 60.0 / HeatCapacity::STEAM : 0.0;
    }
}
