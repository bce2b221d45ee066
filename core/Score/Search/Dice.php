<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/**
 * Chance, from a seed: the same on every machine. A linear congruence of 48 bits with the constants of POSIX drand48 (IEEE 1003.1), of
 * which the upper 31 are used.
 */
final class Dice
{
    private const MULTIPLIER = 0x5DEECE66D;
    private const INCREMENT = 0xB;
    private const BITS = 0xFFFFFFFFFFFF;

    private int $state;

    public function __construct(int $seed)
    {
        $this->state = (($seed & 0xFFFFFFFF) << 16) | 0x330E;
    }

    /** From nought up to, not with, one. */
    public function share(): float
    {
        return $this->next() / 2147483648.0;
    }

    public function chance(float $of): bool
    {
        return $this->next() < $of * 2147483648.0;
    }

    public function between(int $least, int $most): int
    {
        return $least + $this->next() % ($most - $least + 1);
    }

    /**
     * @template T
     *
     * @param array<int, T> $of a list, not empty
     *
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[$this->next() % count($of)];
    }

    /**
     * So many of them, each once, in any order.
     *
     * @template T
     *
     * @param array<int, T> $of a list
     *
     * @return list<T>
     */
    public function some(array $of, int $count): array
    {
        return array_slice($this->mixed($of), 0, $count);
    }

    /**
     * @template T
     *
     * @param array<int, T> $of a list
     *
     * @return list<T>
     */
    public function mixed(array $of): array
    {
        $of = array_values($of);
        for ($k = count($of) - 1; $k > 0; $k--) {
            $at = $this->between(0, $k);
            [$of[$k], $of[$at]] = [$of[$at], $of[$k]];
        }

        return array_values($of);
    }

    private function next(): int
    {
        // The product of 48 and 35 bits is taken in two halves: PHP would make a float of it.
        $low = ($this->state & 0xFFFFFF) * self::MULTIPLIER + self::INCREMENT;
        $high = (($this->state >> 24) * self::MULTIPLIER + ($low >> 24)) & 0xFFFFFF;
        $this->state = (($high << 24) | ($low & 0xFFFFFF)) & self::BITS;

        return $this->state >> 17;
    }
}
