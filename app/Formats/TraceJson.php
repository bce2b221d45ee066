<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Words;
use Lento\Simulation\Happening;
use Lento\Simulation\Trace;
use Lento\Simulation\TracePoint;

/** The answer of `lento simulate --json`; its shape is docs/formats/simulate-answer.schema.json and stays stable. */
final readonly class TraceJson
{
    /** @return array<string, mixed> */
    public static function of(Trace $trace): array
    {
        $ledger = $trace->end->ledger;

        return [
            'points' => array_map(self::point(...), $trace->points),
            'troubles' => array_map(static fn(Happening $happening): array => [
                'at' => SheetJson::round($happening->at->inMinutes()),
                'code' => $happening->trouble->value,
                'about' => $happening->about === '' ? null : $happening->about,
                'message' => self::words($happening),
            ], $trace->troubles),
            'ledger' => [
                'in_g' => SheetJson::round($ledger->in),
                'steam_g' => SheetJson::round($ledger->steam),
                'strained_g' => SheetJson::round($ledger->strained),
                'skimmed_g' => SheetJson::round($ledger->skimmed),
                'ladled_g' => SheetJson::round($ledger->ladled),
                'in_pot_g' => SheetJson::round($trace->last()->mass()->inGrams()),
            ],
        ];
    }

    public static function words(Happening $happening): string
    {
        return Words::text(
            'troubles.' . $happening->trouble->value,
            what: $happening->about === '' ? '' : Words::ingredient($happening->about),
        );
    }

    /** @return array<string, float|string|null> */
    private static function point(TracePoint $point): array
    {
        return [
            'at' => SheetJson::round($point->at->inMinutes(), 4),
            'temperature_c' => SheetJson::round($point->temperature->inCelsius(), 1),
            'shade' => $point->shade === null ? null : SheetJson::round($point->shade->value, 3),
            'mass_g' => SheetJson::round($point->mass()->inGrams(), 1),
            'volume_ml' => SheetJson::round($point->volume()->inMillilitres(), 1),
            'depth_mm' => SheetJson::round($point->depth()->inMillimetres(), 1),
            'effective_flour_g_per_l' => $point->thickness() === null ? null : SheetJson::round($point->thickness()->gramsPerLitre),
            'class' => $point->thickness()?->thicknessClass()->value,
            'raw_taste' => SheetJson::round($point->rawTaste(), 3),
            'gelatinised' => SheetJson::round($point->gelatinised(), 3),
            'steam_g' => SheetJson::round($point->steam->inGrams(), 1),
            'free_fat_g' => SheetJson::round($point->freeFat()->inGrams(), 1),
            'lump_rank' => SheetJson::round($point->lumpRank(), 3),
            'speck_rank' => SheetJson::round($point->speckRank(), 3),
            'scorch_rank' => SheetJson::round($point->scorchRank(), 3),
        ];
    }
}
