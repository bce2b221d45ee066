<?php

declare(strict_types=1);

namespace App\Score;

use Lento\Score\Answer;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\Lag;
use Lento\Score\Solution;
use Lento\Score\Worth;

/** A plan as it is shown: of what, and what the cooks had been told before. */
final readonly class ShownScore
{
    /**
     * @param Answer|list<Impossible> $answer
     * @param Solution|null $told null where nothing was
     */
    public function __construct(public Instance $instance, public Answer|array $answer, public ?Solution $told = null) {}

    /**
     * What would stand hot for longer than it may: a base or a sauce that was begun too soon, or that a kitchen with too much to do
     * cannot begin later.
     *
     * @param Instance $planned before anything was begun
     *
     * @return array<string, array{int, int}> minutes that it would stand, and that it may, by pot
     */
    public function standTooLong(Instance $planned): array
    {
        $stand = $tasks = [];
        foreach ($this->instance->work->tasks as $task) {
            $tasks[$task->id] = $task;
        }
        foreach ($this->answer instanceof Answer ? $planned->work->lags : [] as $lag) {
            $starts = $this->answer instanceof Answer ? $this->answer->solution->tasks : [];
            $gap = $starts[$lag->to]->start - $starts[$lag->from]->start - $tasks[$lag->from]->minutes->likely;
            $pot = $tasks[$lag->from]->sauce;
            if ($lag->most !== null && $lag->most >= Lag::HOLDS_FROM && $tasks[$lag->to]->sauce !== $pot && $gap > $lag->most) {
                $stand[$pot] = [max($gap, $stand[$pot][0] ?? 0), $lag->most];
            }
        }
        foreach ($this->answer instanceof Answer ? $planned->work->sauces : [] as $sauce) {
            $last = $this->answer instanceof Answer ? $this->answer->solution->tasks[$sauce->last] ?? null : null;
            $held = $last === null ? 0 : ($sauce->service->at ?? 0) - $last->start - $tasks[$sauce->last]->minutes->likely;
            if ($sauce->service !== null && $held > $sauce->service->holdMax) {
                $stand[$sauce->id] = [max($held, $stand[$sauce->id][0] ?? 0), $sauce->service->holdMax];
            }
        }

        return $stand;
    }

    /** @return array<string, array{int, int}> minutes that a task was told for and is planned for now, by task; only what moves */
    public function moves(): array
    {
        $moves = [];
        foreach ($this->answer instanceof Answer && $this->told !== null ? $this->instance->work->tasks : [] as $task) {
            $told = $this->told->tasks[$task->id] ?? null;
            $now = $this->answer instanceof Answer ? $this->answer->solution->tasks[$task->id] : null;
            if (!$task->isFixed() && $told !== null && $now !== null && abs($told->start - $now->start) > Worth::MOVES_FROM) {
                $moves[$task->id] = [$told->start, $now->start];
            }
        }
        asort($moves);

        return $moves;
    }
}
