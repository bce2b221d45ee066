<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Quantity\Density;
use Lento\Quantity\Temperature;

/**
 * What derivatives are finished with, beyond what a base needs: garnish, herbs, cheeses, spices.
 *
 * Source: rounded national food tables, ±3 points; pH and buffers are estimates; densities are for the thing as it is cut or grated.
 * Salt of capers and gherkins is for drained ones and varies by half. Curry powder is labelled with mustard because many are; a kitchen
 * whose own has none says so in its larder.
 */
final readonly class GarnishTable
{
    /** @return list<Ingredient> */
    public static function rows(): array
    {
        return [
            //            id, role, g/ml, water, fat, solids, pH, buffer, then what only some have
            self::row('mushroom', Role::Vegetable, 0.35, Makeup::of(0.92, 0.003, 0.077), 6.2, 20.0),
            self::row('parsley', Role::Vegetable, 0.25, Makeup::of(0.85, 0.006, 0.144), 6.0, 20.0),
            self::row('tarragon', Role::Vegetable, 0.25, Makeup::of(0.85, 0.006, 0.144), 6.0, 20.0),
            self::row('chervil', Role::Vegetable, 0.25, Makeup::of(0.85, 0.006, 0.144), 6.0, 20.0),
            self::row('herbs', Role::Vegetable, 0.25, Makeup::of(0.85, 0.006, 0.144), 6.0, 20.0),
            self::row('tomato-dice', Role::Vegetable, 0.95, Makeup::of(0.945, 0.002, 0.053), 4.4, 35.0),
            self::row('capers', Role::Vegetable, 0.60, Makeup::of(0.84, 0.009, 0.151)->with(salt: 0.06), 3.9, 40.0, [Allergen::Sulphites]),
            self::row(
                'gherkin',
                Role::Vegetable,
                0.65,
                Makeup::of(0.92, 0.002, 0.078)->with(salt: 0.015),
                3.6,
                40.0,
                [Allergen::Sulphites],
            ),
            self::row('boiled-egg', Role::Vegetable, 0.95, Makeup::of(0.75, 0.105, 0.145)->with(salt: 0.003), 7.2, 30.0, [Allergen::Egg]),
            self::row(
                'grating-cheese',
                Role::Cheese,
                0.42,
                Makeup::of(0.3, 0.29, 0.41)->with(salt: 0.025, thickening: 0.08),
                5.4,
                150.0,
                [Allergen::Milk],
            ),
            self::row(
                'mature-cheese',
                Role::Cheese,
                0.44,
                Makeup::of(0.36, 0.34, 0.3)->with(salt: 0.018, thickening: 0.08),
                5.3,
                150.0,
                [Allergen::Milk],
            ),
            self::row('dry-mustard', Role::Seasoning, 0.47, Makeup::of(0.06, 0.36, 0.58), 5.5, 20.0, [Allergen::Mustard]),
            self::row('paprika', Role::Seasoning, 0.47, Makeup::of(0.11, 0.13, 0.76), 5.0, 20.0),
            self::row('curry-powder', Role::Seasoning, 0.45, Makeup::of(0.09, 0.14, 0.77), 5.5, 20.0, [Allergen::Mustard]),
            self::row(
                'meat-glaze',
                Role::Enrichment,
                1.2,
                Makeup::of(0.45, 0.01, 0.54)->with(salt: 0.01, gelatin: 0.25),
                5.8,
                80.0,
                [Allergen::Celery],
            ),
            self::row('mushroom-liquor', Role::Enrichment, 1.0, Makeup::of(0.97, 0.001, 0.029), 6.2, 15.0),
        ];
    }

    /** @return list<Fat> that finish a sauce and make no roux */
    public static function fats(): array
    {
        return [
            Fat::of(
                'shellfish-butter',
                Density::ofGramsPerMillilitre(0.96),
                new FatMakeup(0.8, 0.16, 0.03),
                Temperature::ofCelsius(150.0),
                Temperature::ofCelsius(33.0),
                [Allergen::Milk, Allergen::Crustaceans],
            )->onlyToFinish(),
        ];
    }

    /**
     * @param non-empty-string $id
     * @param list<Allergen> $allergens
     */
    private static function row(
        string $id,
        Role $role,
        float $density,
        Makeup $makeup,
        float $pH,
        float $buffer,
        array $allergens = [],
    ): Ingredient {
        return Ingredient::of($id, $role, Density::ofGramsPerMillilitre($density), $makeup, new Acidity($pH, $buffer), $allergens);
    }
}
