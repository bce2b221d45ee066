<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** One bar for the whole pot by weight, and its roux part opened out below, so that the fat-to-flour school is seen. */
final readonly class BalanceDrawing
{
    public const WIDTH = 472.0;

    public const HEIGHT = 104.0;

    private const OPENED = 250.0;

    private function __construct(public float $fat, public float $flour, public float $fatOpened, public float $opened) {}

    /** Grams, or any one unit of mass for all three. */
    public static function of(float $fat, float $flour, float $liquid): self
    {
        $all = $fat + $flour + $liquid;

        return new self(self::WIDTH * $fat / $all, self::WIDTH * $flour / $all, self::OPENED * $fat / ($fat + $flour), self::OPENED);
    }

    public function roux(): float
    {
        return $this->fat + $this->flour;
    }
}
