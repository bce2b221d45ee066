<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** One bar for the whole pot by weight, and its roux part opened out below, so that the fat-to-flour school is seen. */
final readonly class BalanceDrawing
{
    public const WIDTH = 472.0;

    public const HEIGHT = 104.0;

    private const OPENED = 250.0;

    private const FRAME = 1.5;

    private const WORDS_FROM = 40.0;

    private function __construct(public float $fat, public float $flour, public float $fatOpened, public float $opened) {}

    /** Grams, or any one unit of mass for all three. */
    public static function of(float $fat, float $flour, float $liquid): self
    {
        $all = $fat + $flour + $liquid;

        return new self(self::WIDTH * $fat / $all, self::WIDTH * $flour / $all, self::OPENED * $fat / ($fat + $flour), self::OPENED);
    }

    /** For the handle between fat and flour: share of the opened roux, and the fat-to-flour ratio there. */
    public static function stops(): string
    {
        return implode(
            ' ',
            array_map(static fn(float $ratio): string => sprintf('%.4F:%.2F', $ratio / (1.0 + $ratio), $ratio), [
                0.5,
                0.6,
                0.7,
                0.85,
                1.0,
                1.2,
                1.5,
                1.8,
                2.2,
                2.6,
                3.0,
            ]),
        );
    }

    public function roux(): float
    {
        return $this->fat + $this->flour;
    }

    /** @return array{float, float} widths of fat and flour within their frames: a pinch is seen all the same */
    public function bars(): array
    {
        return [max(1.0, $this->fat - self::FRAME), max(1.0, $this->flour - self::FRAME)];
    }

    /** Where the words of the parts begin. */
    public function wordsX(): float
    {
        return max($this->roux() + 8.0, self::WORDS_FROM);
    }
}
