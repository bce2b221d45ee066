<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Practice\Measure;
use Lento\Practice\Taste;

/** What an instrument told at the practice pot. */
final readonly class MeasureWords
{
    private function __construct() {}

    public static function of(Measure $measure): string
    {
        return match (true) {
            $measure->temperature !== null => Words::text('practice.read.probe', celsius: Degrees::text($measure->temperature)),
            $measure->mass !== null => Words::text('practice.read.weigh', grams: Grams::of($measure->mass)->text()),
            $measure->depth !== null && $measure->volume !== null => Words::text(
                'practice.read.depth',
                mm: (string) round($measure->depth->inMillimetres()),
                litres: Litres::of($measure->volume)->text(),
            ),
            $measure->spoon !== null => Words::text(
                'practice.read.dip',
                word: lcfirst(Words::text('thickness.spoon.' . $measure->spoon->value)),
            ),
            $measure->tastes !== [] => Words::text('practice.read.taste', tastes: implode(', ', array_map(
                static fn(Taste $taste): string => Words::text('practice.tastes.' . $taste->value),
                $measure->tastes,
            ))),
            default => Words::text('practice.read.none'),
        };
    }
}
