<?php

declare(strict_types=1);

namespace Lento\Score;

/**
 * Holds a plan against every rule by itself, minute by minute and pair by pair. It shares nothing with the search, so that neither can
 * hide a mistake of the other.
 */
final readonly class Check
{
    /** @var array<string, Task> */
    private array $tasks;

    private function __construct(private Instance $instance, private Solution $solution)
    {
        $tasks = [];
        foreach ($instance->work->tasks as $task) {
            $tasks[$task->id] = $task;
        }
        $this->tasks = $tasks;
    }

    /** @return list<Breach> none if it keeps to all */
    public static function of(Instance $instance, Solution $solution): array
    {
        foreach ($instance->work->tasks as $task) {
            if (!isset($solution->tasks[$task->id])) {
                return [new Breach(Rule::HasStart, $task->id)];
            }
        }
        $self = new self($instance, $solution);

        return [
            ...$self->starts(),
            ...$self->lags(),
            ...$self->servings(),
            ...$self->cooks(),
            ...$self->visits(),
            ...$self->rings(),
            ...$self->stores(),
        ];
    }

    private function start(string $task): int
    {
        return $this->solution->tasks[$task]->start;
    }

    private function end(string $task): int
    {
        return $this->start($task) + $this->tasks[$task]->minutes->likely;
    }

    /** @return list<Breach> */
    private function starts(): array
    {
        $found = [];
        foreach ($this->tasks as $task) {
            $start = $this->start($task->id);
            $fixed = $task->progress->start;
            if ($fixed !== null && $start !== $fixed) {
                $found[] = new Breach(Rule::StartKept, $task->id, at: $start);
            }
            if ($fixed === null && $start < $this->instance->times->now) {
                $found[] = new Breach(Rule::NotBeforeNow, $task->id, at: $start);
            }
            if ($fixed === null && $start < ($task->progress->notBefore ?? $start)) {
                $found[] = new Breach(Rule::NotBeforeAsked, $task->id, at: $start);
            }
        }

        return $found;
    }

    /** @return list<Breach> */
    private function lags(): array
    {
        $found = [];
        foreach ($this->instance->work->lags as $lag) {
            $gap = $this->start($lag->to) - $this->end($lag->from);
            if ($gap < $lag->least) {
                $found[] = new Breach(Rule::Least, $lag->to, $lag->from, $this->start($lag->to));
            }
            if ($lag->most !== null && $gap > $lag->most) {
                $found[] = new Breach(Rule::Most, $lag->to, $lag->from, $this->start($lag->to));
            }
        }

        return $found;
    }

    /** @return list<Breach> */
    private function servings(): array
    {
        $found = [];
        foreach ($this->instance->work->sauces as $sauce) {
            $service = $sauce->service;
            $ready = $this->end($sauce->last);
            if ($service === null) {
                continue;
            }
            if ($service->at - $ready > $service->holdMax && !$this->tasks[$sauce->last]->isFixed()) {
                $found[] = new Breach(Rule::HeldMax, $sauce->id, at: $ready);
            }
            if ($service->latest !== null && $ready > $service->latest) {
                $found[] = new Breach(Rule::Latest, $sauce->id, at: $ready);
            }
        }

        return $found;
    }

    /** @return list<Breach> */
    private function cooks(): array
    {
        $found = [];
        $blocks = $this->blocks();
        foreach ($this->tasks as $task) {
            $cook = $this->cook($this->solution->tasks[$task->id]->cook);
            if (!$task->asks->attention->needsACook() || $task->isDone()) {
                continue;
            }
            if ($cook === null) {
                $found[] = new Breach(Rule::HasCook, $task->id);
                continue;
            }
            if ($task->progress->cook !== null && $task->progress->cook !== $cook->id) {
                $found[] = new Breach(Rule::CookKept, $task->id, $cook->id);
            }
            if (!$cook->can($task->asks->skill)) {
                $found[] = new Breach(Rule::Skill, $task->id, $cook->id);
            }
            $from = max($this->start($task->id), $this->instance->times->now);
            if ($from < $this->end($task->id) && $cook->isAway($from, $this->end($task->id))) {
                $found[] = new Breach(Rule::Away, $task->id, $cook->id, $from);
            }
        }
        foreach ($blocks as $rows) {
            foreach ($rows as $k => $a) {
                foreach (array_slice($rows, $k + 1) as $b) {
                    $from = max($this->start($a->id), $this->start($b->id), $this->instance->times->now);
                    if ($from < min($this->end($a->id), $this->end($b->id))) {
                        $found[] = new Breach(Rule::OneCookOneTask, $a->id, $b->id, $from);
                    }
                }
            }
        }

        return $found;
    }

    /** @return array<string, list<Task>> what each cook does from now on */
    private function blocks(): array
    {
        $blocks = [];
        foreach ($this->tasks as $task) {
            $cook = $this->solution->tasks[$task->id]->cook;
            if ($task->asks->attention->needsACook() && !$task->isDone() && $cook !== null) {
                $blocks[$cook][] = $task;
            }
        }

        return $blocks;
    }

    private function cook(?string $id): ?Cook
    {
        foreach ($this->instance->galley->cooks as $cook) {
            if ($cook->id === $id) {
                return $cook;
            }
        }

        return null;
    }

    /** @return list<Breach> */
    private function visits(): array
    {
        $found = $asked = $busy = [];
        foreach ($this->tasks as $task) {
            foreach ($task->isDone() ? [] : $task->visits() as $window) {
                $asked["{$task->id} {$window->k} {$window->part}"] = $window;
            }
        }
        $blocks = $this->blocks();
        foreach ($this->solution->visits as $visit) {
            $key = "{$visit->task} {$visit->k} {$visit->part}";
            $window = $asked[$key] ?? null;
            if ($window === null) {
                $found[] = new Breach(Rule::VisitAsked, $visit->task, at: $visit->at);
                continue;
            }
            unset($asked[$key]);
            $minute = $visit->at - $this->start($visit->task);
            if ($minute < $window->from || $minute > $window->to || $visit->at < $this->instance->times->now) {
                $found[] = new Breach(Rule::VisitInWindow, $visit->task, at: $visit->at);
            }
            if (isset($busy[$visit->cook][$visit->at])) {
                $found[] = new Breach(Rule::OneVisitAMinute, $visit->task, $busy[$visit->cook][$visit->at], $visit->at);
            }
            $busy[$visit->cook][$visit->at] = $visit->task;
            foreach ($blocks[$visit->cook] ?? [] as $task) {
                $during = $this->start($task->id) <= $visit->at && $visit->at < $this->end($task->id);
                if ($during && $task->asks->attention === Attention::Hands) {
                    $found[] = new Breach(Rule::VisitFreeHands, $visit->task, $task->id, $visit->at);
                }
            }
            if ($this->cook($visit->cook)?->isAway($visit->at, $visit->at + 1) !== false) {
                $found[] = new Breach(Rule::Away, $visit->task, $visit->cook, $visit->at);
            }
        }

        return $found;
    }

    /** @return array{int, int} from when until when, as far as it lies after now */
    private function span(Stay $stay): array
    {
        $from = $stay->fromEnd ? $this->end($stay->from) : $this->start($stay->from);
        $ends = $stay->to === null ? [$this->servedAt($stay)] : array_map($this->end(...), $stay->to);

        return [max($from, $this->instance->times->now), max([$from, ...$ends])];
    }

    private function servedAt(Stay $stay): int
    {
        $at = 0;
        foreach ($this->instance->work->sauces as $sauce) {
            if ($sauce->last === $stay->from && $sauce->service !== null) {
                return $sauce->service->at;
            }
            $at = $sauce->id === $this->tasks[$stay->from]->sauce ? $sauce->service->at ?? $at : $at;
        }

        return $at;
    }

    /** @return list<Breach> */
    private function rings(): array
    {
        $found = $on = $rings = [];
        foreach ($this->instance->galley->rings as $ring) {
            $rings[$ring->id] = $ring;
        }
        foreach ($this->instance->work->stays as $stay) {
            [$from, $until] = $this->span($stay);
            if (!$stay->isOnARing() || $from >= $until) {
                continue;
            }
            $ring = $rings[$this->solution->rings[$stay->id] ?? ''] ?? null;
            if ($ring === null) {
                $found[] = new Breach(Rule::HasRing, $stay->id);
                continue;
            }
            if ($stay->wants->ring !== null && $stay->wants->ring !== $ring->id) {
                $found[] = new Breach(Rule::RingKept, $stay->id, $ring->id);
            }
            if ($stay->wants->ring === null && !$ring->takes($stay->wants->pan, $stay->wants->power)) {
                $found[] = new Breach(Rule::RingTakes, $stay->id, $ring->id);
            }
            foreach ($ring->out as $out) {
                if ($out->meets($from, $until)) {
                    $found[] = new Breach(Rule::RingOut, $stay->id, $ring->id, $from);
                }
            }
            foreach ($on[$ring->id] ?? [] as [$other, $a, $b]) {
                if ($a < $until && $from < $b) {
                    $found[] = new Breach(Rule::OneStayARing, $stay->id, $other, max($a, $from));
                }
            }
            $on[$ring->id][] = [$stay->id, $from, $until];
        }

        return $found;
    }

    /** @return list<Breach> */
    private function stores(): array
    {
        $found = $in = [];
        foreach ($this->instance->work->stays as $stay) {
            [$from, $until] = $this->span($stay);
            if ($stay->store !== null && $from < $until) {
                $in[$stay->store][] = [$stay, $from, $until];
            }
        }
        foreach ($this->instance->galley->stores as $store) {
            $rows = $in[$store->id] ?? [];
            foreach (array_unique(array_column($rows, 1)) as $minute) {
                $here = array_filter($rows, static fn(array $row): bool => $row[1] <= $minute && $minute < $row[2]);
                $heats = array_unique(array_filter(array_map(static fn(array $row): ?int => $row[0]->wants->at, $here), is_int(...)));
                if (count($here) > $store->slots) {
                    $found[] = new Breach(Rule::Slots, $store->id, at: $minute);
                }
                if (count($heats) > 1) {
                    $found[] = new Breach(Rule::OneHeat, $store->id, at: $minute);
                }
            }
        }

        return $found;
    }
}
