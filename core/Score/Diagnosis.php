<?php

declare(strict_types=1);

namespace Lento\Score;

/**
 * Why a service has no plan: what no ring, place or cook could ever take; then what the times alone contradict. The proof of the second is
 * a cycle of positive length in the graph of all lags, with the clock as one more node; its arcs, in order, are the sentence.
 */
final readonly class Diagnosis
{
    /** The node of the clock. */
    private const CLOCK = '';

    private function __construct(private Instance $instance) {}

    /** @return list<Impossible> none if neither stands against it */
    public static function of(Instance $instance): array
    {
        $self = new self($instance);
        $lacking = [...$self->rings(), ...$self->places(), ...$self->skills()];
        if ($lacking !== []) {
            return $lacking;
        }
        $cycle = $self->cycle();

        return $cycle === null ? [] : [$cycle];
    }

    /** @return list<Impossible> */
    private function rings(): array
    {
        $widest = max([0, ...array_map(static fn(Ring $one): int => $one->widestPan, $this->instance->galley->rings)]);
        $found = [];
        foreach ($this->instance->work->stays as $stay) {
            $takes = array_filter(
                $this->instance->galley->rings,
                static fn(Ring $ring): bool => $stay->wants->ring === $ring->id || $ring->takes($stay->wants->pan, $stay->wants->power),
            );
            if ($stay->isOnARing() && $takes === []) {
                $found[] = new Impossible(Reason::NoRing, [new Clause(ClauseKind::NoRing, $stay->from, minutes: $widest)]);
            }
        }

        return $found;
    }

    /** @return list<Impossible> */
    private function places(): array
    {
        $found = [];
        $stores = [];
        foreach ($this->instance->galley->stores as $store) {
            $stores[$store->id] = $store->slots;
        }
        foreach ($this->instance->work->stays as $stay) {
            if ($stay->store !== null && $stores[$stay->store] < 1) {
                $found[] = new Impossible(Reason::NoPlace, [new Clause(ClauseKind::NoPlace, $stay->from, $stay->store)]);
            }
        }

        return $found;
    }

    /** @return list<Impossible> */
    private function skills(): array
    {
        $found = [];
        foreach ($this->instance->work->tasks as $task) {
            $able = array_filter(
                $this->instance->galley->cooks,
                static fn(Cook $cook): bool => $cook->can($task->asks->skill) && ($task->progress->cook ?? $cook->id) === $cook->id,
            );
            if (!$task->isDone() && $task->asks->attention->needsACook() && $able === []) {
                $found[] = new Impossible(Reason::NoSkill, [new Clause(ClauseKind::NoSkill, $task->id, $task->asks->skill ?? '')]);
            }
        }

        return $found;
    }

    /** Bellman and Ford: what still moves after as many rounds as there are nodes hangs on a cycle. */
    private function cycle(): ?Impossible
    {
        $arcs = $this->arcs();
        $far = [self::CLOCK => 0];
        foreach ($this->instance->work->tasks as $task) {
            $far[$task->id] = 0;
        }
        $by = [];
        $nodes = count($far);
        $last = null;
        for ($round = 0; $round <= $nodes; $round++) {
            $last = null;
            foreach ($arcs as $k => [$from, $to, $minutes]) {
                if ($far[$from] + $minutes > $far[$to]) {
                    $far[$to] = $far[$from] + $minutes;
                    $by[$to] = $k;
                    $last = $to;
                }
            }
            if ($last === null) {
                return null;
            }
        }
        for ($step = 0; $step < $nodes; $step++) {
            $last = $arcs[$by[$last]][0];
        }
        $row = [$arcs[$by[$last]]];
        while ($row[0][0] !== $last) {
            $row = [$arcs[$by[$row[0][0]]], ...$row];
        }
        foreach ($row as $k => [$from]) {
            // It begins with the clock, where that is part of it.
            if ($from === self::CLOCK) {
                $row = [...array_slice($row, $k), ...array_slice($row, 0, $k)];
                break;
            }
        }

        return self::told($row);
    }

    /** @param list<array{string, string, int, Clause}> $row */
    private static function told(array $row): Impossible
    {
        $clauses = array_column($row, 3);
        $kinds = array_map(static fn(Clause $one): string => $one->kind->value, $clauses);
        $held = array_filter(
            $clauses,
            static fn(Clause $one): bool => $one->kind === ClauseKind::Holds
                || ($one->kind === ClauseKind::Waits && $one->minutes >= Lag::HOLDS_FROM),
        );
        $by = array_intersect(['now', 'began'], $kinds) !== [];

        return new Impossible(
            match (true) {
                $held !== [] => Reason::Hold,
                in_array('ready-by', $kinds, true) && $by => Reason::TooLate,
                in_array('waits', $kinds, true) => Reason::Wait,
                array_intersect(['set-at', 'set-from'], $kinds) !== [] => Reason::Set,
                default => Reason::Order,
            },
            $clauses,
            array_sum(array_column($row, 2)),
        );
    }

    /** @return list<array{string, string, int, Clause}> from, to, and how many minutes later the second starts at the least */
    private function arcs(): array
    {
        $arcs = $minutes = [];
        foreach ($this->instance->work->tasks as $task) {
            $minutes[$task->id] = $task->minutes->likely;
            $start = $task->progress->start;
            if ($start === null) {
                $now = $this->instance->times->now;
                $asked = $task->progress->notBefore ?? $now;
                $kind = $asked > $now ? ClauseKind::SetFrom : ClauseKind::Now;
                $arcs[] = [self::CLOCK, $task->id, max($now, $asked), new Clause($kind, $task->id, minutes: max($now, $asked))];
                continue;
            }
            $kind = $task->progress->state === TaskState::Locked ? ClauseKind::SetAt : ClauseKind::Began;
            $clause = new Clause($kind, $task->id, minutes: $start);
            $arcs[] = [self::CLOCK, $task->id, $start, $clause];
            $arcs[] = [$task->id, self::CLOCK, -$start, $clause];
        }
        foreach ($this->instance->work->lags as $lag) {
            $least = $minutes[$lag->from] + $lag->least;
            $arcs[] = [$lag->from, $lag->to, $least, new Clause(ClauseKind::Takes, $lag->from, $lag->to, $least, $lag->why)];
            if ($lag->most !== null) {
                $clause = new Clause(ClauseKind::Waits, $lag->from, $lag->to, $lag->most, $lag->why);
                $arcs[] = [$lag->to, $lag->from, -$minutes[$lag->from] - $lag->most, $clause];
            }
        }
        foreach ($this->instance->work->sauces as $sauce) {
            $service = $sauce->service;
            if ($service === null || $this->startOf($sauce->last) !== null) {
                continue;
            }
            $least = $service->at - $service->holdMax - $minutes[$sauce->last];
            $arcs[] = [self::CLOCK, $sauce->last, $least, new Clause(ClauseKind::Holds, $sauce->id, minutes: $service->holdMax)];
            if ($service->latest !== null) {
                $clause = new Clause(ClauseKind::ReadyBy, $sauce->id, minutes: $service->latest);
                $arcs[] = [$sauce->last, self::CLOCK, $minutes[$sauce->last] - $service->latest, $clause];
            }
        }

        return $arcs;
    }

    private function startOf(string $task): ?int
    {
        foreach ($this->instance->work->tasks as $one) {
            if ($one->id === $task) {
                return $one->progress->start;
            }
        }

        return null;
    }
}
