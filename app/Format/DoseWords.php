<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Procedure\Dosed;
use Lento\Procedure\Measure;
use Lento\Procedure\Worked;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** An amount of one thing, as a cook measures it: by the jug, by the piece, by the scale. */
final readonly class DoseWords
{
    /** @return array{string, string} the amount and its name: "0.34 l", "white wine" */
    public static function parts(Dosed $dosed): array
    {
        [$dose, $much] = [$dosed->dose, $dosed->amount];

        return match ($dose->measure) {
            Measure::Millilitres => [Litres::of(Volume::ofMillilitres($much))->text(), Words::ingredient($dose->ingredient)],
            Measure::Pieces => [
                Pieces::count($much, $dose->ingredient),
                Pieces::name($much, $dose->ingredient),
            ],
            Measure::Grams => [Grams::of(Mass::ofGrams($much))->text(), Words::ingredient($dose->ingredient)],
        };
    }

    public static function text(Dosed $dosed): string
    {
        return implode(' ', self::parts($dosed));
    }

    /** "170 g tomato purée and 40 g butter" */
    public static function list(Worked $done): string
    {
        $texts = array_map(self::text(...), $done->doses);
        $last = array_pop($texts);

        return $texts === [] ? (string) $last : implode(', ', $texts) . ' ' . Words::text('units.and') . ' ' . $last;
    }
}
