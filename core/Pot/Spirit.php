<?php

declare(strict_types=1);

namespace Lento\Pot;

/**
 * How spirit leaves an open simmer: fast while it stands over the sauce, then slower than one expects, for water holds it.
 *
 * Source: the published retention table for alcohol stirred in and simmered (15 min 40 %, 30 min 35, 60 min 25, 150 min 5), straight lines
 * between its points in the logarithm; after the last it goes on as before. docs/model.md, E.
 */
final readonly class Spirit
{
    /** °C under which nothing to speak of leaves. */
    public const LEAVES_ABOVE = 70.0;

    /** Minutes, and the natural logarithm of what is left. */
    private const LEFT = [
        [0.0, 0.0],
        [15.0, -0.916290731874155],
        [30.0, -1.0498221244986778],
        [60.0, -1.3862943611198906],
        [150.0, -2.995732273553991],
    ];

    private function __construct() {}

    /** @return float share left of what was there at the start, 0 to 1 */
    public static function left(float $minutes): float
    {
        return exp(self::logLeft($minutes));
    }

    /**
     * @internal for inner loops
     *
     * @param float $from min that the pot has simmered already
     *
     * @return float share left over a stretch of the simmer
     */
    public static function leftOver(float $from, float $minutes): float
    {
        return exp(self::logLeft($from + $minutes) - self::logLeft($from));
    }

    private static function logLeft(float $minutes): float
    {
        [$fromX, $fromY, $slope] = [0.0, 0.0, 0.0];
        foreach (self::LEFT as [$toX, $toY]) {
            $slope = $toX > $fromX ? ($toY - $fromY) / ($toX - $fromX) : $slope;
            if ($minutes <= $toX) {
                return $fromY + ($minutes - $fromX) * $slope;
            }
            [$fromX, $fromY] = [$toX, $toY];
        }

        return $fromY + ($minutes - $fromX) * $slope;
    }
}
