<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Exception\OutOfRange;

/**
 * Numbers that follow from a seed, the same on every machine: a 32-bit xorshift (Marsaglia 2003), started off a mixed seed so that
 * neighbouring seeds have nothing in common.
 */
final readonly class Draw
{
    public const MOST_SEED = 999_999;

    private const MASK = 0xFFFFFFFF;

    /** An odd number near 2^32 over the golden ratio. */
    private const MIX = 0x9E3779B1;

    private function __construct(private int $state) {}

    /** @throws OutOfRange unless the seed is 1 to 999 999 */
    public static function from(int $seed): self
    {
        OutOfRange::refuse('seed', (float) $seed, 1.0, (float) self::MOST_SEED, '');
        $state = ($seed * self::MIX) & self::MASK;
        $state ^= $state >> 15;

        return new self($state === 0 ? 1 : $state);
    }

    public function next(): self
    {
        $x = $this->state;
        $x ^= ($x << 13) & self::MASK;
        $x ^= $x >> 17;
        $x ^= ($x << 5) & self::MASK;

        return new self($x & self::MASK);
    }

    /** @return float 0 to 1, 1 left out */
    public function share(): float
    {
        return $this->state / (self::MASK + 1.0);
    }

    /**
     * @param int<1, max> $many
     *
     * @return int<0, max> below many
     */
    public function below(int $many): int
    {
        return max(0, (int) floor($this->share() * $many));
    }
}
