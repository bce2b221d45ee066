<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Thickener;
use Lento\Quantity\MassUnit;
use Lento\Quantity\VolumeUnit;

/** How an amount was measured, and so how far what lies in the bowl may miss what is written. */
enum Measured: string
{
    case Weighed = 'weighed';
    case Jug = 'jug';
    case Cup = 'cup';
    case Spoon = 'spoon';
    case Piece = 'piece';
    case Guessed = 'guessed';

    private const SPOONS = [
        VolumeUnit::UsTeaspoon,
        VolumeUnit::UsTablespoon,
        VolumeUnit::MetricTeaspoon,
        VolumeUnit::MetricTablespoon,
    ];

    private const CUPS = [VolumeUnit::UsCup, VolumeUnit::MetricCup];

    /** @param MassUnit|VolumeUnit|'stick'|null $unit null is counted by the piece; a stick is cut off a block that was weighed */
    public static function by(MassUnit|VolumeUnit|string|null $unit, bool $guessed): self
    {
        return match (true) {
            $guessed => self::Guessed,
            $unit instanceof MassUnit, is_string($unit) => self::Weighed,
            $unit === null => self::Piece,
            in_array($unit, self::SPOONS, true) => self::Spoon,
            in_array($unit, self::CUPS, true) => self::Cup,
            default => self::Jug,
        };
    }

    /**
     * @param bool $fullnessSaid whether a spoon or cup is said to be level, heaped, scooped
     *
     * @return float standard deviation of the logarithm. Dry cups scatter by 10–14 % between cooks who fill them each their own way, and
     * by half of that when they are told how; spoons by more; a jug read at its line by 3, a household's scale by 1; pieces by a quarter
     * (recalled from home-economics trials of measured flour [C]; guesses of the house [D]): docs/model.md, Assay
     */
    public function spread(Thickener|Fat|Ingredient $of, bool $fullnessSaid): float
    {
        $flows = $of instanceof Ingredient;

        return match ($this) {
            self::Weighed => 0.01,
            self::Jug => $of instanceof Thickener ? 0.12 : 0.03,
            self::Cup => $flows ? 0.04 : self::dry($of instanceof Thickener ? 0.12 : 0.06, $fullnessSaid),
            self::Spoon => $flows ? 0.08 : self::dry($of instanceof Thickener ? 0.20 : 0.12, $fullnessSaid),
            self::Piece => 0.25,
            self::Guessed => 0.40,
        };
    }

    private static function dry(float $spread, bool $fullnessSaid): float
    {
        return $fullnessSaid ? 0.5 * $spread : $spread;
    }
}
