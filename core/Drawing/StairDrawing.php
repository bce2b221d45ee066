<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** The pours as a stair: one tread a pour, the riser its litres, all on one scale. */
final readonly class StairDrawing
{
    public const WIDTH = 330.0;

    public const HEIGHT = 132.0;

    private const FLOOR = 104.0;

    private const HEAD = 24.0;

    private const ROUX_WIDTH = 46.0;

    /** @param list<array{x: float, width: float, y: float, from: float, middle: float}> $treads */
    private function __construct(public float $rouxTop, public array $treads, public bool $everyLabel) {}

    /**
     * @param float $rouxLitres
     * @param non-empty-list<float> $pourLitres
     */
    public static function of(float $rouxLitres, array $pourLitres): self
    {
        $perLitre = (self::FLOOR - self::HEAD) / ($rouxLitres + array_sum($pourLitres));
        $width = (self::WIDTH - self::ROUX_WIDTH) / count($pourLitres);
        $y = self::FLOOR - $rouxLitres * $perLitre;
        $rouxTop = $y;
        $treads = [];
        foreach ($pourLitres as $i => $litres) {
            $x = self::ROUX_WIDTH + $i * $width;
            $treads[] = ['x' => $x, 'width' => $width, 'y' => $y - $litres * $perLitre, 'from' => $y, 'middle' => $x + $width / 2.0];
            $y -= $litres * $perLitre;
        }

        return new self($rouxTop, $treads, count($pourLitres) <= 7);
    }

    public static function floor(): float
    {
        return self::FLOOR;
    }

    public static function rouxWidth(): float
    {
        return self::ROUX_WIDTH;
    }

    /** Too many treads for a figure on each: then the first, the slack one and the last carry theirs. */
    public function labels(int $tread, bool $slack): bool
    {
        return $this->everyLabel || $slack || $tread === 0 || $tread === count($this->treads) - 1;
    }
}
