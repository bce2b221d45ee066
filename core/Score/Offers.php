<?php

declare(strict_types=1);

namespace Lento\Score;

/**
 * What can be done where a plan is not as one would have it: what each way would cost is found by planning with it.
 */
final readonly class Offers
{
    /** Minutes by which a serving is put off: what is announced at a pass is a round time. */
    private const ROUND = 5;

    /** How often a serving is put off a little more, where that might give somebody time for a look. */
    private const PUT_OFF = 3;

    /** How many minutes beyond what is needed a hand is asked for. */
    private const HELPS_FOR = 5;

    /** More would not be read. */
    private const SHOWN = 3;

    /**
     * @param list<Change> $changes
     */
    private function __construct(public array $changes, public Answer $answer, public Difference $price) {}

    /**
     * @param Planner $planner with what a try may cost
     * @param string $help what somebody more would be called
     *
     * @return list<self> the best first; none where the plan is as one would have it
     */
    public static function of(Instance $instance, Answer $answer, Planner $planner, string $help): array
    {
        $offers = [];
        $announced = array_map(static fn(Placed $one): Announced => new Announced($one->start, $one->cook), $answer->solution->tasks);
        foreach (self::ways($instance, $answer, $help) as $changes) {
            $changed = Changed::of($instance, $changes);
            $tried = $planner->plan(
                new Instance($changed->name, $changed->times, $changed->galley, $changed->work, $announced),
                from: $answer->solution,
            );
            if ($tried instanceof Answer && self::badness($tried) < self::badness($answer)) {
                $price = Difference::between($instance, $answer->solution, $changed, $tried->solution);
                $offers[] = new self($changes, $tried, $price);
            }
        }
        usort($offers, static fn(self $a, self $b): int => $a->weight() <=> $b->weight());

        return array_slice($offers, 0, self::SHOWN);
    }

    /** @return list<list<Change>> */
    private static function ways(Instance $instance, Answer $answer, string $help): array
    {
        $clashes = Missed::of($instance, $answer->solution);
        $late = $total = [];
        foreach ($instance->work->sauces as $sauce) {
            $task = self::task($instance, $sauce->last);
            $ready = $answer->solution->tasks[$sauce->last]->start + ($task->minutes->likely ?? 0);
            if ($sauce->service !== null && $ready > $sauce->service->due()) {
                $late[] = self::later($sauce->id, $sauce->service->at, $ready - $sauce->service->due());
            }
        }
        $ways = array_map(static fn(Change $one): array => [$one], $late);
        if (count($late) > 1) {
            $ways[] = $late;
        }
        foreach (array_slice($clashes, 0, 2) as [$task, $minute]) {
            $served = self::servedWith($instance, $task->sauce);
            for ($rounds = 1; $served !== null && $rounds <= self::PUT_OFF; $rounds++) {
                $ways[] = [self::later($served[0], $served[1], $rounds * self::ROUND)];
            }
            $ways[] = [new Change(ChangeKind::Help, $help, $minute - self::HELPS_FOR, $minute + 2 * self::HELPS_FOR, $help)];
        }
        $first = min([PHP_INT_MAX, ...array_map(static fn(Placed $one): int => $one->start, array_values($answer->solution->tasks))]);
        if ($late !== []) {
            $ways[] = [new Change(ChangeKind::Help, $help, max($first, $instance->times->now), $instance->end(), $help)];
        }

        return $ways;
    }

    private static function later(string $sauce, int $at, int $minutes): Change
    {
        return new Change(ChangeKind::Serve, $sauce, $at + self::ROUND * (int) ceil($minutes / self::ROUND));
    }

    /** @return array{string, int}|null the sauce itself, or the first that is made of it and served; and at which minute */
    private static function servedWith(Instance $instance, string $sauce): ?array
    {
        $found = null;
        foreach ($instance->work->sauces as $one) {
            if ($one->service !== null && ($one->id === $sauce || ($found === null && $one->parent === $sauce))) {
                $found = [$one->id, $one->service->at];
            }
        }

        return $found;
    }

    private static function task(Instance $instance, string $id): ?Task
    {
        foreach ($instance->work->tasks as $task) {
            if ($task->id === $id) {
                return $task;
            }
        }

        return null;
    }

    /** @return array{int, int} what an offer is to make less of */
    private static function badness(Answer $answer): array
    {
        return [$answer->objective->clashes, $answer->objective->late];
    }

    /** @return array{int, int, int, int, int} what is left of it first; then what it asks of the guests, of the cooks, and of the sauces */
    private function weight(): array
    {
        $help = 0;
        foreach ($this->changes as $change) {
            $help += $change->kind === ChangeKind::Help ? ($change->until ?? 0) - ($change->at ?? 0) : 0;
        }

        return [
            ...self::badness($this->answer),
            array_sum($this->price->served) * 2 + $help,
            $this->answer->objective->held,
            count($this->price->moved),
        ];
    }
}
