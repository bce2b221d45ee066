<?php

declare(strict_types=1);

namespace Lento\Score;

/**
 * A service that is being cooked: what was begun stands where it stands, and the rest is planned from now.
 *
 * What happened may have broken rules. A wait that was too long is no reason to have no plan, nor is a pot that was put on much too soon:
 * it is held, or cooled, as long as it must be, and that is told. Two pots that say they stand on one ring, or two tasks of one cook at
 * once, are taken as they can be: the first as it is, the others as still to be placed, or still to be begun. Where more pots are on than
 * rings work, the last stand wherever they stand: they take no ring from the others.
 */
final readonly class Underway
{
    /** Minutes within which what should have been done already is done at last. */
    private const AT_LAST = 15;

    /** @var array<string, Begun> by task */
    private array $begun;

    /** @var array<string, string> pot of each task */
    private array $potOf;

    /** @var array<string, true> pots that are on, or were */
    private array $on;

    /**
     * @param list<Begun> $begun
     * @param array<string, string> $rings where a pot stands that is on, by stay
     * @param array<string, Announced> $announced what the cooks were told
     */
    private function __construct(
        private Instance $planned,
        private Times $times,
        array $begun,
        private array $rings,
        private array $announced,
        private bool $asItStands,
    ) {
        $this->begun = $this->possible($begun);
        $potOf = $on = [];
        foreach ($planned->work->tasks as $task) {
            $potOf[$task->id] = $task->sauce;
            $on += isset($this->begun[$task->id]) ? [$task->sauce => true] : [];
        }
        [$this->potOf, $this->on] = [$potOf, $on];
    }

    /**
     * @param list<Begun> $begun
     * @param array<string, string> $rings where a pot stands that is on, by stay
     * @param array<string, Announced> $announced what the cooks were told
     * @param bool $asItStands whether pots that are on ask for no ring at all: the last way to have a plan where they stand as no plan
     *     would have them
     */
    public static function of(
        Instance $planned,
        Times $times,
        array $begun,
        array $rings,
        array $announced,
        bool $asItStands = false,
    ): Instance {
        return (new self($planned, $times, $begun, $rings, $announced, $asItStands))->instance();
    }

    /**
     * What was told, with what was begun where it was begun: if that keeps to all rules, nothing has happened that matters.
     *
     * @param Instance $now as it stands now
     */
    public static function told(Instance $now, Solution $told): Solution
    {
        $tasks = $told->tasks;
        $windows = [];
        foreach ($now->work->tasks as $task) {
            if (isset($tasks[$task->id]) && $task->progress->start !== null) {
                $tasks[$task->id] = new Placed($task->progress->start, $task->progress->cook ?? $tasks[$task->id]->cook);
            }
            foreach ($task->isDone() ? [] : $task->visits() as $window) {
                $windows["{$task->id} {$window->k} {$window->part}"] = true;
            }
        }
        $visits = array_filter(
            $told->visits,
            static fn(MadeVisit $one): bool => isset($windows["{$one->task} {$one->k} {$one->part}"]),
        );

        return new Solution($tasks, $told->rings, array_values($visits));
    }

    private function instance(): Instance
    {
        $work = $this->planned->work;

        return new Instance(
            $this->planned->name,
            $this->times,
            new Galley($this->planned->galley->cooks, $this->planned->galley->rings, $this->stores()),
            new Work(
                array_map($this->sauce(...), $work->sauces),
                array_map($this->task(...), $work->tasks),
                $this->lags($work->lags),
                $this->stays($work->stays),
            ),
            array_diff_key($this->announced, $this->begun),
        );
    }

    /**
     * No cook has two at once: the one that was begun first is his, the others wait for him.
     *
     * @param list<Begun> $begun
     *
     * @return array<string, Begun>
     */
    private function possible(array $begun): array
    {
        usort($begun, static fn(Begun $a, Begun $b): int => [$a->start, $a->task] <=> [$b->start, $b->task]);
        $tasks = [];
        foreach ($this->planned->work->tasks as $task) {
            $tasks[$task->id] = $task;
        }
        $known = array_map(static fn(Cook $one): string => $one->id, $this->planned->galley->cooks);
        // What somebody had who has gone is gone on with by somebody who is there.
        $now = $this->times->now;
        $here = array_filter($this->planned->galley->cooks, static fn(Cook $one): bool => !$one->isAway($now, $now + 1));
        $free = array_map(static fn(Cook $one): string => $one->id, array_values($here));
        $there = $free;
        $kept = [];
        foreach ($begun as $one) {
            $task = $tasks[$one->task] ?? null;
            if ($task === null) {
                continue;
            }
            if ($one->done || !$task->asks->attention->needsACook()) {
                $cook = in_array($one->cook, $known, true) ? $one->cook : null;
                $kept[$one->task] = new Begun($one->task, $one->start, $one->minutes, $one->done, $cook);
                continue;
            }
            $cook = in_array($one->cook, $free, true) ? $one->cook : null;
            $cook ??= in_array($one->cook, $there, true) ? null : $free[0] ?? null;
            if ($cook !== null) {
                $free = array_values(array_diff($free, [$cook]));
                $kept[$one->task] = new Begun($one->task, $one->start, $one->minutes, false, $cook);
            }
        }

        return $kept;
    }

    private function sauce(Sauce $sauce): Sauce
    {
        $service = $sauce->service;

        return $service === null || !isset($this->on[$sauce->id]) ? $sauce : new Sauce($sauce->id, $sauce->name, $sauce->last, new Service(
            $service->at,
            $service->buffer,
            $service->weight,
            $service->holdLike,
            Instance::MOST_MINUTES,
            $service->latest,
        ), $sauce->parent);
    }

    private function task(Task $task): Task
    {
        $begun = $this->begun[$task->id] ?? null;
        if ($begun === null) {
            return $task;
        }
        $visits = $task->asks->visits;
        $gone = max(0, $this->times->now - $begun->start);

        return $task->with(
            Band::exactly($begun->minutes),
            $visits === null ? $task->asks : new Asks(
                $task->asks->attention,
                new Visits($visits->every, $visits->slack, $visits->minutes, intdiv($gone, $visits->every)),
                $task->asks->skill,
            ),
            new Progress($begun->done ? TaskState::Done : TaskState::Running, $begun->start, $begun->cook),
        );
    }

    /**
     * @param list<Lag> $lags
     *
     * @return list<Lag>
     */
    private function lags(array $lags): array
    {
        $kept = [];
        foreach ($lags as $lag) {
            $from = $this->begun[$lag->from] ?? null;
            if (isset($this->begun[$lag->to])) {
                continue;
            }
            if ($lag->most !== null && $lag->most >= Lag::HOLDS_FROM && isset($this->on[$this->potOf[$lag->from]])) {
                $kept[] = new Lag($lag->from, $lag->to, $lag->least, null, $lag->why);
                continue;
            }
            if ($from === null || $lag->most === null) {
                $kept[] = $lag;
                continue;
            }
            // It waits already: it is done soon, but not yesterday.
            $soon = max(0, $this->times->now - $from->end()) + self::AT_LAST;
            $kept[] = new Lag($lag->from, $lag->to, $lag->least, max($lag->most, $soon), $lag->why);
        }

        return $kept;
    }

    /**
     * What is in use is there, whatever was told of how many there are.
     *
     * @return list<Store>
     */
    private function stores(): array
    {
        $used = [];
        foreach ($this->planned->work->stays as $stay) {
            $used[$stay->store ?? ''] = ($used[$stay->store ?? ''] ?? 0) + ($this->hasBegun($stay) ? 1 : 0);
        }

        return array_map(
            static fn(Store $one): Store => new Store($one->id, $one->kind, max($one->slots, $used[$one->id] ?? 0)),
            $this->planned->galley->stores,
        );
    }

    /**
     * @param list<Stay> $stays
     *
     * @return list<Stay>
     */
    private function stays(array $stays): array
    {
        $now = $this->times->now;
        // A pot on a ring that has failed is moved: where it stood counts no longer.
        $working = array_values(array_filter($this->planned->galley->rings, static fn(Ring $one): bool => !$one->isOut($now, $now + 1)));
        $taken = [];
        $placed = [];
        foreach ($stays as $stay) {
            $ring = $this->ringOf($stay);
            $works = array_filter($working, static fn(Ring $one): bool => $one->id === $ring) !== [];
            if ($ring !== null && $works && !isset($taken[$ring])) {
                $taken[$ring] = $stay->id;
            }
        }
        foreach ($stays as $stay) {
            $ring = $this->ringOf($stay);
            if (!$stay->isOnARing() || !$this->hasBegun($stay)) {
                $placed[] = $stay;
            } elseif ($this->asItStands) {
                continue;
            } elseif ($ring !== null && ($taken[$ring] ?? '') === $stay->id) {
                $placed[] = new Stay(
                    $stay->id,
                    $stay->from,
                    $stay->to,
                    null,
                    new Wants($stay->wants->pan, $stay->wants->power, $stay->wants->at, $ring),
                    $stay->fromEnd,
                );
            } else {
                $free = array_filter(
                    $working,
                    static fn(Ring $one): bool => !isset($taken[$one->id]) && $one->takes($stay->wants->pan, $stay->wants->power),
                );
                if ($free !== []) {
                    $taken[array_values($free)[0]->id] = $stay->id;
                    $placed[] = $stay;
                }
            }
        }

        return $placed;
    }

    /** Of a pot that stands there now, whose stay has begun and is not over. */
    private function ringOf(Stay $stay): ?string
    {
        return $stay->isOnARing() && $this->hasBegun($stay) ? $this->rings[$stay->id] ?? null : null;
    }

    /** Whether it has begun, and is not over. */
    private function hasBegun(Stay $stay): bool
    {
        $from = $this->begun[$stay->from] ?? null;
        $last = $stay->to ?? [];
        $over = $last !== [] && array_filter($last, fn(string $task): bool => !($this->begun[$task]->done ?? false)) === [];

        return $from !== null && ($from->done || !$stay->fromEnd) && !$over;
    }
}
