<?php

declare(strict_types=1);

namespace Lento\Numerics;

/** The normal curve. Its area is Abramowitz and Stegun 7.1.26, off by less than 1.5e-7. */
final readonly class Normal
{
    private const P = 0.3275911;

    private const COEFFICIENTS = [1.061405429, -1.453152027, 1.421413741, -0.284496736, 0.254829592];

    public static function density(float $z): float
    {
        return is_infinite($z) ? 0.0 : exp(-0.5 * $z * $z) / sqrt(2.0 * M_PI);
    }

    /** The share that lies below. */
    public static function below(float $z): float
    {
        $t = 1.0 / (1.0 + self::P * abs($z) / M_SQRT2);
        $sum = 0.0;
        foreach (self::COEFFICIENTS as $coefficient) {
            $sum = ($sum + $coefficient) * $t;
        }
        $half = 0.5 * $sum * exp(-0.5 * $z * $z);

        return $z > 0.0 ? 1.0 - $half : $half;
    }
}
