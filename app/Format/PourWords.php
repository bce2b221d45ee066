<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\Sheet;
use Lento\Pour\Pour;
use Lento\Pour\School;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** The pours as they are called at the stove: litres that add up to the jug, or grams of roux when it goes in by pieces. */
final readonly class PourWords
{
    private const LITRES_GRAIN = 0.01;

    private const SMALL_GRAIN = 0.001;

    /** l in all below which pours are told in millilitres. */
    private const SMALL_BELOW = 0.5;

    private const GRAMS_GRAIN = 1.0;

    /** @return list<string> */
    public static function amounts(Sheet $sheet): array
    {
        $pours = $sheet->stair->pours;
        if ($pours === []) {
            return [];
        }
        if ($sheet->question->school === School::RouxIntoBoiling) {
            $grams = Shares::rounded(array_map(static fn(Pour $pour): float => $pour->mass->inGrams(), $pours), self::GRAMS_GRAIN);

            return array_map(static fn(float $one): string => Grams::of(Mass::ofGrams($one))->text(), $grams);
        }
        $litres = array_map(static fn(Pour $pour): float => $sheet->pourVolume($pour)->inLitres(), $pours);
        $grain = array_sum($litres) < self::SMALL_BELOW ? self::SMALL_GRAIN : self::LITRES_GRAIN;

        return array_map(static fn(float $one): string => Litres::of(Volume::ofLitres($one))->text(), Shares::rounded($litres, $grain));
    }
}
