<?php

declare(strict_types=1);

namespace App\Records;

use Lento\Heat\HobHeat;
use Lento\Learning\Circumstances;
use Lento\Learning\Lesson;
use Lento\Learning\Observation;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;

/** A pot's lesson as it is kept with it. */
final readonly class LessonCodec
{
    /** What stands for the heat under a roux where there was none: nothing is learnt of browning then. */
    public const NO_ROUX = HobHeat::Medium;

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
        ] + ($lesson->hands === [] ? [] : ['hands' => array_map($observed, $lesson->hands)]);
    }

    /** @param array<string, mixed> $row */
    public static function ofRow(array $row): ?Lesson
    {
        $level = is_string($row['level'] ?? null) ? SimmerLevel::tryFrom($row['level']) : null;
        $heat = is_string($row['heat'] ?? null) ? HobHeat::tryFrom($row['heat']) : null;
        $observed = static function (mixed $pair): ?Observation {
            return is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null) && $pair[0] > 0.0 && $pair[1] > 0.0
                ? new Observation((float) $pair[0], (float) $pair[1])
                : null;
        };

        return $level === null || $heat === null || !is_numeric($row['pan_mm'] ?? null)
            ? null
            : new Lesson(
                new Circumstances(
                    Length::ofMillimetres((float) $row['pan_mm']),
                    $level,
                    $heat,
                    is_string($row['ring'] ?? null) ? $row['ring'] : '',
                ),
                $observed($row['evaporation'] ?? null),
                $observed($row['browning'] ?? null),
                $observed($row['flour'] ?? null),
                array_filter(array_map($observed, self::hands($row))),
            );
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed> by kind of step; none of a pot of before hands were timed
     */
    private static function hands(array $row): array
    {
        $hands = [];
        foreach (is_array($row['hands'] ?? null) ? $row['hands'] : [] as $kind => $pair) {
            $hands += is_string($kind) ? [$kind => $pair] : [];
        }

        return $hands;
    }
}
