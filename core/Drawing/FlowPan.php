<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A pan of a flow in cross-section: its sauce stands in it, its litres are written on it. */
final readonly class FlowPan
{
    /** px of the sauce's level under the rim. */
    private const LEVEL = 13.0;

    private const WIDE_ENOUGH = 90.0;

    public function __construct(public FlowSauce $sauce, public float $x, public float $y, public float $width, public float $height, public bool $isEnd) {}

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
            : Svg::path('M%s %sh5V%sM%s %sh-5V%s', $this->x - 8.0, $this->y, $this->bottom() + 2.0, $this->x + $this->width + 8.0, $this->y, $this->bottom() + 2.0);
    }

    /** Whether its litres have room inside. */
    public function labelInside(): bool
    {
        return $this->width >= self::WIDE_ENOUGH;
    }

    public function labelX(): float
    {
        return $this->labelInside() ? $this->middle() : $this->x + $this->width + 14.0;
    }
}
