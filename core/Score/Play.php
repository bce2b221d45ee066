<?php

declare(strict_types=1);

namespace Lento\Score;

/** In which order a plan is played, and what each task waits for: its own pot, its cook, its ring. */
final readonly class Play
{
    /**
     * @param list<string> $order of tasks, by their planned starts
     * @param array<string, int> $starts as planned
     * @param array<string, list<array{string, int}>> $waits for the end of which tasks each waits, and how many minutes more
     */
    private function __construct(private array $order, private array $starts, private array $waits) {}

    public static function of(Instance $instance, Solution $solution): self
    {
        $starts = $waits = $last = [];
        foreach ($instance->work->tasks as $task) {
            $starts[$task->id] = $solution->tasks[$task->id]->start;
            $waits[$task->id] = [];
        }
        asort($starts);
        $order = array_map(strval(...), array_keys($starts));
        foreach ($instance->work->lags as $lag) {
            $waits[$lag->to][] = [$lag->from, $lag->least];
        }
        $crewed = [];
        foreach ($instance->work->tasks as $task) {
            $crewed[$task->id] = $task->asks->attention->needsACook();
        }
        foreach ($order as $task) {
            $cook = $solution->tasks[$task]->cook;
            if ($cook !== null && $crewed[$task]) {
                if (isset($last[$cook])) {
                    $waits[$task][] = [$last[$cook], 0];
                }
                $last[$cook] = $task;
            }
        }
        foreach (self::rings($instance, $solution) as [$before, $after]) {
            $waits[$after][] = [$before, 0];
        }

        return new self($order, $starts, $waits);
    }

    /** @param array<string, float> $minutes that each task takes */
    public function with(array $minutes): Played
    {
        $ends = $held = [];
        foreach ($this->order as $task) {
            $start = (float) $this->starts[$task];
            $held[$task] = null;
            foreach ($this->waits[$task] as [$for, $more]) {
                if (isset($ends[$for]) && $ends[$for] + $more > $start + 1e-9) {
                    [$start, $held[$task]] = [$ends[$for] + $more, $for];
                }
            }
            $ends[$task] = $start + $minutes[$task];
        }

        return new Played($ends, $held);
    }

    /** @return list<array{string, string}> the task that frees a ring, and the first of the pot that comes onto it next */
    private static function rings(Instance $instance, Solution $solution): array
    {
        $on = [];
        foreach ($instance->work->stays as $stay) {
            $ring = $solution->rings[$stay->id] ?? null;
            if ($stay->isOnARing() && $ring !== null && $stay->to !== null) {
                $on[$ring][] = [$solution->tasks[$stay->from]->start, $stay];
            }
        }
        $pairs = [];
        foreach ($on as $rows) {
            usort($rows, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
            for ($k = 1; $k < count($rows); $k++) {
                foreach ($rows[$k - 1][1]->to ?? [] as $task) {
                    $pairs[] = [$task, $rows[$k][1]->from];
                }
            }
        }

        return $pairs;
    }
}
