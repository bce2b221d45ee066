<?php

declare(strict_types=1);

namespace App\Formats;

use Lento\Larder\Allergen;

/** Allergens for other programs: what is certainly in it, and what the label of something bought has to be read for. */
final readonly class AllergensJson
{
    /**
     * @param list<Allergen> $contains
     * @param list<Allergen> $readLabel
     *
     * @return array{contains: list<string>, read_label: list<string>}
     */
    public static function of(array $contains, array $readLabel): array
    {
        return ['contains' => array_column($contains, 'value'), 'read_label' => array_column($readLabel, 'value')];
    }
}
