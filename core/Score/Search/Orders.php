<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** Orders of phrases to begin with, by rules of thumb. */
final readonly class Orders
{
    public function __construct(private Problem $problem) {}

    /** @return array<int, array<int, int>> for plans from behind */
    public function fromBehind(): array
    {
        [, $latest] = $this->problem->windows(array_fill(0, count($this->problem->dues), 0), $this->problem->now);
        $end = $start = $work = [];
        foreach ($this->problem->phrases->of as $g => $tasks) {
            [$end[$g], $start[$g], $work[$g]] = [PHP_INT_MIN, PHP_INT_MAX, 0];
            foreach ($tasks as $task) {
                $end[$g] = max($end[$g], $latest[$task] + $this->problem->minutes[$task]);
                $start[$g] = min($start[$g], $latest[$task]);
                $work[$g] += $this->problem->crewed[$task] ? $this->problem->minutes[$task] : 0;
            }
        }

        return [
            // Latest finish, latest start, longest tail, most hands first.
            $this->by(static fn(int $g): array => [-$end[$g], -$start[$g]]),
            $this->by(static fn(int $g): array => [-$start[$g]]),
            $this->by(static fn(int $g): array => [$start[$g]]),
            $this->by(static fn(int $g): array => [-$work[$g]]),
        ];
    }

    /** @return array<int, array<int, int>> for plans from the front: by how soon it is due, by weight, by both */
    public function fromTheFront(): array
    {
        [, $latest] = $this->problem->windows(array_fill(0, count($this->problem->dues), 0), $this->problem->now);
        $head = $tail = $weight = [];
        foreach ($this->problem->phrases->of as $g => $tasks) {
            $starts = array_map(static fn(int $task): int => $latest[$task], $tasks);
            [$head[$g], $tail[$g], $weight[$g]] = [min([PHP_INT_MAX, ...$starts]), max([PHP_INT_MIN, ...$starts]), 0];
            foreach ($this->problem->dues as $due) {
                foreach ($tasks as $task) {
                    if ($this->problem->net->between($task, $due->last) !== null) {
                        $weight[$g] = max($weight[$g], $due->service->weight);
                    }
                }
            }
        }

        return [
            $this->by(static fn(int $g): array => [$head[$g]]),
            $this->by(static fn(int $g): array => [$tail[$g]]),
            $this->by(static fn(int $g): array => [-$weight[$g], $head[$g]]),
            $this->by(static fn(int $g): array => [$head[$g] - 10 * $weight[$g]]),
        ];
    }

    /**
     * As they end now, the last first: double justification.
     *
     * @param array<int, int> $start
     *
     * @return array<int, int>
     */
    public function byEnd(array $start, bool $fine = false, ?Dice $dice = null, int $jitter = 0): array
    {
        $end = [];
        foreach ($this->problem->groups($fine)->of as $g => $tasks) {
            $end[$g] = PHP_INT_MIN;
            foreach ($tasks as $task) {
                $end[$g] = max($end[$g], $start[$task] + $this->problem->minutes[$task]);
            }
            $end[$g] -= $dice === null ? 0 : $dice->share() * $jitter;
        }

        return $this->by(static fn(int $g): array => [-$end[$g]], $fine);
    }

    /**
     * @param callable(int): list<int|float> $rank
     *
     * @return array<int, int>
     */
    private function by(callable $rank, bool $fine = false): array
    {
        $ranks = [];
        foreach ($this->problem->groups($fine)->of as $g => $_) {
            $ranks[$g] = [...$rank($g), $g];
        }
        asort($ranks);

        return array_keys($ranks);
    }
}
