<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/**
 * What stands where: on which ring, in which store.
 *
 * A stay is open while only its later tasks are placed: it reserves its least length before them. When its first is placed too it is
 * closed, and may go to another ring if its own is taken in between.
 */
final class Places
{
    /** What the last question found in the way. */
    private ?Blocked $blocked = null;

    /** The ring the last question found; NONE for a store. */
    public int $ring = Problem::NONE;

    /** @var array<int, int> start of each task, NONE if it is not placed */
    private array $start;

    /** @var list<array<int, array{int, int}>> from and until on each ring, by stay; what is out, by a number below nought */
    private array $onRing = [];

    /** @var list<array<int, array{int, int}>> */
    private array $inStore;

    /** @var array<int, int> ring of each stay that is anywhere now, else NONE */
    private array $ringOf;

    /** @var array<int, int> ring that each stay would like */
    private array $liked;

    /** @param array<int, int> $liked */
    public function __construct(private readonly Problem $problem, array $liked)
    {
        $this->liked = $liked;
        $this->start = array_fill(0, $problem->tasks, Problem::NONE);
        $this->ringOf = $problem->stays === [] ? [] : array_fill(0, count($problem->stays), Problem::NONE);
        $this->inStore = $problem->slots === [] ? [] : array_fill(0, count($problem->slots), []);
        foreach ($problem->out as $rows) {
            $out = [];
            foreach ($rows as $k => $row) {
                $out[-1 - $k] = $row;
            }
            $this->onRing[] = $out;
        }
    }

    /**
     * Whether a stay lets a task start at this minute: then this minute, and the ring it takes. Else an earlier minute to try, or NONE if
     * none helps.
     */
    public function latest(int $stay, int $task, int $start): int
    {
        $held = $this->problem->stays[$stay];
        $this->start[$task] = $start;
        $span = $this->span($held);
        $this->start[$task] = Problem::NONE;
        $this->ring = Problem::NONE;
        if ($span === null) {
            return $start;
        }
        [$from, $until] = $span;
        if ($from >= $until) {
            $this->ring = $this->ringOf[$stay] !== Problem::NONE ? $this->ringOf[$stay] : $held->rings[0] ?? Problem::NONE;

            return $start;
        }

        return $held->spot->store === null
            ? $this->onARing($stay, $task, $start, $from, $until)
            : $this->inAStore($stay, $task, $start, $from, $until);
    }

    /** Forgets what the last question found in the way. */
    public function ask(): void
    {
        $this->blocked = null;
    }

    public function blocked(): ?Blocked
    {
        return $this->blocked;
    }

    public function put(int $task, int $start): void
    {
        $this->start[$task] = $start;
    }

    /** Takes what the placed tasks of a stay ask for. */
    public function settle(int $stay, int $ring): void
    {
        $held = $this->problem->stays[$stay];
        $store = $held->spot->store;
        $old = $this->ringOf[$stay];
        if ($store !== null) {
            unset($this->inStore[$store][$stay]);
        } elseif ($old !== Problem::NONE) {
            unset($this->onRing[$old][$stay]);
        }
        $span = $this->span($held);
        $this->ringOf[$stay] = $span === null ? Problem::NONE : $ring;
        if ($span === null || $span[0] >= $span[1]) {
            return;
        }
        if ($store !== null) {
            $this->inStore[$store][$stay] = $span;
        } elseif ($ring !== Problem::NONE) {
            $this->onRing[$ring][$stay] = $span;
        }
    }

    public function ringOf(int $stay): int
    {
        return $this->ringOf[$stay];
    }

    /** @return array<int, int> ring of each stay, or NONE */
    public function rings(): array
    {
        return $this->ringOf;
    }

    /** @return array{int, int}|null from and until; null while none of its tasks is placed */
    private function span(Held $held): ?array
    {
        $start = $this->start;
        $from = $until = null;
        $all = true;
        foreach ($held->lead as $task => $lead) {
            $at = $start[$task];
            if ($at === Problem::NONE) {
                $all = false;
            } elseif ($from === null || $at + $lead < $from) {
                $from = $at + $lead;
            }
        }
        foreach ($held->tail as $task => $tail) {
            $at = $start[$task];
            if ($at !== Problem::NONE && ($until === null || $at + $tail > $until)) {
                $until = $at + $tail;
            }
        }
        $spot = $held->spot;
        if ($from === null && $until === null) {
            return null;
        }
        // Kept hot from its last task until it is served; with the clock turned round, from the serving on.
        if ($until === null) {
            $until = $spot->serve === null ? $from + $spot->least : max($from, $spot->serve);
        } elseif ($spot->serve !== null) {
            $from = min($until, $spot->serve);
        } elseif (!$all || $from === null) {
            $from = min($from ?? PHP_INT_MAX, $until - $spot->least);
        }
        $until = max($from, $until);
        if ($spot->begun) {
            return [max($from, $this->problem->floor), min($until, $this->problem->ceiling)];
        }

        return [$from, $until];
    }

