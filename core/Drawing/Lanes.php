<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** What a lane drawing is drawn over: seconds from left to right, a value from below to above, and where each lane ends. */
final readonly class Lanes
{
    /** @param array<string, float> $lanes where each ends, by its name, from below to above */
    private function __construct(public float $from, public float $until, public float $most, public array $lanes) {}

    /** @param array<string, float> $lanes */
    public static function over(float $from, float $until, float $most, array $lanes): self
    {
        return new self($from, max($from, $until), max(1e-9, $most), $lanes);
    }
}
