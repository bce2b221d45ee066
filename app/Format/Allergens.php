<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Larder\Allergen;

/** Allergens as a label names them. */
final readonly class Allergens
{
    /**
     * @param list<Allergen> $allergens
     *
     * @return list<string>
     */
    public static function names(array $allergens): array
    {
        return array_map(static fn(Allergen $one): string => Words::text('ingredients.allergens.' . $one->value), $allergens);
    }

    /**
     * "Contains celery, milk. Read the label for soya."
     *
     * @param list<Allergen> $contains that are certainly in it
     * @param list<Allergen> $readLabel that something bought may hold
     */
    public static function line(array $contains, array $readLabel): string
    {
        return implode(' ', [
            $contains === []
                ? Words::text('family.no_allergens')
                : Words::text('compose.allergens', list: implode(', ', self::names($contains))),
            ...$readLabel === [] ? [] : [Words::text('compose.read_label', list: implode(', ', self::names($readLabel)))],
        ]);
    }
}
