<?php

declare(strict_types=1);

namespace Lento\Score\Search;

use Lento\Score\Lag;

/** Tasks that short waits tie together are played as one phrase; phrases that wait for one another in a ring are united. */
final readonly class Phrases
{
    /**
     * @param array<int, array<int, int>> $of tasks of each, first to last
     * @param array<int, int> $holding the phrase of each task
     * @param list<array<int, true>> $after phrases that come after each
     * @param list<array<int, true>> $before
     */
    private function __construct(public array $of, public array $holding, public array $after, public array $before) {}

    /**
     * @param list<Lag> $lags
     * @param array<string, int> $index
     * @param callable(Lag): bool $tied which lags tie two tasks together
     */
    public static function of(int $tasks, array $lags, array $index, callable $tied): self
    {
        $arcs = array_map(static fn(Lag $one): array => [$index[$one->from], $index[$one->to]], $lags);
        $group = range(0, max(0, $tasks - 1));
        foreach ($lags as $k => $lag) {
            if ($tied($lag)) {
                $group = self::united($group, $arcs[$k][0], $arcs[$k][1]);
            }
        }
        while (($ring = self::ring($group, $arcs)) !== []) {
            foreach ($ring as $one) {
                $group = self::united($group, $ring[0], $one);
            }
        }
        $of = [];
        foreach (self::inOrder($tasks, $arcs) as $task) {
            $of[$group[$task]][] = $task;
        }
        $of = array_values($of);
        $holding = array_fill(0, $tasks, 0);
        foreach ($of as $g => $members) {
            foreach ($members as $task) {
                $holding[$task] = $g;
            }
        }
        $after = $before = array_fill(0, count($of), []);
        foreach ($arcs as [$i, $j]) {
            if ($holding[$i] !== $holding[$j]) {
                $after[$holding[$i]][$holding[$j]] = true;
                $before[$holding[$j]][$holding[$i]] = true;
            }
        }

        return new self($of, array_values($holding), $after, $before);
    }

    public function mirror(): self
    {
        return new self(array_map(array_reverse(...), $this->of), $this->holding, $this->before, $this->after);
    }

    public function count(): int
    {
        return count($this->of);
    }

    /**
     * @param array<int, int> $group
     *
     * @return array<int, int>
     */
    private static function united(array $group, int $a, int $b): array
    {
        [$keep, $gone] = [$group[$a], $group[$b]];

        return array_map(static fn(int $one): int => $one === $gone ? $keep : $one, $group);
    }

    /**
     * Tasks, one of each group on a ring of groups; none if there is no ring.
     *
     * @param array<int, int> $group
     * @param list<array{int, int}> $arcs
     *
     * @return array<int, int>
     */
    private static function ring(array $group, array $arcs): array
    {
        $next = [];
        foreach ($arcs as [$i, $j]) {
            if ($group[$i] !== $group[$j]) {
                $next[$group[$i]][$group[$j]] = true;
            }
        }
        // Groups that nothing leads on from, or back to, lie on no ring: take them away until none is left.
        do {
            $before = count($next);
            foreach ($next as $g => $row) {
                $next[$g] = array_intersect_key($row, $next);
                if ($next[$g] === []) {
                    unset($next[$g]);
                }
            }
        } while (count($next) < $before);
        if ($next === []) {
            return [];
        }
        // Every group left leads on to another that is left: walk until one comes again.
        $at = array_key_first($next);
        $walked = [];
        while (!isset($walked[$at])) {
            $walked[$at] = count($walked);
            $at = (int) array_key_first($next[$at]);
        }
        $ring = array_keys(array_filter($walked, static fn(int $place): bool => $place >= $walked[$at]));

        return array_map(static fn(int $g): int => (int) array_search($g, $group, true), $ring);
    }

    /**
     * Each task after those it waits for. What waits for itself in a ring comes last, as it is listed; the diagnosis tells of it.
     *
     * @param list<array{int, int}> $arcs
     *
     * @return array<int, int>
     */
    private static function inOrder(int $tasks, array $arcs): array
    {
        $waits = array_fill(0, $tasks, 0);
        $next = array_fill(0, $tasks, []);
        foreach ($arcs as [$i, $j]) {
            $waits[$j]++;
            $next[$i][] = $j;
        }
        $ready = array_keys($waits, 0, true);
        for ($k = 0; $k < count($ready); $k++) {
            foreach ($next[$ready[$k]] as $j) {
                if (--$waits[$j] === 0) {
                    $ready[] = $j;
                }
            }
        }

        return [...$ready, ...array_values(array_diff(range(0, max(0, $tasks - 1)), $ready))];
    }
}
