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
}
