<?php

declare(strict_types=1);

namespace Lento\Score;

/** What one plan costs beside another: each figure as minutes, or things, more. */
final readonly class Difference
{
    /**
     * @param array<string, int> $served minutes later that each sauce is served; only what differs, as in all of them
     * @param array<string, int> $late minutes more that each is late
     * @param array<string, int> $kept minutes more that each is kept hot
     * @param int $sooner minutes sooner that one must begin; less than nought where it is later
     * @param int $clashes looks more that nobody has time for
     * @param list<string> $moved tasks that begin at another time, in the order of their new times
     */
    private function __construct(
        public array $served,
        public array $late,
        public array $kept,
        public int $sooner,
        public int $clashes,
        public array $moved,
    ) {}

    public static function between(Instance $was, Solution $before, Instance $is, Solution $after): self
    {
        [$old, $new] = [self::sauces($was, $before), self::sauces($is, $after)];
        $more = [[], [], []];
        foreach ($new as $sauce => $figures) {
            foreach ($figures as $k => $figure) {
                $more[$k][$sauce] = isset($old[$sauce]) ? $figure - $old[$sauce][$k] : 0;
            }
        }
        $moved = [];
        foreach ($is->work->tasks as $task) {
            $start = $after->tasks[$task->id]->start;
            $told = $before->tasks[$task->id] ?? null;
            if ($told !== null && !$task->isDone() && abs($start - $told->start) > Worth::MOVES_FROM) {
                $moved[$task->id] = $start;
            }
        }
        asort($moved);
        [$worth, $before] = [Worth::of($is, $after), Worth::of($was, $before)];

        return new self(
            array_filter($more[0], static fn(int $more): bool => $more !== 0),
            array_filter($more[1], static fn(int $more): bool => $more !== 0),
            array_filter($more[2], static fn(int $more): bool => $more !== 0),
            // From the same serving: one that is later itself is told as such.
            $worth->span - $before->span - ($is->end() - $was->end()),
            $worth->clashes - $before->clashes,
            array_keys($moved),
        );
    }

    public function isNothing(): bool
    {
        return $this->served === [] && $this->late === [] && $this->kept === [] && $this->sooner === 0 && $this->clashes === 0
            && $this->moved === [];
    }

    /** @return array<string, array{int, int, int}> minute of the serving, minutes late, and minutes kept hot, by sauce */
    private static function sauces(Instance $instance, Solution $solution): array
    {
        $minutes = $figures = [];
        foreach ($instance->work->tasks as $task) {
            $minutes[$task->id] = $task->minutes->likely;
        }
        foreach ($instance->work->sauces as $sauce) {
            if ($sauce->service !== null) {
                $ready = $solution->tasks[$sauce->last]->start + $minutes[$sauce->last];
                $figures[$sauce->id] = [
                    $sauce->service->at,
                    max(0, $ready - $sauce->service->at),
                    max(0, $sauce->service->at - $ready),
                ];
            }
        }

        return $figures;
    }
}
