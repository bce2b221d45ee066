<?php

declare(strict_types=1);

namespace App\Pages\Kitchen;

use App\People\Here;
use App\People\Place;

/** The pages about the kitchen that whoever is here may open. */
final readonly class Inside
{
    private const PAGES = [
        'people' => Place::People,
        'tablets' => Place::People,
        'bin' => Place::Bin,
        'archive' => null,
        'audit' => Place::People,
        'kitchens' => null,
    ];

    /** @return list<string> names of routes */
    public static function pages(Here $here): array
    {
        return array_keys(array_filter(self::PAGES, static fn(?Place $place): bool => $place === null || $here->may($place)));
    }
}
