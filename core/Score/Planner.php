<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\LentoException;
use Lento\Score\Search\Bounds;
use Lento\Score\Search\Naming;
use Lento\Score\Search\Problem;
use Lento\Score\Search\Search;
use Lento\Score\Search\Tried;

/** Plans a service: the same plan for the same service, seed and budget on every machine. */
final readonly class Planner
{
    /** @param Budget|null $budget null for what suits so many tasks */
    public function __construct(private int $seed = 1, private ?Budget $budget = null) {}

    /**
     * @param (callable(Answer): bool)|null $better told of each better plan, the first within a blink; false ends the search
     * @param Solution|null $from a plan to go on from
     *
     * @return Answer|non-empty-list<Impossible>
     *
     * @throws LentoException if the service contradicts itself in what it names
     */
    public function plan(Instance $instance, ?callable $better = null, ?Solution $from = null): Answer|array
    {
        $lacking = Diagnosis::of($instance);
        if ($lacking !== []) {
            return $lacking;
        }
        $problem = new Problem($instance);
        $bound = Bounds::of($problem);
        $naming = new Naming($problem);
        $told = $better === null ? null : static fn(Tried $tried): bool => $tried->plan === null
            || $better(self::answer($instance, $naming->solution($tried->plan), $bound));
        $found = (new Search($problem, $this->seed, $bound->least->bounded()))
            ->run($this->budget ?? Budget::for($problem->tasks), $told, ...self::known($problem, $from));
        if ($found->plan === null || !$found->isTimely()) {
            return [$this->notFound($instance)];
        }

        return self::answer($instance, $naming->solution($found->plan), $bound);
    }

    /** A plan that is known already, and what it is worth. */
    public static function judged(Instance $instance, Solution $solution): Answer
    {
        return self::answer($instance, $solution, Bounds::of(new Problem($instance)));
    }

    /**
     * Between which minutes each task can begin without any sauce being later than it is, by the waits between tasks, what has begun and
     * now: hands and rings are not asked.
     *
     * @return array<string, Interval> by task; of what has begun none. The last minute is within it
     */
    public static function rooms(Instance $instance, Solution $solution): array
    {
        $problem = new Problem($instance);
        $granted = [];
        foreach ($problem->dues as $due) {
            $ready = $solution->tasks[$instance->work->tasks[$due->last]->id]->start + $problem->shift + $problem->minutes[$due->last];
            $granted[] = max(0, $ready - $due->due);
        }
        [$earliest, $latest] = $problem->windows($granted, $problem->now);
        $rooms = [];
        foreach ($instance->work->tasks as $k => $task) {
            if (!$task->isFixed() && $earliest[$k] <= $latest[$k]) {
                $rooms[$task->id] = new Interval($earliest[$k] - $problem->shift, $latest[$k] - $problem->shift);
            }
        }

        return $rooms;
    }

    /** @return array{array<int, int>|null, array<int, int>} starts and rings, by the places of the problem */
    private static function known(Problem $problem, ?Solution $from): array
    {
        $starts = $rings = [];
        foreach ($problem->instance->work->tasks as $k => $task) {
            if ($from === null || !isset($from->tasks[$task->id])) {
                return [null, []];
            }
            $fixed = $problem->fixed[$k];
            $starts[$k] = $fixed === Problem::NONE ? max(0, $from->tasks[$task->id]->start + $problem->shift) : $fixed;
        }
        $names = array_flip(array_map(static fn(Ring $one): string => $one->id, $problem->instance->galley->rings));
        foreach ($problem->instance->work->stays as $k => $stay) {
            $ring = $from->rings[$stay->id] ?? '';
            if (isset($names[$ring])) {
                $rings[$k] = $names[$ring];
            }
        }

        return [$starts, $rings];
    }

    private static function answer(Instance $instance, Solution $solution, Bound $bound): Answer
    {
        return new Answer($solution, Worth::of($instance, $solution), $bound);
    }

    /** Nothing proves that there is none: the least lateness that was found without the latest times is told. */
    private function notFound(Instance $instance): Impossible
    {
        $clauses = [];
        foreach ($instance->work->tasks as $task) {
            if ($task->progress->state === TaskState::Locked && $task->progress->start !== null) {
                $clauses[] = new Clause(ClauseKind::SetAt, $task->id, minutes: $task->progress->start);
            }
        }
        if ($clauses !== []) {
            return new Impossible(Reason::Set, $clauses);
        }
        foreach ($instance->work->sauces as $sauce) {
            if ($sauce->service?->latest !== null) {
                $clauses[] = new Clause(ClauseKind::ReadyBy, $sauce->id, minutes: $sauce->service->latest);
            }
        }
        $first = $instance->work->tasks[0];

        return new Impossible(
            Reason::NotFound,
            $clauses === [] ? [new Clause(ClauseKind::Now, $first->id, minutes: $instance->times->now)] : $clauses,
        );
    }
}
