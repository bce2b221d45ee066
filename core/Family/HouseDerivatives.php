<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Procedure\Act;
use Lento\Procedure\Procedure;
use Lento\Thickness\ThicknessClass;

/**
 * The derivatives Lento ships with, per litre of the sauce they are made from. Source: docs/sauces.md, classical repertoire in house
 * amounts and the order of the trade.
 *
 * Where the repertoire names no share for a reduction ("reduced"), two thirds are boiled off; where it names none of the parts of a
 * mixture, they are taken in equal shares.
 */
final readonly class HouseDerivatives
{
    /** @return array<string, Derivative> by id, parents before their children */
    public static function all(): array
    {
        return array_column(
            [
                ...OfBechamel::all(),
                ...OfVeloute::all(),
                ...OfFishVeloute::all(),
                ...OfDemiGlace::all(),
                ...OfTomato::all(),
                ...OfGravy::all(),
            ],
            null,
            'id',
        );
    }

    /**
     * @internal
     *
     * @param non-empty-string $id
     * @param list<string> $stocks
     */
    public static function sauce(string $id, Base|string $parent, ThicknessClass $class, array $stocks, Act ...$acts): Derivative
    {
        return new Derivative($id, $parent instanceof Base ? $parent->value : $parent, $stocks, Procedure::of(...$acts), $class);
    }
}
