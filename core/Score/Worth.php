<?php

declare(strict_types=1);

namespace Lento\Score;

/** What a solution is worth, worked out from itself and nothing of how it was found. */
final readonly class Worth
{
    /** Minutes by which a task may move without anybody being told. */
    public const MOVES_FROM = 2;

    public static function of(Instance $instance, Solution $solution): Objective
    {
        $late = $held = $moves = $span = 0;
        $asked = 0;
        $tasks = $pots = $rows = [];
        $end = $instance->end();
        foreach ($instance->work->tasks as $task) {
            $tasks[$task->id] = $task;
            $start = $solution->tasks[$task->id]->start;
            $asked += $task->isDone() ? 0 : count($task->visits());
            $told = $instance->announced[$task->id] ?? null;
            $moves += !$task->isFixed() && $told !== null && abs($start - $told->start) > self::MOVES_FROM ? 1 : 0;
            if ($task->isAhead()) {
                $span = max($span, $end - $start);
                $pots[$task->sauce] = max($pots[$task->sauce] ?? PHP_INT_MIN, $end - $start);
            }
            if ($task->asks->attention->needsACook() && $solution->tasks[$task->id]->cook !== null) {
                $rows[$task->sauce][] = [$start, $task->id, $solution->tasks[$task->id]->cook];
            }
        }
        foreach ($instance->work->sauces as $sauce) {
            if ($sauce->service !== null) {
                $ready = $solution->tasks[$sauce->last]->start + $tasks[$sauce->last]->minutes->likely;
                $late += $sauce->service->weight * max(0, $ready - $sauce->service->due());
                $held += max(0, $sauce->service->at - $ready - $sauce->service->holdLike);
            }
        }

        return new Objective(
            $asked - count($solution->visits),
            $late,
            $held,
            $moves,
            $span,
            new Ease(self::handOvers($rows), array_sum($pots)),
        );
    }

    /** @param array<string, list<array{int, string, string}>> $rows start, task and cook, by sauce */
    private static function handOvers(array $rows): int
    {
        $overs = 0;
        foreach ($rows as $row) {
            sort($row);
            for ($k = 1; $k < count($row); $k++) {
                $overs += $row[$k][2] !== $row[$k - 1][2] ? 1 : 0;
            }
        }

        return $overs;
    }
}
