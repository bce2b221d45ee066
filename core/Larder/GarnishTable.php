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
            self::row('capers', Role::Vegetable, 0.60, Makeup::of(0.84, 0.009, 0.151)->with(salt: 0.06), 3.9, 40.0),
            self::row(
                'gherkin',
                Role::Vegetable,
                0.65,
                Makeup::of(0.92, 0.002, 0.078)->with(salt: 0.015),
                3.6,
                40.0,
                [Allergen::Mustard],
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
            self::row('curry-powder', Role::Seasoning, 0.45, Makeup::of(0.09, 0.14, 0.77), 5.5, 20.0),
            self::row(
                'meat-glaze',
                Role::Enrichment,
                1.2,
                Makeup::of(0.45, 0.01, 0.54)->with(salt: 0.01, gelatin: 0.25),
                5.8,
                80.0,
            ),
            self::row('red-onion', Role::Vegetable, 0.62, Makeup::of(0.88, 0.001, 0.119), 5.5, 20.0),
            self::row('leek', Role::Vegetable, 0.45, Makeup::of(0.9, 0.003, 0.097), 5.9, 20.0),
            self::row('sweet-pepper', Role::Vegetable, 0.5, Makeup::of(0.92, 0.003, 0.077), 5.2, 20.0),
            self::row('olive', Role::Vegetable, 0.62, Makeup::of(0.76, 0.14, 0.1)->with(salt: 0.035), 4.2, 20.0),
            self::row('dill', Role::Vegetable, 0.2, Makeup::of(0.86, 0.011, 0.129), 6.0, 20.0),
            self::row('horseradish', Role::Vegetable, 0.55, Makeup::of(0.8, 0.007, 0.193)->with(salt: 0.01), 4.0, 30.0),
            self::row('truffle', Role::Vegetable, 0.85, Makeup::of(0.76, 0.005, 0.235), 6.2, 30.0),
            self::row('green-peppercorn', Role::Vegetable, 0.65, Makeup::of(0.88, 0.01, 0.11)->with(salt: 0.025), 4.3, 20.0),
            self::row('orange-zest', Role::Vegetable, 0.4, Makeup::of(0.73, 0.002, 0.268), 4.0, 20.0),
            self::row(
                'lobster-meat',
                Role::Vegetable,
                0.9,
                Makeup::of(0.77, 0.01, 0.22)->with(salt: 0.008),
                7.0,
                40.0,
                [Allergen::Crustaceans],
            ),
            self::row('chicken-meat', Role::Vegetable, 0.9, Makeup::of(0.68, 0.06, 0.26)->with(salt: 0.002), 6.2, 40.0),
            self::row('minced-beef', Role::Vegetable, 0.95, Makeup::of(0.65, 0.15, 0.2)->with(salt: 0.002), 5.8, 40.0),
            self::row('liver', Role::Vegetable, 1.03, Makeup::of(0.74, 0.05, 0.21)->with(salt: 0.002), 6.3, 40.0),
            self::row('anchovy', Role::Enrichment, 0.95, Makeup::of(0.5, 0.1, 0.4)->with(salt: 0.14), 5.8, 40.0, [Allergen::Fish]),
            self::row('brandy', Role::Enrichment, 0.95, Makeup::of(0.67, 0.0, 0.01)->with(alcohol: 0.32), 4.5, 5.0),
            self::row('port', Role::Enrichment, 1.02, Makeup::of(0.74, 0.0, 0.1)->with(alcohol: 0.16), 3.6, 35.0, [Allergen::Sulphites]),
            self::row('orange-juice', Role::Acid, 1.04, Makeup::of(0.89, 0.002, 0.108), 3.7, 70.0),
            self::row('redcurrant-jelly', Role::Enrichment, 1.25, Makeup::of(0.35, 0.0, 0.65), 3.2, 40.0),
            self::row('roast-juices', Role::Enrichment, 1.02, Makeup::of(0.93, 0.01, 0.06)->with(gelatin: 0.02, salt: 0.01), 5.9, 30.0),
            self::row(
                'stock-paste',
                Role::Enrichment,
                1.25,
                Makeup::of(0.3, 0.1, 0.6)->with(salt: 0.35),
                5.5,
                40.0,
            ),
            self::row('stock-cube', Role::Seasoning, 1.1, Makeup::of(0.04, 0.2, 0.76)->with(salt: 0.5), 5.5, 40.0),
            self::row(
                'worcestershire-style',
                Role::Acid,
                1.1,
                Makeup::of(0.75, 0.0, 0.25)->with(salt: 0.03),
                3.6,
                60.0,
            ),
            self::row('soy-sauce', Role::Seasoning, 1.15, Makeup::of(0.7, 0.0, 0.3)->with(salt: 0.16), 4.8, 60.0),
            self::row('mixed-spice', Role::Seasoning, 0.46, Makeup::of(0.1, 0.1, 0.8), 5.5, 20.0),
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
