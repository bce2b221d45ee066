<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Quantity\Density;

/**
 * Liquids, finishes, vegetables and seasoning.
 *
 * Source: docs/model.md, table A: rounded national food tables, ±2 points. Gelatin in stock is the least certain number of all
 * (white 0.6-2 %, brown 1-4 %, packed 0-0.3 %). Vegetable stock is white stock without gelatin; veal, game and shellfish stock are
 * taken as their nearest neighbour in the table. Stocks carry celery because the house stock is made with it. Vinegar (6 % acid), sugar,
 * shallot, garlic, chilli, bacon and giblets are not in the prototype's table: rounded food tables, buffers estimated.
 */
final readonly class IngredientTable
{
    /** @return list<Ingredient> */
    public static function rows(): array
    {
        $milk = [Allergen::Milk];
        $celery = [Allergen::Celery];
        $wine = [Allergen::Sulphites];

        return [
            // id, role, g/ml, makeup by mass: water, fat, solids and what only some have, pH, buffer, allergens
            self::row('whole-milk', Role::Liquid, 1.03, Makeup::of(0.875, 0.036, 0.089)->with(milkSolids: 0.088), 6.7, 30.0, $milk),
            self::row('semi-skimmed-milk', Role::Liquid, 1.033, Makeup::of(0.892, 0.017, 0.091)->with(milkSolids: 0.09), 6.7, 30.0, $milk),
            self::row('skimmed-milk', Role::Liquid, 1.035, Makeup::of(0.907, 0.002, 0.091)->with(milkSolids: 0.091), 6.7, 30.0, $milk),
            self::row('whipping-cream', Role::Enrichment, 0.996, Makeup::of(0.588, 0.35, 0.062)->with(milkSolids: 0.06), 6.7, 20.0, $milk),
            self::row('double-cream', Role::Enrichment, 0.982, Makeup::of(0.472, 0.48, 0.048)->with(milkSolids: 0.047), 6.7, 16.0, $milk),
            self::row(
                'soured-cream',
                Role::Enrichment,
                1.0,
                Makeup::of(0.72, 0.2, 0.08)->with(milkSolids: 0.075, thickening: 0.03),
                4.5,
                35.0,
                $milk,
            ),
            self::row('chicken-stock', Role::Liquid, 1.005, Makeup::of(0.975, 0.002, 0.023)->with(gelatin: 0.01), 6.4, 14.0, $celery),
            self::row('veal-stock', Role::Liquid, 1.005, Makeup::of(0.975, 0.002, 0.023)->with(gelatin: 0.01), 6.4, 14.0, $celery),
            self::row('game-stock', Role::Liquid, 1.005, Makeup::of(0.975, 0.002, 0.023)->with(gelatin: 0.01), 6.4, 14.0, $celery),
            self::row('vegetable-stock', Role::Liquid, 1.005, Makeup::of(0.975, 0.002, 0.023), 6.4, 14.0, $celery),
            self::row('brown-stock', Role::Liquid, 1.012, Makeup::of(0.96, 0.003, 0.037)->with(gelatin: 0.018), 6.0, 20.0, $celery),
            self::row(
                'fish-stock',
                Role::Liquid,
                1.005,
                Makeup::of(0.98, 0.001, 0.019)->with(gelatin: 0.006),
                6.5,
                12.0,
                [Allergen::Fish, Allergen::Celery],
            ),
            self::row(
                'shellfish-stock',
                Role::Liquid,
                1.005,
                Makeup::of(0.98, 0.001, 0.019)->with(gelatin: 0.006),
                6.5,
                12.0,
                [Allergen::Crustaceans, Allergen::Celery],
            ),
            self::row(
                'packed-broth',
                Role::Liquid,
                1.012,
                Makeup::of(0.972, 0.002, 0.026)->with(gelatin: 0.002, salt: 0.008),
                6.0,
                10.0,
            ),
            self::row('beef-stock', Role::Liquid, 1.005, Makeup::of(0.975, 0.002, 0.023)->with(gelatin: 0.01), 6.2, 16.0, $celery),
            self::row('mutton-stock', Role::Liquid, 1.005, Makeup::of(0.973, 0.004, 0.023)->with(gelatin: 0.01), 6.2, 16.0, $celery),
            self::row(
                'ham-stock',
                Role::Liquid,
                1.012,
                Makeup::of(0.965, 0.003, 0.032)->with(gelatin: 0.012, salt: 0.008),
                6.1,
                16.0,
                $celery,
            ),
            self::row(
                'cider',
                Role::Liquid,
                1.005,
                Makeup::of(0.91, 0.0, 0.045)->with(alcohol: 0.045),
                3.5,
                35.0,
                $wine,
            ),
            self::row(
                'beer',
                Role::Liquid,
                1.008,
                Makeup::of(0.92, 0.0, 0.042)->with(alcohol: 0.038),
                4.2,
                20.0,
                [Allergen::Gluten],
            ),
            self::row('water', Role::Liquid, 0.998, Makeup::of(1.0, 0.0, 0.0), 7.0, 1.0),
            self::row('white-wine', Role::Enrichment, 0.992, Makeup::of(0.87, 0.0, 0.025)->with(alcohol: 0.105), 3.4, 35.0, $wine),
            self::row('red-wine', Role::Enrichment, 0.992, Makeup::of(0.87, 0.0, 0.025)->with(alcohol: 0.105), 3.4, 35.0, $wine),
            self::row('fortified-wine', Role::Enrichment, 1.02, Makeup::of(0.76, 0.0, 0.1)->with(alcohol: 0.14), 3.6, 35.0, $wine),
            self::row(
                'tomato-paste',
                Role::Tomato,
                1.107,
                Makeup::of(0.735, 0.005, 0.26)->with(salt: 0.002, thickening: 0.104),
                4.2,
                170.0,
            ),
            self::row('tomato-puree', Role::Tomato, 1.05, Makeup::of(0.89, 0.002, 0.108)->with(salt: 0.001, thickening: 0.0432), 4.3, 70.0),
            self::row(
                'crushed-tomato',
                Role::Tomato,
                1.02,
                Makeup::of(0.93, 0.002, 0.068)->with(salt: 0.001, thickening: 0.0272),
                4.3,
                45.0,
            ),
            self::row('lemon-juice', Role::Acid, 1.03, Makeup::of(0.91, 0.0, 0.09), 2.4, 220.0),
            self::row('vinegar', Role::Acid, 1.01, Makeup::of(0.945, 0.0, 0.055), 2.6, 230.0, $wine),
            self::row(
                'hard-cheese',
                Role::Cheese,
                0.42,
                Makeup::of(0.31, 0.3, 0.39)->with(salt: 0.016, thickening: 0.08),
                5.4,
                150.0,
                $milk,
            ),
            self::row(
                'semi-hard-cheese',
                Role::Cheese,
                0.46,
                Makeup::of(0.36, 0.32, 0.32)->with(salt: 0.015, thickening: 0.08),
                5.5,
                150.0,
                $milk,
            ),
            self::row(
                'soft-cheese',
                Role::Cheese,
                0.98,
                Makeup::of(0.55, 0.32, 0.13)->with(salt: 0.009, thickening: 0.04),
                4.9,
                100.0,
                $milk,
            ),
            self::row('egg-yolk', Role::Egg, 1.03, Makeup::of(0.52, 0.27, 0.21)->with(salt: 0.001, yolk: 1.0), 6.2, 60.0, [Allergen::Egg]),
            self::row(
                'prepared-mustard',
                Role::Mustard,
                1.05,
                Makeup::of(0.82, 0.04, 0.14)->with(salt: 0.03),
                3.6,
                60.0,
                [Allergen::Mustard],
            ),
            self::row('salt', Role::Seasoning, 1.22, Makeup::of(0.0, 0.0, 1.0)->with(salt: 1.0), 7.0, 0.0),
            self::row('sugar', Role::Seasoning, 0.85, Makeup::of(0.0, 0.0, 1.0), 7.0, 0.0),
            self::row('pepper', Role::Seasoning, 0.47, Makeup::of(0.11, 0.03, 0.86), 6.0, 0.0),
            self::row('onion', Role::Vegetable, 0.66, Makeup::of(0.89, 0.001, 0.109), 5.6, 20.0),
            self::row('shallot', Role::Vegetable, 0.62, Makeup::of(0.82, 0.001, 0.179), 5.7, 20.0),
            self::row('garlic', Role::Vegetable, 0.6, Makeup::of(0.6, 0.005, 0.395), 6.0, 25.0),
            self::row('green-chilli', Role::Vegetable, 0.5, Makeup::of(0.9, 0.002, 0.098), 5.3, 20.0),
            self::row('fat-bacon', Role::Vegetable, 0.95, Makeup::of(0.35, 0.5, 0.15)->with(salt: 0.02), 5.9, 30.0),
            self::row('giblets', Role::Vegetable, 1.03, Makeup::of(0.75, 0.05, 0.2), 6.3, 40.0),
            self::row('carrot', Role::Vegetable, 0.55, Makeup::of(0.88, 0.002, 0.118), 6.1, 20.0),
            self::row('celery', Role::Vegetable, 0.46, Makeup::of(0.95, 0.002, 0.048), 5.8, 15.0, $celery),
        ];
    }

    /**
     * @param non-empty-string $id
     * @param float $density g/ml
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
