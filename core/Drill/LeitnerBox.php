<?php

declare(strict_types=1);

namespace Lento\Drill;

use Lento\Quantity\Duration;

/**
 * When a card is asked again: boxes that a right answer moves it up by one, and a wrong one back to the first.
 *
 * Source: S. Leitner, So lernt man lernen, 1972; days doubled from box to box, the first within the hour.
 */
final readonly class LeitnerBox
{
    public const LAST = 6;

    /** s until a card of a box is asked again. */
    private const WAITS = [600.0, 86_400.0, 172_800.0, 345_600.0, 691_200.0, 1_382_400.0, 2_764_800.0];

    private function __construct(public int $number) {}

    public static function of(int $number): self
    {
        return new self(max(0, min(self::LAST, $number)));
    }

    public function after(bool $right): self
    {
        return self::of($right ? $this->number + 1 : 0);
    }

    public function waits(): Duration
    {
        return Duration::ofSeconds(self::WAITS[$this->number]);
    }
}
