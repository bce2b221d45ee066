<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/**
 * Flours and starches.
 *
 * Source: docs/model.md, table A. Composition: rounded national food tables, ±2 points; cup weights ±8 % (spooned) to ±10 %
 * (scooped), so weigh whenever possible; power of the pure starches ±20 %.
 */
final readonly class ThickenerTable
{
    /** @return list<Thickener> */
    public static function rows(): array
    {
        $g = [Allergen::Gluten];

        return [
            //       id, g/ml spooned, scooped, sifted, water, starch, protein, fat, amylose, power, swells at °C, long-simmer loss, raw
            // taste
            self::row('plain-flour', 0.52, 0.6, 0.485, 0.12, 0.71, 0.105, 0.01, 0.26, 1.0, 76.0, 0.08, 1.0, $g),
            self::row('bread-flour', 0.54, 0.6, 0.5, 0.13, 0.68, 0.125, 0.013, 0.26, 0.95, 76.0, 0.08, 1.0, $g),
            self::row('cake-flour', 0.48, 0.55, 0.42, 0.125, 0.75, 0.085, 0.009, 0.26, 1.06, 76.0, 0.08, 1.0, $g),
            self::row('wholemeal-flour', 0.5, 0.56, 0.46, 0.11, 0.6, 0.13, 0.022, 0.26, 0.82, 77.0, 0.08, 1.1, $g),
            self::row('rice-flour', 0.6, 0.67, 0.54, 0.12, 0.79, 0.065, 0.014, 0.2, 1.1, 79.0, 0.08, 0.6, []),
            self::row('gluten-free-blend', 0.58, 0.65, 0.52, 0.12, 0.8, 0.04, 0.01, 0.21, 1.15, 77.0, 0.12, 0.5, []),
            self::row('cornflour', 0.49, 0.54, 0.45, 0.11, 0.88, 0.003, 0.001, 0.26, 2.0, 79.0, 0.08, 0.3, []),
            self::row('potato-starch', 0.66, 0.72, 0.6, 0.17, 0.82, 0.001, 0.001, 0.21, 1.8, 67.0, 0.25, 0.2, []),
            self::row('tapioca-starch', 0.5, 0.55, 0.45, 0.12, 0.87, 0.001, 0.001, 0.17, 1.45, 70.0, 0.2, 0.2, []),
            self::row('arrowroot', 0.53, 0.58, 0.48, 0.11, 0.88, 0.003, 0.001, 0.22, 1.6, 74.0, 0.2, 0.2, []),
            self::row('waxy-maize', 0.5, 0.55, 0.45, 0.11, 0.88, 0.003, 0.001, 0.01, 1.6, 72.0, 0.2, 0.2, []),
        ];
    }

    /**
     * @param non-empty-string $id
     * @param list<Allergen> $allergens
     */
    private static function row(
        string $id,
        float $spooned,
        float $scooped,
        float $sifted,
        float $water,
        float $starch,
        float $protein,
        float $fat,
        float $amylose,
        float $power,
        float $swellsAt,
        float $longSimmerLoss,
        float $rawTaste,
        array $allergens,
    ): Thickener {
        return new Thickener(
            $id,
            new Packing(...array_map(Density::ofGramsPerMillilitre(...), [$spooned, $scooped, $sifted])),
            new FlourMakeup($water, $starch, $protein, $fat, $amylose),
            new Strength($power, Temperature::ofCelsius($swellsAt), $longSimmerLoss, $rawTaste),
            $allergens,
        );
    }
}
