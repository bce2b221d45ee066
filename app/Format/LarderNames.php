<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use Lento\Procedure\Dose;

/** All that a kitchen can put into a sauce, by name, for a cook to choose from. */
final readonly class LarderNames
{
    /** @return array<string, string> name by larder id, in the order of the alphabet */
    public static function all(Kitchen $kitchen): array
    {
        // A hundred names at once: read as a list, and of those with two forms the plural, which stands last.
        $words = __('ingredients');
        $names = [];
        foreach ([...$kitchen->larder()->names(), ...Dose::spices()] as $id) {
            $word = is_array($words) && is_string($words[$id] ?? null) ? $words[$id] : null;
            $names[$id] = $word === null
                ? Words::ingredient($id)
                : trim((string) preg_replace('/\A.*[|]\s*(\[[^]]*\]|\{[^}]*\})?/', '', $word));
        }
        asort($names, SORT_NATURAL | SORT_FLAG_CASE);

        return $names;
    }
}
