<?php

declare(strict_types=1);

namespace Lento\Score\Search;

use Lento\Score\MadeVisit;
use Lento\Score\Placed;
use Lento\Score\Solution;

/** Makes of a plan what cooks are told: who does it, on which ring, and who looks when. */
final readonly class Naming
{
    public function __construct(private Problem $problem) {}

    public function solution(Plan $plan): Solution
    {
        $problem = $this->problem;
        $galley = $problem->instance->galley;
        $cooks = $this->cooks($plan);
        $tasks = $rings = [];
        foreach ($problem->instance->work->tasks as $k => $task) {
            $cook = $cooks[$k] ?? null;
            $tasks[$task->id] = new Placed(
                $plan->start[$k] - $problem->shift,
                $cook === null ? $task->progress->cook : $galley->cooks[$cook]->id,
            );
        }
        foreach ($problem->instance->work->stays as $k => $stay) {
            if ($plan->rings[$k] >= 0 && $stay->isOnARing()) {
                $rings[$stay->id] = $galley->rings[$plan->rings[$k]]->id;
            }
        }

        return new Solution($tasks, $rings, $this->visits($plan, $cooks));
    }

    /**
     * Who has the pot already, if free; else the free one whose own pots call last.
     *
     * @return array<int, int> cook of each task that needs one
     */
    private function cooks(Plan $plan): array
    {
        $problem = $this->problem;
        if (!$problem->pool) {
            return $plan->cooks;
        }
        $rows = array_keys(array_filter($problem->crewed));
        $rank = static fn(int $task): array => [$plan->start[$task], $problem->minutes[$task]];
        usort($rows, static fn(int $a, int $b): int => $rank($a) <=> $rank($b));
        $index = array_flip(array_map(static fn(object $one): string => $one->id, $problem->instance->galley->cooks));
        $until = array_fill(0, count($problem->away), PHP_INT_MIN);
        $cooks = $holds = [];
        foreach ($rows as $r => $task) {
            $from = max($plan->start[$task], $problem->now);
            $free = array_keys(array_filter($until, static fn(int $one): bool => $one <= $from));
            $told = $problem->instance->work->tasks[$task]->progress->cook;
            $had = $holds[$problem->sauce[$task]] ?? null;
            $cook = match (true) {
                $told !== null => $index[$told],
                in_array($had, $free, true) => $had,
                default => $this->lastCalled($free, array_slice($rows, $r + 1, 11), $holds, $plan),
            };
            $cooks[$task] = $cook;
            $holds[$problem->sauce[$task]] = $cook;
            $until[$cook] = $plan->start[$task] + $problem->minutes[$task];
        }

        return $cooks;
    }

    /**
     * @param array<int, int> $free
     * @param array<int, int> $next tasks to come
     * @param array<int, int> $holds who has which pot
     */
    private function lastCalled(array $free, array $next, array $holds, Plan $plan): int
    {
        $best = $free[0];
        $latest = PHP_INT_MIN;
        foreach ($free as $cook) {
            $call = PHP_INT_MAX;
            foreach ($next as $task) {
                if (($holds[$this->problem->sauce[$task]] ?? null) === $cook) {
                    $call = min($call, $plan->start[$task]);
                }
            }
            if ($call > $latest) {
                [$best, $latest] = [$cook, $call];
            }
        }

        return $best;
    }

    /**
     * @param array<int, int> $cooks
     *
     * @return list<MadeVisit>
     */
    private function visits(Plan $plan, array $cooks): array
    {
        $problem = $this->problem;
        $busy = [];
        foreach ($problem->away as $cook => $rows) {
            foreach ($rows as [$from, $until]) {
                for ($m = $from; $m < $until; $m++) {
                    $busy[$m][$cook] = true;
                }
            }
        }
        $pots = [];
        foreach ($cooks as $task => $cook) {
            $pots[$problem->sauce[$task]][$plan->start[$task]] = $cook;
            for ($m = $plan->start[$task]; $problem->hands[$task] && $m < $plan->start[$task] + $problem->minutes[$task]; $m++) {
                $busy[$m][$cook] = true;
            }
        }
        $minutes = $plan->visits;
        asort($minutes);
        $made = [];
        $of = $this->visitsByNumber();
        foreach ($minutes as $visit => $m) {
            [$task, $k] = $of[$visit];
            $window = $problem->instance->work->tasks[$task]->visits()[$k];
            $own = null;
            foreach ($pots[$problem->sauce[$task]] ?? [] as $start => $cook) {
                $own = $start <= $m || $own === null ? $cook : $own;
            }
            $free = array_values(array_filter(array_keys($problem->away), static fn(int $one): bool => !isset($busy[$m][$one])));
            $cook = in_array($own, $free, true) ? $own : $free[0];
            $busy[$m][$cook] = true;
            $made[] = new MadeVisit(
                $problem->instance->work->tasks[$task]->id,
                $window->k,
                $window->part,
                $m - $problem->shift,
                $problem->instance->galley->cooks[$cook]->id,
            );
        }

        return $made;
    }

    /** @return list<array{int, int}> task and place among its windows */
    private function visitsByNumber(): array
    {
        $of = [];
        foreach ($this->problem->windows as $task => $rows) {
            foreach ($rows as $k => $_) {
                $of[] = [$task, $k];
            }
        }

        return $of;
    }
}
