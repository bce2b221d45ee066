<?php

declare(strict_types=1);

namespace Lento\Score\Search;

use Lento\Score\Lag;

/**
 * How far apart the starts of two tasks must be at the least: the longest path over all lags between them, shortest waits forwards and
 * longest waits backwards. Tasks that no path joins do not know one another.
 */
final readonly class Net
{
    /**
     * @param array<int, array<int, int>> $after minutes from the start of a task to that of each it binds, by task
     * @param array<int, array<int, int>> $before the same, from the other side
     * @param bool $sound whether the lags do not contradict one another
     */
    private function __construct(public array $after, public array $before, public bool $sound) {}

    /**
     * @param array<int, int> $minutes
     * @param list<Lag> $lags
     * @param array<string, int> $index
     */
    public static function of(array $minutes, array $lags, array $index): self
    {
        $n = count($minutes);
        $far = array_fill(0, $n, []);
        foreach ($lags as $lag) {
            [$i, $j] = [$index[$lag->from], $index[$lag->to]];
            $far[$i][$j] = max($far[$i][$j] ?? PHP_INT_MIN, $minutes[$i] + $lag->least);
            if ($lag->most !== null) {
                $far[$j][$i] = max($far[$j][$i] ?? PHP_INT_MIN, -$minutes[$i] - $lag->most);
            }
        }
        for ($k = 0; $k < $n; $k++) {
            foreach ($far as $i => $row) {
                if ($i === $k || !isset($row[$k])) {
                    continue;
                }
                $here = $row[$k];
                foreach ($far[$k] as $j => $on) {
                    if (!isset($row[$j]) || $here + $on > $row[$j]) {
                        $row[$j] = $here + $on;
                    }
                }
                $far[$i] = $row;
            }
        }

        return self::both($far);
    }

    /** @param array<int, int> $minutes */
    public function mirror(array $minutes): self
    {
        $far = [];
        foreach ($this->before as $i => $row) {
            $far[$i] = [];
            foreach ($row as $j => $on) {
                $far[$i][$j] = $on + $minutes[$i] - $minutes[$j];
            }
        }

        return self::both($far);
    }

    /** Minutes from the start of one to that of the other, at the least; null if nothing binds them. */
    public function between(int $from, int $to): ?int
    {
        return $from === $to ? 0 : $this->after[$from][$to] ?? null;
    }

    /**
     * What is known of some starts, spread over all.
     *
     * @param array<int, int> $earliest
     * @param array<int, int> $latest
     *
     * @return array{array<int, int>, array<int, int>}
     */
    public function spread(array $earliest, array $latest): array
    {
        [$first, $last] = [$earliest, $latest];
        foreach ($this->after as $k => $row) {
            foreach ($row as $j => $on) {
                if ($earliest[$k] + $on > $first[$j]) {
                    $first[$j] = $earliest[$k] + $on;
                }
                if ($latest[$j] - $on < $last[$k]) {
                    $last[$k] = $latest[$j] - $on;
                }
            }
        }

        return [$first, $last];
    }

    /** @param array<int, array<int, int>> $far */
    private static function both(array $far): self
    {
        $back = array_fill(0, count($far), []);
        $sound = true;
        foreach ($far as $i => $row) {
            $sound = $sound && ($row[$i] ?? 0) <= 0;
            unset($far[$i][$i], $row[$i]);
            foreach ($row as $j => $on) {
                $back[$j][$i] = $on;
            }
        }

        return new self($far, $back, $sound);
    }
}
