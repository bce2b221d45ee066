<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** The thin roux strip under the places, swelling under the one the cook is in. */
final readonly class HeadStrip
{
    private const THIN = 6.0;

    private const SWELL = 9.0;

    private const SHOULDER = 26.0;

    /**
     * @param float $centre middle of the swell
     * @param float $half half its width
     */
    public static function edge(float $width, float $centre, float $half): string
    {
        [$a, $b, $low, $s] = [$centre + $half, $centre - $half, self::THIN + self::SWELL, self::SHOULDER];

        return Svg::path('M%s %sH%sC%s %s %s %s %s %s', $width, self::THIN, $a + $s, $a + $s * 0.4, self::THIN, $a + $s * 0.4, $low, $a - 8.0, $low)
            . Svg::path('H%sC%s %s %s %s %s %sH0', $b + 8.0, $b - $s * 0.4, $low, $b - $s * 0.4, self::THIN, $b - $s, self::THIN);
    }
}
