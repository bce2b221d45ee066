<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\Words;
use App\Formats\CsvCells;
use Lento\Score\Task;

/** A plan as a table: a task a row, in the order of their starts. */
final readonly class ScoreTable
{
    private const COLUMNS = ['start', 'end', 'cook', 'sauce', 'task', 'where', 'minutes', 'low', 'high', 'attention', 'state'];

    public static function of(ScoreReading $reading): string
    {
        $lines = CsvCells::line(self::COLUMNS);
        foreach ($reading->tasks as $task) {
            $lines .= CsvCells::line(self::row($reading, $task));
        }

        return $lines;
    }

    /** @return list<string> */
    private static function row(ScoreReading $reading, Task $task): array
    {
        $placed = $reading->placed($task);
        $day = $reading->score->day;

        return [
            $day->moment($placed->start)->format('Y-m-d H:i'),
            $day->moment($placed->start + $task->minutes->likely)->format('Y-m-d H:i'),
            $task->asks->attention->needsACook() ? (string) $placed->cook : '',
            $reading->names[$task->sauce],
            Words::text('score.figure.' . $task->kind),
            $reading->stationName($task),
            (string) $task->minutes->likely,
            (string) $task->minutes->low,
            (string) $task->minutes->high,
            $task->asks->attention->value,
            $task->progress->state->value,
        ];
    }
}
