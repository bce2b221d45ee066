<?php

declare(strict_types=1);

namespace App\Kitchen;

use Lento\Heat\HobHeat;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Learning\Lesson;
use Lento\Learning\Observation;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;

/** A pot's lesson, and the factors a pot was begun with, as they are kept with it. */
final readonly class StoredLesson
{
    /** @return array<string, mixed> */
    public static function toRow(Lesson $lesson): array
    {
        $observed = static fn(?Observation $one): ?array => $one === null ? null : [round($one->ratio, 5), round($one->error, 5)];

        return [
            'pan_mm' => round($lesson->pan->inMillimetres(), 1),
            'level' => $lesson->level->value,
            'heat' => $lesson->heat->value,
            'evaporation' => $observed($lesson->evaporation),
            'browning' => $observed($lesson->browning),
            'flour' => $observed($lesson->flour),
            'ring' => $lesson->ring,
        ];
    }

    /** @param array<string, mixed> $row */
    public static function ofRow(array $row): ?Lesson
    {
        $level = is_string($row['level'] ?? null) ? SimmerLevel::tryFrom($row['level']) : null;
        $heat = is_string($row['heat'] ?? null) ? HobHeat::tryFrom($row['heat']) : null;
        $observed = static function (mixed $pair): ?Observation {
            return is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null) && $pair[0] > 0.0 && $pair[1] > 0.0 ? new Observation((float) $pair[0], (float) $pair[1]) : null;
        };

        return $level === null || $heat === null || !is_numeric($row['pan_mm'] ?? null)
            ? null
            : new Lesson(Length::ofMillimetres((float) $row['pan_mm']), $level, $heat, $observed($row['evaporation'] ?? null), $observed($row['browning'] ?? null), $observed($row['flour'] ?? null), is_string($row['ring'] ?? null) ? $row['ring'] : '');
    }

    /** @return array<string, array{float, float, int}> */
    public static function factorsToRow(KitchenFactors $factors): array
    {
        $row = static fn(Factor $factor): array => [round($factor->value, 6), round($factor->deviation, 6), $factor->observations];

        return ['evaporation' => $row($factors->evaporation), 'browning' => $row($factors->browning), 'flour' => $row($factors->flourStrength)];
    }

    /** @param array<string, mixed>|null $row null for a pot from before a kitchen learnt */
    public static function factorsOfRow(?array $row): ?KitchenFactors
    {
        $factor = static fn(mixed $three): ?Factor => is_array($three) && is_numeric($three[0] ?? null) && is_numeric($three[1] ?? null) && is_numeric($three[2] ?? null) ? Factor::of((float) $three[0], (float) $three[1], (int) $three[2]) : null;
        [$evaporation, $browning, $flour] = [$factor($row['evaporation'] ?? null), $factor($row['browning'] ?? null), $factor($row['flour'] ?? null)];

        return $evaporation === null || $browning === null || $flour === null ? null : KitchenFactors::of($evaporation, $browning, $flour);
    }
}
