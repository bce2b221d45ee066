<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/**
 * Who has hands for what. Where cooks are alike and never away heads are counted; else each task is given to one, and cooks swap what they
 * were given where heads would do and no one cook does.
 */
final class Crew
{
    /** Starts that swapping is tried at, and how many cooks deep a swap goes. */
    private const SWAPS = 6;
    private const DEEP = 2;

    /** Who can do the task last asked for, at the start last found; NONE where heads are counted. */
    public int $found = Problem::NONE;

    /** @var array<int, int> cooks busy or away in each minute */
    private array $count;

    /** @var array<int, array<int, int>> 1 where a cook is busy or away */
    private array $busy = [];

    /** @var list<array<int, array{int, int}>> what each cook has: from and until, by task */
    private array $on;

    /** @var array<int, int> who has it, by task */
    private array $cookOf = [];

    private readonly int $cooks;

    public function __construct(private readonly Problem $problem)
    {
        $this->cooks = count($problem->away);
        $this->count = array_fill(0, $problem->length, 0);
        $this->on = array_fill(0, $this->cooks, []);
        if (!$problem->pool) {
            $this->busy = array_fill(0, $this->cooks, $this->count);
            foreach ($problem->away as $cook => $rows) {
                foreach ($rows as [$from, $until]) {
                    for ($m = $from; $m < $until; $m++) {
                        $this->busy[$cook][$m] = 1;
                        $this->count[$m]++;
                    }
                }
            }
        }
    }

    /** The latest start up to this one at which somebody has hands for the task all the while; NONE if none from `$least` on. */
    public function latest(int $task, int $start, int $least): int
    {
        $this->found = Problem::NONE;
        if (!$this->problem->crewed[$task]) {
            return $start;
        }
        $minutes = $this->problem->minutes[$task];
        if ($this->problem->pool) {
            return self::gap($this->count, $this->cooks, $start, $minutes, $least);
        }
        [$best, $rank] = [Problem::NONE, []];
        foreach ($this->problem->able[$task] as $cook) {
            $at = self::gap($this->busy[$cook], 1, $start, $minutes, $least);
            // The latest; then who can least, so that who can most stays free.
            $here = [$at, -$this->problem->skills[$cook], -$cook];
            if ($at !== Problem::NONE && ($best === Problem::NONE || $here > $rank)) {
                [$best, $rank, $this->found] = [$at, $here, $cook];
            }
        }

        return $best === $start || !$this->problem->swaps[$task] ? $best : $this->bySwapping($task, $start, max($best, $least - 1), $best);
    }

    public function take(int $task, int $cook, int $from, int $until): void
    {
        for ($m = $from; $m < $until; $m++) {
            $this->count[$m]++;
        }
        if ($cook !== Problem::NONE) {
            for ($m = $from; $m < $until; $m++) {
                $this->busy[$cook][$m] = 1;
            }
            $this->on[$cook][$task] = [$from, $until];
            $this->cookOf[$task] = $cook;
        }
    }

    public function leave(int $task, int $from, int $until): void
    {
        for ($m = $from; $m < $until; $m++) {
            $this->count[$m]--;
        }
        if (isset($this->cookOf[$task])) {
            $cook = $this->cookOf[$task];
            for ($m = $from; $m < $until; $m++) {
                $this->busy[$cook][$m] = 0;
            }
            unset($this->on[$cook][$task], $this->cookOf[$task]);
        }
    }

    /** @return array<int, int> cook of each task that was given to one */
    public function given(): array
    {
        return $this->cookOf;
    }

    /**
     * Heads may do where no one cook does: at the latest start that their number allows, an able cook gives to others what he has.
     */
    private function bySwapping(int $task, int $start, int $floor, int $best): int
    {
        $minutes = $this->problem->minutes[$task];
        $who = $this->found;
        for ($try = 0; $try < self::SWAPS && $start > $floor; $try++) {
            $start = self::gap($this->count, $this->cooks, $start, $minutes, $floor + 1);
            if ($start === Problem::NONE) {
                break;
            }
            foreach ($this->problem->able[$task] as $cook) {
                if ($this->clear($cook, $start, $start + $minutes, [$cook => true], self::DEEP)) {
                    $this->found = $cook;

                    return $start;
                }
            }
            $start--;
        }
        $this->found = $who;

        return $best;
    }

    /**
     * Gives what a cook has in these minutes to others.
     *
     * @param array<int, true> $not cooks whom nothing is given
     */
    private function clear(int $cook, int $from, int $until, array $not, int $deep): bool
    {
        foreach ($this->problem->away[$cook] as [$a, $b]) {
            if ($a < $until && $b > $from) {
                return false;
            }
        }
        $moved = [];
        foreach ($this->on[$cook] as $task => [$a, $b]) {
            if ($a >= $until || $b <= $from) {
                continue;
            }
            $to = $this->problem->swaps[$task] ? $this->another($task, $a, $b, $not, $deep) : Problem::NONE;
            if ($to === Problem::NONE) {
                foreach (array_reverse($moved, true) as $back => $_) {
                    $this->give($back, $cook);
                }

                return false;
            }
            $this->give($task, $to);
            $moved[$task] = true;
        }

        return true;
    }

    /** @param array<int, true> $not */
    private function another(int $task, int $from, int $until, array $not, int $deep): int
    {
        foreach ($this->problem->able[$task] as $cook) {
            if (!isset($not[$cook]) && ($this->isFree($cook, $from, $until)
                    || ($deep > 0 && $this->clear($cook, $from, $until, $not + [$cook => true], $deep - 1)))) {
                return $cook;
            }
        }

        return Problem::NONE;
    }

    private function isFree(int $cook, int $from, int $until): bool
    {
        $busy = $this->busy[$cook];
        for ($m = $from; $m < $until; $m++) {
            if ($busy[$m] !== 0) {
                return false;
            }
        }

        return true;
    }

    private function give(int $task, int $to): void
    {
        $cook = $this->cookOf[$task];
        [$from, $until] = $this->on[$cook][$task];
        unset($this->on[$cook][$task]);
        for ($m = $from; $m < $until; $m++) {
            $this->busy[$cook][$m] = 0;
            $this->busy[$to][$m] = 1;
        }
        $this->on[$to][$task] = [$from, $until];
        $this->cookOf[$task] = $to;
    }

    /**
     * The latest start up to `$start` from which so many minutes lie below the most; NONE if there is none from `$least` on.
     *
     * @param array<int, int> $count
     */
    private static function gap(array $count, int $most, int $start, int $minutes, int $least): int
    {
        while ($start >= $least) {
            $m = $start + $minutes - 1;
            while ($m >= $start && $count[$m] < $most) {
                $m--;
            }
            if ($m < $start) {
                return $start;
            }
            $start = $m - $minutes;
        }

        return Problem::NONE;
    }
}
