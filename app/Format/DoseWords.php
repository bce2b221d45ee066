<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\PartMeasure;
use Lento\Family\DoneAct;
use Lento\Family\Dose;
use Lento\Quantity\Mass;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Volume;

/** An amount of one thing, as a cook measures it: by the jug, by the piece, by the scale. */
final readonly class DoseWords
{
    /** @return array{string, string} the amount and its name: "0.34 l", "white wine" */
    public static function parts(Dose $dose, Mass $mass, float $litresTaken): array
    {
        $much = $dose->perLitre * $litresTaken;

        return match ($dose->measure) {
            PartMeasure::Millilitres => [Litres::of(Volume::ofMillilitres($much))->text(), Words::ingredient($dose->ingredient)],
            PartMeasure::Pieces => [
                (new KitchenMeasure(MeasureSystem::Metric))->count($much),
                trans_choice('ingredients.' . $dose->ingredient, $much <= 1.0 ? 1 : 2),
            ],
            PartMeasure::Grams => [Grams::of(Mass::ofGrams($much))->text(), Words::ingredient($dose->ingredient)],
        };
    }

    public static function text(Dose $dose, Mass $mass, float $litresTaken): string
    {
        return implode(' ', self::parts($dose, $mass, $litresTaken));
    }

    /** "170 g tomato purée and 40 g butter" */
    public static function list(DoneAct $done, float $litresTaken): string
    {
        $texts = array_map(static fn(array $dose): string => self::text($dose[0], $dose[1], $litresTaken), $done->doses);
        $last = array_pop($texts);

        return $texts === [] ? (string) $last : implode(', ', $texts) . ' ' . Words::text('units.and') . ' ' . $last;
    }
}
