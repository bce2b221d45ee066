<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/**
 * Fats.
 *
 * Source: docs/model.md, table A. Butter at 0.959 g/ml is the cup convention (227 g a US cup); melted it is 0.91. Poultry fat, lard
 * and clarified butter are for the liquid at about 40 °C.
 */
final readonly class FatTable
{
    /** @return list<Fat> */
    public static function rows(): array
    {
        $m = [Allergen::Milk];

        return [
            //       id, g/ml, fat, water, solids, smokes at °C, melts at °C
            self::row('butter', 0.959, 0.815, 0.16, 0.02, 165.0, 33.0, $m),
            self::row('rich-butter', 0.955, 0.835, 0.145, 0.018, 165.0, 33.0, $m),
            self::row('clarified-butter', 0.9, 0.995, 0.003, 0.002, 240.0, 33.0, $m),
            self::row('vegetable-oil', 0.92, 1.0, 0.0, 0.0, 220.0, -5.0, []),
            self::row('olive-oil', 0.914, 1.0, 0.0, 0.0, 195.0, -3.0, []),
            self::row('lard', 0.89, 0.998, 0.002, 0.0, 188.0, 38.0, []),
            self::row('poultry-fat', 0.895, 0.995, 0.005, 0.0, 190.0, 28.0, []),
            self::row('beef-dripping', 0.89, 0.99, 0.008, 0.002, 200.0, 44.0, []),
            self::row('pan-drippings', 0.93, 0.85, 0.13, 0.02, 180.0, 35.0, []),
            self::row('margarine', 0.95, 0.8, 0.17, 0.02, 160.0, 34.0, $m),
        ];
    }

    /**
     * @param non-empty-string $id
     * @param list<Allergen> $allergens
     */
    private static function row(
        string $id,
        float $density,
        float $fat,
        float $water,
        float $solids,
        float $smokes,
        float $melts,
        array $allergens,
    ): Fat {
        return Fat::of(
            $id,
            Density::ofGramsPerMillilitre($density),
            new FatMakeup($fat, $water, $solids),
            Temperature::ofCelsius($smokes),
            Temperature::ofCelsius($melts),
            $allergens,
        );
    }
}
