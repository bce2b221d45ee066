<?php

declare(strict_types=1);

namespace App\Pages\Score;

use App\Format\Words;
use App\Score\ScoreReading;
use Lento\Score\Figure;
use Lento\Score\Task;

/**
 * A plan as it is read out: by time, and by cook.
 *
 * @phpstan-type Row array{id: string, at: string, until: string, cook: string, what: string, letter: string, pot: string, where: string}
 */
final readonly class ScoreList
{
    public function __construct(private ScoreReading $reading) {}

    /** @return list<Row> */
    public function byTime(): array
    {
        return array_map($this->row(...), $this->reading->tasks);
    }

    /** @return array<string, list<Row>> */
    public function byCook(): array
    {
        $rows = array_fill_keys($this->reading->cooks, []);
        foreach ($this->reading->tasks as $task) {
            $start = $this->reading->placed($task)->start;
            $cook = $this->reading->placed($task)->cook;
            if ($cook !== null && $task->asks->attention->needsACook()) {
                $rows[$cook][] = [$start, $this->row($task)];
            }
        }
        foreach ($this->reading->answer->solution->visits as $visit) {
            $task = $this->reading->task($visit->task) ?? throw new \LogicException('a look at nothing');
            $clock = $this->reading->score->day->clock($visit->at);
            $look = [...$this->row($task), 'at' => $clock, 'until' => '', 'cook' => $visit->cook, 'what' => Words::text('score.look')];
            $rows[$visit->cook][] = [$visit->at, $look];
        }

        return array_map(static function (array $one): array {
            usort($one, static fn(array $a, array $b): int => $a[0] <=> $b[0]);

            return array_column($one, 1);
        }, $rows);
    }

    /**
     * What each cook does next, and the pot to be put on for it, where it is the first of its pot.
     *
     * @return array<string, array{row: Row, putOn: string}>
     */
    public function next(): array
    {
        $next = $seen = [];
        foreach ($this->reading->tasks as $task) {
            $first = !isset($seen[$task->sauce]);
            $seen[$task->sauce] = true;
            $cook = $this->reading->placed($task)->cook;
            if ($cook !== null && !$task->isFixed() && $task->asks->attention->needsACook()) {
                $next[$cook] ??= ['row' => $this->row($task), 'putOn' => $first ? $task->sauce : ''];
            }
        }

        return $next;
    }

    public function name(string $pot): string
    {
        return $this->reading->names[$pot] ?? '';
    }

    /** "Béchamel, pour, whisk" */
    public function what(string $id): string
    {
        $task = $this->reading->task($id);

        return $task === null ? '' : $this->reading->names[$task->sauce] . ', ' . Words::text('score.figure.' . $task->kind);
    }

    /** @return Row */
    private function row(Task $task): array
    {
        $start = $this->reading->placed($task)->start;
        $day = $this->reading->score->day;

        return [
            'id' => $task->id,
            'at' => $day->clock($start),
            'until' => $day->clock($start + $task->minutes->likely),
            'cook' => $this->reading->cookOf($task) === null ? '' : (string) $this->reading->placed($task)->cook,
            'what' => Words::text('score.figure.' . Figure::from($task->kind)->value),
            'letter' => $this->reading->letters[$task->sauce],
            'pot' => $this->reading->names[$task->sauce],
            'where' => $this->reading->stationName($task),
        ];
    }
}
