<?php

declare(strict_types=1);

namespace Lento\Heat;

/** Heat capacities of what is in the pan. Source: docs/model.md, A, after Choi & Okos 1986, rounded. */
final readonly class HeatCapacity
{
    /** J/(g K). */
    public const WATER = 4.18;

    public const FAT = 2.05;

    public const SOLIDS = 1.6;

    public const ALCOHOL = 3.0;

    /** A cooked roux as a whole; melted fat and dry flour in it, while it cooks. */
    public const ROUX = 1.95;

    public const FAT_IN_ROUX = 2.1;

    public const FLOUR_IN_ROUX = 1.55;

    /** Vegetables, with the water in them. */
    public const VEGETABLES = 3.9;

    /** J/g to turn boiling water into steam. */
    public const STEAM = 2257.0;

    /** @return float J/K for grams, J/(g K) for mass fractions */
    public static function of(float $water, float $fat, float $solids, float $alcohol): float
    {
        return self::WATER * $water + self::FAT * $fat + self::SOLIDS * $solids + self::ALCOHOL * $alcohol;
    }
}
