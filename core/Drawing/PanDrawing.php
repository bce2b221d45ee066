<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A pan of the kitchen in cross-section; all of them to one scale. */
final readonly class PanDrawing
{
    public const WIDTH = 72.0;

    public const HEIGHT = 46.0;

    /** px of a mm of pan. */
    private const SCALE = 0.16;

    /** y on which they all stand. */
    private const FLOOR = 42.0;

    private function __construct(private float $wide, private float $high) {}

    /** @param float $wide mm, as is $high */
    public static function of(float $wide, float $high): self
    {
        return new self(self::SCALE * $wide, self::SCALE * $high);
    }

    public function walls(): string
    {
        return Svg::path('M%s %sv%sh%sv-%s', $this->left(), self::FLOOR - $this->high, $this->high, $this->wide, $this->high);
    }

    public function left(): float
    {
        return (self::WIDTH - $this->wide) / 2.0;
    }

    /** Between its walls. */
    public function inside(): float
    {
        return $this->wide - 2.0;
    }

    public static function floor(): float
    {
        return self::FLOOR;
    }
}
