<?php

declare(strict_types=1);

namespace Lento\Larder;

/**
 * What bought things may hold by their label, for it varies from maker to maker: never said to be in it, always said to be looked up.
 *
 * Source: docs/sauces.md, allergens, after usual recipes of the trade.
 */
final readonly class BoughtLabel
{
    private const MAY_HOLD = [
        'margarine' => ['milk', 'soya'],
        'packed-broth' => ['celery', 'gluten', 'soya', 'milk', 'fish', 'egg', 'mustard'],
        'stock-paste' => ['celery', 'gluten', 'soya', 'milk', 'fish', 'egg', 'mustard'],
        'stock-cube' => ['celery', 'gluten', 'soya', 'milk', 'fish', 'egg', 'mustard'],
        'prepared-mustard' => ['sulphites', 'gluten'],
        'worcestershire-style' => ['fish', 'gluten', 'soya', 'sulphites', 'celery'],
        'soy-sauce' => ['soya', 'gluten'],
        'gherkin' => ['sulphites', 'celery'],
        'capers' => ['sulphites'],
        'curry-powder' => ['mustard', 'celery', 'gluten'],
        'shellfish-stock' => ['crustaceans', 'fish', 'molluscs'],
        'shellfish-butter' => ['crustaceans', 'fish', 'molluscs'],
        'grating-cheese' => ['egg'],
        'meat-glaze' => ['celery', 'gluten', 'soya'],
        'horseradish' => ['sulphites', 'milk', 'mustard'],
        'fat-bacon' => ['sulphites'],
        'beer' => ['gluten', 'sulphites'],
        'anchovy' => ['sulphites'],
        'truffle' => ['sulphites'],
        'redcurrant-jelly' => ['sulphites'],
        'olive' => ['sulphites'],
        'mixed-spice' => ['mustard', 'celery', 'sesame', 'nuts', 'peanuts', 'lupin'],
    ];

    /** @return list<Allergen> nothing for what is no bought thing, or of the kitchen's own, which declares itself */
    public static function of(string $id): array
    {
        return array_map(Allergen::from(...), self::MAY_HOLD[$id] ?? []);
    }
}
