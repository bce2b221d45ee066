<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Volume;

/** A volume counted in the ladle that hangs in every kitchen: a quarter of a litre, to the quarter of a ladle. */
final readonly class Ladlefuls
{
    public const MILLILITRES = 250.0;

    /** "8½ ladles" */
    public static function text(Volume $volume): string
    {
        $count = $volume->inMillilitres() / self::MILLILITRES;

        return trans_choice('family.ladles', $count <= 1.0 ? 1 : 2, [
            'count' => (new KitchenMeasure(MeasureSystem::Metric))->quarters($count),
        ]);
    }
}
