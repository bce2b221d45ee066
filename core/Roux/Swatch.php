<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Numerics\Curve;

/**
 * The colour of a roux, to hold the pan against.
 *
 * L*a*b* by shade in steps of 0.5, then the standard D65 conversion to sRGB. The L*a*b* values are descriptions put into
 * numbers (docs/model.md, B), neither measured nor calibrated on a screen.
 */
final readonly class Swatch
{
    /** L*, a*, b* at shade 0, 0.5, 1 … 4. */
    private const LAB = [
        [88.0, -1.0, 17.0], [85.0, 0.0, 21.0], [77.0, 4.0, 32.0], [65.0, 10.0, 38.0], [52.0, 15.0, 36.0],
        [41.0, 18.0, 29.0], [31.0, 16.0, 20.0], [20.0, 8.0, 9.0], [11.0, 1.0, 2.0],
    ];

    private const STEP = 0.5;

    private function __construct(public float $lightness, public float $a, public float $b) {}

    public static function ofShade(float $shade): self
    {
        $shade = Curve::clamp($shade, 0.0, Shade::DARKEST);
        $i = min((int) ($shade / self::STEP), count(self::LAB) - 2);
        $part = ($shade - $i * self::STEP) / self::STEP;
        $at = static fn(int $axis): float => self::LAB[$i][$axis] + $part * (self::LAB[$i + 1][$axis] - self::LAB[$i][$axis]);

        return new self($at(0), $at(1), $at(2));
    }

    /** @return array{int<0, 255>, int<0, 255>, int<0, 255>} */
    public function rgb(): array
    {
        [$x, $y, $z] = $this->xyz();

        return [
            self::channel(3.2406 * $x - 1.5372 * $y - 0.4986 * $z),
            self::channel(-0.9689 * $x + 1.8758 * $y + 0.0415 * $z),
            self::channel(0.0557 * $x - 0.2040 * $y + 1.0570 * $z),
        ];
    }

    public function hex(): string
    {
        return vsprintf('#%02x%02x%02x', $this->rgb());
    }

    /** @return array{float, float, float} CIE XYZ, white point D65 */
    private function xyz(): array
    {
        $fy = ($this->lightness + 16.0) / 116.0;
        $inverse = static fn(float $t): float => $t > 6.0 / 29.0 ? $t ** 3 : 3.0 * (6.0 / 29.0) ** 2 * ($t - 4.0 / 29.0);

        return [0.95047 * $inverse($fy + $this->a / 500.0), $inverse($fy), 1.08883 * $inverse($fy - $this->b / 200.0)];
    }

    /** @return int<0, 255> sRGB, IEC 61966-2-1 */
    private static function channel(float $linear): int
    {
        $encoded = $linear <= 0.0031308 ? 12.92 * $linear : 1.055 * $linear ** (1.0 / 2.4) - 0.055;

        return max(0, min(255, (int) round(255.0 * Curve::clamp($encoded, 0.0, 1.0))));
    }
}
