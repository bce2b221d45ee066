<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** A span of time, never a point in it. */
final readonly class Duration
{
    private const MINUTE_IN_SECONDS = 60.0;

    /**
     * @param float $seconds s, finite, >= 0
     *
     * @throws OutOfRange if it is negative or not finite
     */
    private function __construct(public float $seconds)
    {
        if (!is_finite($seconds)) {
            throw OutOfRange::notFinite('duration');
        }
        if ($seconds < 0.0) {
            throw OutOfRange::below('duration', $seconds, 0.0, 's');
        }
    }

    public static function ofSeconds(float $seconds): self
    {
        return new self($seconds);
    }

    public static function ofMinutes(float $minutes): self
    {
        return new self($minutes * self::MINUTE_IN_SECONDS);
    }

    public function inSeconds(): float
    {
        return $this->seconds;
    }

    public function inMinutes(): float
    {
        return $this->seconds / self::MINUTE_IN_SECONDS;
    }
}
