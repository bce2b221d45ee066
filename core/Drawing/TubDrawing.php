<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A vessel in section, all to one scale, with how deep the sauce stands in it; on its shelf. */
final readonly class TubDrawing
{
    public const WIDTH = 156.0;

    public const HEIGHT = 96.0;

    /** px of a mm, unless the vessel is too large for that. */
    private const SCALE = 0.26;

    private const WIDEST = 140.0;

    private const TALLEST = 68.0;

    private const FLOOR = 88.0;

    /** A film of sauce is drawn as thick as can be seen. */
    private const THINNEST = 5.0;

    /** A vessel so narrow has its words above its rim. */
    private const NARROW = 74.0;

    /** px of sauce in which words stand. */
    private const DEEP = 20.0;

    private function __construct(private float $wide, private float $high, private float $deep, public bool $isSmaller) {}

    /** @param float $wide mm, as are the others */
    public static function of(float $wide, float $high, float $deep): self
    {
        $scale = min(self::SCALE, self::WIDEST / $wide, self::TALLEST / $high);
        $depth = $deep <= 0.0 ? 0.0 : max(self::THINNEST, min($high, $deep) * $scale);

        return new self($wide * $scale, $high * $scale, min($depth, $high * $scale), $scale < self::SCALE - 1e-9);
    }

    public function walls(): string
    {
        $r = min(7.0, $this->wide / 4.0, $this->high / 2.0);
        [$left, $right, $rim] = [$this->left(), $this->left() + $this->wide, self::FLOOR - $this->high];

        $floor = self::FLOOR;

        return Svg::path('M%s %sH%sV%sQ%s %s %s %s', $left - 6.0, $rim, $left, $floor - $r, $left, $floor, $left + $r, $floor)
            . Svg::path('H%sQ%s %s %s %sV%sH%s', $right - $r, $right, self::FLOOR, $right, self::FLOOR - $r, $rim, $right + 6.0);
    }

    /** What stands in it. */
    public function sauce(): string
    {
        $left = $this->left();

        return Svg::path('M%s %sH%sV%sH%sZ', $left, self::FLOOR - $this->deep, $left + $this->wide, self::FLOOR, $left);
    }

    public function left(): float
    {
        return (self::WIDTH - $this->wide) / 2.0;
    }

    /** Where the depth is written: in the sauce where it is deep enough, else above it. */
    public function wordsY(): float
    {
        return match (true) {
            $this->wide < self::NARROW => self::FLOOR - $this->high - 7.0,
            $this->isInSauce() => self::FLOOR - $this->deep / 2.0 + 5.0,
            default => self::FLOOR - $this->deep - 7.0,
        };
    }

    public function isInSauce(): bool
    {
        return $this->deep >= self::DEEP && $this->wide >= self::NARROW;
    }

    public static function centre(): float
    {
        return self::WIDTH / 2.0;
    }

    public static function floor(): float
    {
        return self::FLOOR;
    }
}
