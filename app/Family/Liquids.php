<?php

declare(strict_types=1);

namespace App\Family;

use App\Kitchen\Kitchen;
use Lento\Exception\Unknown;
use Lento\Family\Catalogue;

/** What the base of a sauce can be made with here: what the catalogue allows, the kitchen's own stocks beside those they resemble. */
final readonly class Liquids
{
    /**
     * @return non-empty-list<string> larder ids, the usual one first
     *
     * @throws Unknown
     */
    public static function of(string $sauce, Catalogue $catalogue, Kitchen $kitchen): array
    {
        $liquids = [];
        foreach ($catalogue->liquids($sauce) as $id) {
            $liquids = [...$liquids, $id, ...array_keys($kitchen->ownLike($id))];
        }

        return $liquids;
    }
}
