<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Where a thickness stands on a ladder whose rungs are the classes: between two rungs in proportion. */
final readonly class LadderDrawing
{
    /** g of flour per litre, thick on top: the classes on their rungs, and half a rung beyond to what can be asked for. */
    private const GRAMS = [160.0, 125.0, 85.0, 58.0, 43.0, 30.0, 15.0];

    /** Shares of the height, from the top, where these stand. */
    private const SHARES = [0.0, 0.1, 0.3, 0.5, 0.7, 0.9, 1.0];

    public const WIDTH = 64.0;

    public const HEIGHT = 220.0;

    /** px that a rung is thick at least and at most, by the mm of the film that a spoon of it takes. */
    private const RUNG = [1.0, 4.0];

    private const RUNG_OF_A_MILLIMETRE = 3.4;

    public static function y(float $gramsPerLitre): float
    {
        return self::HEIGHT * self::at($gramsPerLitre);
    }

    /** @param float $film mm */
    public static function rung(float $film): float
    {
        return max(self::RUNG[0], min(self::RUNG[1], $film) * self::RUNG_OF_A_MILLIMETRE);
    }

    /** @return float share of the height from the top, 0 to 1 */
    public static function at(float $gramsPerLitre): float
    {
        $last = count(self::GRAMS) - 1;
        $grams = max(self::GRAMS[$last], min(self::GRAMS[0], $gramsPerLitre));
        $i = 1;
        while ($i < $last && $grams < self::GRAMS[$i]) {
            $i++;
        }
        $up = fdiv($grams - self::GRAMS[$i], self::GRAMS[$i - 1] - self::GRAMS[$i]);

        return self::SHARES[$i] - $up * (self::SHARES[$i] - self::SHARES[$i - 1]);
    }

    /** For the handle that is dragged along it: "0:160 0.1:125 …" */
    public static function stops(): string
    {
        return implode(' ', array_map(static fn(float $share, float $grams): string => $share . ':' . $grams, self::SHARES, self::GRAMS));
    }
}
