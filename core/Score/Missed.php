<?php

declare(strict_types=1);

namespace Lento\Score;

/** Looks that a plan asks for and nobody has time for. */
final readonly class Missed
{
    /** @return list<array{Task, int, int}> at what, from which minute and up to which, that one not included; soonest first */
    public static function of(Instance $instance, Solution $solution): array
    {
        $made = [];
        foreach ($solution->visits as $visit) {
            $made["{$visit->task} {$visit->k} {$visit->part}"] = true;
        }
        $missed = [];
        foreach ($instance->work->tasks as $task) {
            $start = $solution->tasks[$task->id]->start;
            foreach ($task->isDone() ? [] : $task->visits() as $window) {
                if (!isset($made["{$task->id} {$window->k} {$window->part}"])) {
                    $missed[] = [$task, $start + $window->from, $start + $window->to + 1];
                }
            }
        }
        usort($missed, static fn(array $a, array $b): int => $a[1] <=> $b[1]);

        return $missed;
    }
}
