<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A pan of a flow in cross-section: its sauce stands in it, its litres are written on it. */
final readonly class FlowPan
{
    /** px of the sauce's level under the rim. */
    private const LEVEL = 13.0;

    private const WIDE_ENOUGH = 90.0;

    /** px from its side to its words. */
    private const BESIDE = 16.0;

    /** px from the rim down to the foot of its litres: in it, beside it, and beside it under its name. */
    private const INSIDE = 38.0;

    private const BESIDE_END = 34.0;

    private const UNDER_NAME = 42.0;

    /** Letters of a name on a line, and px from line to line. */
    private const LETTERS = 13;

    private const LINE = 17.0;

    public function __construct(
        public FlowSauce $sauce,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public bool $isEnd,
    ) {}

    public function bottom(): float
    {
        return $this->y + $this->height;
    }

    public function middle(): float
    {
        return $this->x + $this->width / 2.0;
    }

    public function sauceShape(): string
    {
        return Svg::path('M%s %sH%sV%sH%sZ', $this->x, $this->y + self::LEVEL, $this->x + $this->width, $this->bottom(), $this->x);
    }

    /** Walls and floor; a pan that others are ladled from has no floor drawn where they leave it. */
    public function walls(): string
    {
        return $this->isEnd
            ? Svg::path('M%s %sh5V%sh%sV%sh5', $this->x - 8.0, $this->y, $this->bottom() + 3.0, $this->width + 6.0, $this->y)
            : Svg::path(
                'M%s %sh5V%sM%s %sh-5V%s',
                $this->x - 8.0,
                $this->y,
                $this->bottom() + 2.0,
                $this->x + $this->width + 8.0,
                $this->y,
                $this->bottom() + 2.0,
            );
    }

    /** Whether its litres have room inside; where others are ladled from, the grips have it. */
    public function labelInside(): bool
    {
        return $this->isEnd && $this->width >= self::WIDE_ENOUGH;
    }

    public function labelX(): float
    {
        return $this->labelInside() ? $this->middle() : $this->x + $this->width + self::BESIDE;
    }

    public function labelY(): float
    {
        return $this->y + ($this->labelInside() ? self::INSIDE : ($this->isEnd ? self::BESIDE_END : self::UNDER_NAME));
    }

    /**
     * The name of a pan that others are ladled from, in lines that end where the next column begins.
     *
     * @return list<array{float, string}> y and words
     */
    public function nameLines(): array
    {
        $lines = explode("\n", wordwrap($this->sauce->name, self::LETTERS, "\n"));
        $first = $this->y + self::UNDER_NAME - self::LINE * (0.35 + count($lines));

        return array_map(static fn(string $line, int $i): array => [$first + self::LINE * $i, $line], $lines, array_keys($lines));
    }
}
