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
            self::row('mushroom', Role::Vegetable, 0.35, 0.92, 0.003, 0.077, 6.2, 20.0),
            self::row('parsley', Role::Vegetable, 0.25, 0.85, 0.006, 0.144, 6.0, 20.0),
            self::row('tarragon', Role::Vegetable, 0.25, 0.85, 0.006, 0.144, 6.0, 20.0),
            self::row('chervil', Role::Vegetable, 0.25, 0.85, 0.006, 0.144, 6.0, 20.0),
            self::row('herbs', Role::Vegetable, 0.25, 0.85, 0.006, 0.144, 6.0, 20.0),
            self::row('tomato-dice', Role::Vegetable, 0.95, 0.945, 0.002, 0.053, 4.4, 35.0),
            self::row('capers', Role::Vegetable, 0.60, 0.84, 0.009, 0.151, 3.9, 40.0, salt: 0.06, allergens: [Allergen::Sulphites]),
            self::row('gherkin', Role::Vegetable, 0.65, 0.92, 0.002, 0.078, 3.6, 40.0, salt: 0.015, allergens: [Allergen::Sulphites]),
            self::row('boiled-egg', Role::Vegetable, 0.95, 0.75, 0.105, 0.145, 7.2, 30.0, salt: 0.003, allergens: [Allergen::Egg]),
            self::row(
                'grating-cheese',
                Role::Cheese,
                0.42,
                0.3,
                0.29,
                0.41,
                5.4,
                150.0,
                salt: 0.025,
                thickening: 0.08,
                allergens: [Allergen::Milk],
            ),
            self::row(
                'mature-cheese',
                Role::Cheese,
                0.44,
                0.36,
                0.34,
                0.3,
                5.3,
                150.0,
                salt: 0.018,
                thickening: 0.08,
                allergens: [Allergen::Milk],
            ),
            self::row('dry-mustard', Role::Seasoning, 0.47, 0.06, 0.36, 0.58, 5.5, 20.0, allergens: [Allergen::Mustard]),
            self::row('paprika', Role::Seasoning, 0.47, 0.11, 0.13, 0.76, 5.0, 20.0),
            self::row('curry-powder', Role::Seasoning, 0.45, 0.09, 0.14, 0.77, 5.5, 20.0, allergens: [Allergen::Mustard]),
            self::row(
                'meat-glaze',
                Role::Enrichment,
                1.2,
                0.45,
                0.01,
                0.54,
                5.8,
                80.0,
                salt: 0.01,
                gelatin: 0.25,
                allergens: [Allergen::Celery],
            ),
            self::row('mushroom-liquor', Role::Enrichment, 1.0, 0.97, 0.001, 0.029, 6.2, 15.0),
        ];
    }

    /** @return list<Fat> that finish a sauce and make no roux */
    public static function fats(): array
    {
        return [
            new Fat(
                'shellfish-butter',
                Density::ofGramsPerMillilitre(0.96),
                0.8,
                0.16,
                0.03,
                Temperature::ofCelsius(150.0),
                Temperature::ofCelsius(33.0),
                [Allergen::Milk, Allergen::Crustaceans],
                makesRoux: false,
            ),
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
        float $water,
        float $fat,
        float $solids,
        float $pH,
        float $buffer,
        float $salt = 0.0,
        float $gelatin = 0.0,
        float $thickening = 0.0,
        array $allergens = [],
    ): Ingredient {
        return new Ingredient(
            $id,
            $role,
            Density::ofGramsPerMillilitre($density),
            $water,
            $fat,
            $solids,
            $pH,
            $buffer,
            gelatin: $gelatin,
            salt: $salt,
            thickening: $thickening,
            allergens: $allergens,
        );
    }
}