    private function closes(Held $held, int $task): bool
    {
        if ($held->spot->serve !== null && $held->tail === []) {
            return true;
        }
        if (!isset($held->lead[$task]) || isset($held->tail[$task])) {
            return false;
        }
        foreach ($held->tail as $other => $_) {
            if ($this->start[$other] !== Problem::NONE) {
                return true;
            }
        }

        return false;
    }

    private function inAStore(int $stay, int $task, int $start, int $from, int $until): int
    {
        $held = $this->problem->stays[$stay];
        $full = $this->full($stay, $held->spot, $from, $until);
        if ($full === Problem::NONE) {
            return $start;
        }
        if ($this->closes($held, $task)) {
            $this->blocked = new Blocked($stay, $this->firstFull($stay, $held->spot, $from, $until));

            return Problem::NONE;
        }

        return $start - ($until - $full);
    }

    /**
     * Where the last minutes begin in which the store has no place left: one must be gone by then. NONE if it has a place all along.
     */
    private function full(int $stay, Spot $spot, int $from, int $until): int
    {
        $slots = $this->problem->slots[(int) $spot->store];
        $begins = Problem::NONE;
        $rows = [];
        foreach ($this->inStore[(int) $spot->store] as $other => $row) {
            if ($other === $stay || $row[0] >= $until || $row[1] <= $from) {
                continue;
            }
            $rows[] = $row;
            $at = $this->problem->stays[$other]->spot->at;
            if ($spot->at !== null && $at !== null && $at !== $spot->at) {
                $begins = max($begins, $row[0], 0);
            }
        }
        if (count($rows) < $slots) {
            return $begins;
        }
        foreach ($rows as $row) {
            $last = min($row[1], $until) - 1;
            $here = [];
            foreach ($rows as $other) {
                if ($other[0] <= $last && $last < $other[1]) {
                    $here[] = $other[0];
                }
            }
            if (count($here) >= max(1, $slots)) {
                // With the first of those that are one too many gone, there is a place again.
                rsort($here);
                $begins = max($begins, $here[count($here) - max(1, $slots)], 0);
            }
        }

        return $begins;
    }

    /** The first minute in which the store has no place left, after the very first; NONE if that is full already. */
    private function firstFull(int $stay, Spot $spot, int $from, int $until): int
    {
        $minutes = [];
        foreach ($this->inStore[(int) $spot->store] as $other => $row) {
            if ($other !== $stay && $row[0] < $until && $row[1] > $from) {
                $minutes[] = max($row[0], $from);
            }
        }
        sort($minutes);
        foreach ($minutes as $minute) {
            if ($this->full($stay, $spot, $minute, $minute + 1) !== Problem::NONE) {
                return $minute === $from ? Problem::NONE : $minute;
            }
        }

        return Problem::NONE;
    }

    private function onARing(int $stay, int $task, int $start, int $from, int $until): int
    {
        $held = $this->problem->stays[$stay];
        $rings = $held->rings;
        $first = $this->ringOf[$stay] !== Problem::NONE ? $this->ringOf[$stay] : $this->liked[$stay] ?? Problem::NONE;
        if ($first !== Problem::NONE && in_array($first, $rings, true)) {
            $rings = [$first, ...array_diff($rings, [$first])];
        }
        $length = $until - $from;
        [$best, $blocker, $before] = [PHP_INT_MIN, PHP_INT_MIN, PHP_INT_MAX];
        foreach ($rings as $ring) {
            [$at, $hit, $there] = [$from, null, $from];
            while (true) {
                [$least, $last] = [PHP_INT_MAX, PHP_INT_MIN];
                foreach ($this->onRing[$ring] as $other => $row) {
                    if ($other !== $stay && $row[0] < $at + $length && $row[1] > $at) {
                        $least = min($least, $row[0]);
                        $last = max($last, $row[1]);
                    }
                }
                if ($least === PHP_INT_MAX) {
                    break;
                }
                $hit ??= $last;
                $there = $least;
                $at = $least - $length;
                if ($at < 0) {
                    break;
                }
            }
            if ($at === $from) {
                $this->ring = $ring;

                return $start;
            }
            $best = max($best, $at);
            if ($hit !== null && $hit < $before) {
                [$before, $blocker] = [$hit, $there];
            }
        }
        if ($rings === []) {
            return Problem::NONE;
        }
        if ($this->closes($held, $task)) {
            $this->blocked = new Blocked($stay, $blocker);

            return Problem::NONE;
        }

        return $best < 0 ? Problem::NONE : $start - ($from - $best);
    }
}
