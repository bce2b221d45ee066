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
        return [
            //  id, role, density, water, fat, solids, pH, buffer, then what only some have
            new Ingredient('whole-milk', Role::Liquid, Density::ofGramsPerMillilitre(1.03), 0.875, 0.036, 0.089, 6.7, 30.0, milkSolids: 0.088, allergens: [Allergen::Milk]),
            new Ingredient('semi-skimmed-milk', Role::Liquid, Density::ofGramsPerMillilitre(1.033), 0.892, 0.017, 0.091, 6.7, 30.0, milkSolids: 0.09, allergens: [Allergen::Milk]),
            new Ingredient('skimmed-milk', Role::Liquid, Density::ofGramsPerMillilitre(1.035), 0.907, 0.002, 0.091, 6.7, 30.0, milkSolids: 0.091, allergens: [Allergen::Milk]),
            new Ingredient('whipping-cream', Role::Enrichment, Density::ofGramsPerMillilitre(0.996), 0.588, 0.35, 0.062, 6.7, 20.0, milkSolids: 0.06, allergens: [Allergen::Milk]),
            new Ingredient('double-cream', Role::Enrichment, Density::ofGramsPerMillilitre(0.982), 0.472, 0.48, 0.048, 6.7, 16.0, milkSolids: 0.047, allergens: [Allergen::Milk]),
            new Ingredient('soured-cream', Role::Enrichment, Density::ofGramsPerMillilitre(1.0), 0.72, 0.2, 0.08, 4.5, 35.0, milkSolids: 0.075, thickening: 0.03, allergens: [Allergen::Milk]),
            new Ingredient('chicken-stock', Role::Liquid, Density::ofGramsPerMillilitre(1.005), 0.975, 0.002, 0.023, 6.4, 14.0, gelatin: 0.01, allergens: [Allergen::Celery]),
            new Ingredient('veal-stock', Role::Liquid, Density::ofGramsPerMillilitre(1.005), 0.975, 0.002, 0.023, 6.4, 14.0, gelatin: 0.01, allergens: [Allergen::Celery]),
            new Ingredient('game-stock', Role::Liquid, Density::ofGramsPerMillilitre(1.005), 0.975, 0.002, 0.023, 6.4, 14.0, gelatin: 0.01, allergens: [Allergen::Celery]),
            new Ingredient('vegetable-stock', Role::Liquid, Density::ofGramsPerMillilitre(1.005), 0.975, 0.002, 0.023, 6.4, 14.0, allergens: [Allergen::Celery]),
            new Ingredient('brown-stock', Role::Liquid, Density::ofGramsPerMillilitre(1.012), 0.96, 0.003, 0.037, 6.0, 20.0, gelatin: 0.018, allergens: [Allergen::Celery]),
            new Ingredient('fish-stock', Role::Liquid, Density::ofGramsPerMillilitre(1.005), 0.98, 0.001, 0.019, 6.5, 12.0, gelatin: 0.006, allergens: [Allergen::Fish, Allergen::Celery]),
            new Ingredient('shellfish-stock', Role::Liquid, Density::ofGramsPerMillilitre(1.005), 0.98, 0.001, 0.019, 6.5, 12.0, gelatin: 0.006, allergens: [Allergen::Crustaceans, Allergen::Celery]),
            new Ingredient('packed-broth', Role::Liquid, Density::ofGramsPerMillilitre(1.012), 0.972, 0.002, 0.026, 6.0, 10.0, gelatin: 0.002, salt: 0.008, allergens: [Allergen::Celery]),
            new Ingredient('water', Role::Liquid, Density::ofGramsPerMillilitre(0.998), 1.0, 0.0, 0.0, 7.0, 1.0),
            new Ingredient('white-wine', Role::Enrichment, Density::ofGramsPerMillilitre(0.992), 0.87, 0.0, 0.025, 3.4, 35.0, alcohol: 0.105, allergens: [Allergen::Sulphites]),
            new Ingredient('red-wine', Role::Enrichment, Density::ofGramsPerMillilitre(0.992), 0.87, 0.0, 0.025, 3.4, 35.0, alcohol: 0.105, allergens: [Allergen::Sulphites]),
            new Ingredient('fortified-wine', Role::Enrichment, Density::ofGramsPerMillilitre(1.02), 0.76, 0.0, 0.1, 3.6, 35.0, alcohol: 0.14, allergens: [Allergen::Sulphites]),
            new Ingredient('tomato-paste', Role::Tomato, Density::ofGramsPerMillilitre(1.107), 0.735, 0.005, 0.26, 4.2, 170.0, salt: 0.002, thickening: 0.104),
            new Ingredient('tomato-puree', Role::Tomato, Density::ofGramsPerMillilitre(1.05), 0.89, 0.002, 0.108, 4.3, 70.0, salt: 0.001, thickening: 0.0432),
            new Ingredient('crushed-tomato', Role::Tomato, Density::ofGramsPerMillilitre(1.02), 0.93, 0.002, 0.068, 4.3, 45.0, salt: 0.001, thickening: 0.0272),
            new Ingredient('lemon-juice', Role::Acid, Density::ofGramsPerMillilitre(1.03), 0.91, 0.0, 0.09, 2.4, 220.0),
            new Ingredient('vinegar', Role::Acid, Density::ofGramsPerMillilitre(1.01), 0.945, 0.0, 0.055, 2.6, 230.0, allergens: [Allergen::Sulphites]),
            new Ingredient('hard-cheese', Role::Cheese, Density::ofGramsPerMillilitre(0.42), 0.31, 0.3, 0.39, 5.4, 150.0, salt: 0.016, thickening: 0.08, allergens: [Allergen::Milk]),
            new Ingredient('semi-hard-cheese', Role::Cheese, Density::ofGramsPerMillilitre(0.46), 0.36, 0.32, 0.32, 5.5, 150.0, salt: 0.015, thickening: 0.08, allergens: [Allergen::Milk]),
            new Ingredient('soft-cheese', Role::Cheese, Density::ofGramsPerMillilitre(0.98), 0.55, 0.32, 0.13, 4.9, 100.0, salt: 0.009, thickening: 0.04, allergens: [Allergen::Milk]),
            new Ingredient('egg-yolk', Role::Egg, Density::ofGramsPerMillilitre(1.03), 0.52, 0.27, 0.21, 6.2, 60.0, salt: 0.001, yolk: 1.0, allergens: [Allergen::Egg]),
            new Ingredient('prepared-mustard', Role::Mustard, Density::ofGramsPerMillilitre(1.05), 0.82, 0.04, 0.14, 3.6, 60.0, salt: 0.03, allergens: [Allergen::Mustard, Allergen::Sulphites]),
            new Ingredient('salt', Role::Seasoning, Density::ofGramsPerMillilitre(1.22), 0.0, 0.0, 1.0, 7.0, 0.0, salt: 1.0),
            new Ingredient('sugar', Role::Seasoning, Density::ofGramsPerMillilitre(0.85), 0.0, 0.0, 1.0, 7.0, 0.0),
            new Ingredient('pepper', Role::Seasoning, Density::ofGramsPerMillilitre(0.47), 0.11, 0.03, 0.86, 6.0, 0.0),
            new Ingredient('onion', Role::Vegetable, Density::ofGramsPerMillilitre(0.66), 0.89, 0.001, 0.109, 5.6, 20.0),
            new Ingredient('shallot', Role::Vegetable, Density::ofGramsPerMillilitre(0.62), 0.82, 0.001, 0.179, 5.7, 20.0),
            new Ingredient('garlic', Role::Vegetable, Density::ofGramsPerMillilitre(0.6), 0.6, 0.005, 0.395, 6.0, 25.0),
            new Ingredient('green-chilli', Role::Vegetable, Density::ofGramsPerMillilitre(0.5), 0.9, 0.002, 0.098, 5.3, 20.0),
            new Ingredient('fat-bacon', Role::Vegetable, Density::ofGramsPerMillilitre(0.95), 0.35, 0.5, 0.15, 5.9, 30.0, salt: 0.02),
            new Ingredient('giblets', Role::Vegetable, Density::ofGramsPerMillilitre(1.03), 0.75, 0.05, 0.2, 6.3, 40.0),
            new Ingredient('carrot', Role::Vegetable, Density::ofGramsPerMillilitre(0.55), 0.88, 0.002, 0.118, 6.1, 20.0),
            new Ingredient('celery', Role::Vegetable, Density::ofGramsPerMillilitre(0.46), 0.95, 0.002, 0.048, 5.8, 15.0, allergens: [Allergen::Celery]),
        ];
    }
}
