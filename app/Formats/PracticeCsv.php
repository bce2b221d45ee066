<?php

declare(strict_types=1);

namespace App\Formats;

use App\Practice\Row;

/** Who has cooked what of what was set, and how it came out: a row a pot. docs/practice.md */
final readonly class PracticeCsv
{
    public const COLUMNS = ['exercise', 'seed', 'cook', 'begun_at', 'finished_at', 'came_out', 'first_cause', 'faults', 'taken_back'];

    private function __construct() {}

    /** @param list<Row> $rows */
    public static function of(array $rows): string
    {
        $lines = array_map(static fn(Row $one): string => CsvCells::line([
            $one->exercise,
            (string) $one->seed,
            $one->cook,
            $one->begunAt->toIso8601String(),
            $one->finishedAt?->toIso8601String() ?? '',
            $one->finishedAt === null ? '' : ($one->isIt ? 'yes' : 'no'),
            $one->causes[0] ?? '',
            $one->faults === null ? '' : (string) $one->faults,
            (string) $one->takenBack,
        ]), $rows);

        return CsvCells::line(self::COLUMNS) . implode('', $lines);
    }
}
