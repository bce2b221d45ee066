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
        $names = [];
        foreach ([...$kitchen->larder()->names(), ...Dose::spices()] as $id) {
            $names[$id] = Words::ingredient($id);
        }
        asort($names, SORT_NATURAL | SORT_FLAG_CASE);

        return $names;
    }
}
