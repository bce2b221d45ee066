<?php

declare(strict_types=1);

namespace Lento\Score;

/**
 * A service with what somebody has said of its plan. What is no longer there is passed over: a sauce that was taken out of the service
 * takes what was said of it along.
 */
final readonly class Changed
{
    /** @param list<Change> $changes each of something else */
    private function __construct(private Instance $planned, private array $changes) {}

    /** @param list<Change> $changes in the order in which they were said; the later of two of the same stands */
    public static function of(Instance $planned, array $changes): Instance
    {
        $kept = [];
        foreach ($changes as $change) {
            $kept = [...array_filter($kept, static fn(Change $one): bool => !$change->replaces($one)), $change];
        }

        return $kept === [] ? $planned : (new self($planned, $kept))->instance();
    }

    private function instance(): Instance
    {
        $work = $this->planned->work;

        return new Instance(
            $this->planned->name,
            $this->planned->times,
            new Galley($this->cooks(), array_map($this->ring(...), $this->planned->galley->rings), $this->planned->galley->stores),
            new Work(
                array_map($this->sauce(...), $work->sauces),
                array_map($this->task(...), $work->tasks),
                $work->lags,
                array_map($this->stay(...), $work->stays),
            ),
            $this->planned->announced,
        );
    }

    /** @return list<Cook> */
    private function cooks(): array
    {
        $cooks = [];
        foreach ($this->planned->galley->cooks as $cook) {
            $away = $this->said(ChangeKind::Away, $cook->id);
            $cooks[] = $away === null ? $cook : new Cook($cook->id, $cook->skills, [...$cook->away, self::interval($away)]);
        }
        foreach ($this->changes as $change) {
            $names = array_map(static fn(Cook $one): string => $one->id, $cooks);
            if ($change->kind === ChangeKind::Help && !in_array($change->to, $names, true)) {
                $there = self::interval($change);
                $cooks[] = new Cook($change->to, [], [
                    new Interval(-Instance::MOST_MINUTES, $there->from),
                    new Interval($there->until, 2 * Instance::MOST_MINUTES),
                ]);
            }
        }

        return $cooks;
    }

    private function ring(Ring $ring): Ring
    {
        $out = $this->said(ChangeKind::Out, $ring->id);

        return $out === null ? $ring : new Ring($ring->id, $ring->widestPan, $ring->power, [...$ring->out, self::interval($out)]);
    }

    private function sauce(Sauce $sauce): Sauce
    {
        $at = $this->said(ChangeKind::Serve, $sauce->id)?->at;
        $was = $sauce->service;
        if ($at === null || $was === null || $at < 0 || $at > $this->planned->times->horizon) {
            return $sauce;
        }
        $latest = $was->latest === null ? null : max($was->latest, $at);

        return new Sauce(
            $sauce->id,
            $sauce->name,
            $sauce->last,
            new Service($at, $was->buffer, $was->weight, $was->holdLike, $was->holdMax, $latest),
            $sauce->parent,
        );
    }

    private function task(Task $task): Task
    {
        $start = $this->said(ChangeKind::Start, $task->id)?->at;
        $from = $this->said(ChangeKind::NotBefore, $task->id)?->at;
        $cook = $this->said(ChangeKind::Cook, $task->id)?->to;
        $cooks = array_map(static fn(Cook $one): string => $one->id, $this->planned->galley->cooks);
        $known = $cook !== null && in_array($cook, $cooks, true) ? $cook : $task->progress->cook;
        // What was to begin at a minute that has passed, and did not, is to be begun now as well as anything else.
        $passed = $start !== null && $start < $this->planned->times->now;
        if (($start === null && $from === null && $known === null) || $task->isFixed()) {
            return $task;
        }

        return $task->with(progress: $start === null || $passed
            ? new Progress($task->progress->state, null, $known, $from)
            : new Progress(TaskState::Locked, $start, $known));
    }

    private function stay(Stay $stay): Stay
    {
        $ring = $this->said(ChangeKind::Ring, $stay->id)?->to;
        $takes = array_filter(
            $this->planned->galley->rings,
            static fn(Ring $one): bool => $one->id === $ring && $one->takes($stay->wants->pan, $stay->wants->power),
        );

        return $takes === [] || !$stay->isOnARing() ? $stay : new Stay(
            $stay->id,
            $stay->from,
            $stay->to,
            null,
            new Wants($stay->wants->pan, $stay->wants->power, $stay->wants->at, $ring),
            $stay->fromEnd,
        );
    }

    private function said(ChangeKind $kind, string $of): ?Change
    {
        foreach ($this->changes as $change) {
            if ($change->kind === $kind && $change->of === $of) {
                return $change;
            }
        }

        return null;
    }

    private static function interval(Change $change): Interval
    {
        $from = $change->at ?? -Instance::MOST_MINUTES;

        return new Interval($from, $change->until ?? 2 * Instance::MOST_MINUTES);
    }
}
