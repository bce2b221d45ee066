<?php

declare(strict_types=1);

namespace Lento\Forecast;

use Lento\Exception\OutOfRange;

/**
 * A forecast with its 80 % band: in eight pots of ten the truth lies between low and high.
 *
 * Unitless on purpose: a band of minutes and a band of grams are the same thing; who makes one says which.
 */
final readonly class Band
{
    /** Standard deviations from the middle to the 10 % and 90 % points of a normal curve. */
    public const DEVIATIONS = 1.2816;

    private function __construct(public float $low, public float $likely, public float $high) {}

    /**
     * @param float $deviation standard deviation of the logarithm, >= 0
     *
     * @throws OutOfRange if the value is negative, or the deviation negative or above 2
     */
    public static function around(float $likely, float $deviation): self
    {
        if (!is_finite($likely) || $likely < 0.0) {
            throw OutOfRange::below('forecast', $likely, 0.0, '');
        }
        if (!is_finite($deviation) || $deviation < 0.0 || $deviation > 2.0) {
            throw OutOfRange::between('spread-of-a-forecast', $deviation, 0.0, 2.0, '');
        }
        $factor = exp(self::DEVIATIONS * $deviation);

        return new self($likely / $factor, $likely, $likely * $factor);
    }

    /**
     * With its own factors to either side, where the truth leans one way.
     *
     * @param float $below low over likely, 0 to 1
     * @param float $above high over likely, >= 1
     */
    public static function skewed(float $likely, float $below, float $above): self
    {
        if (!is_finite($likely) || $likely < 0.0) {
            throw OutOfRange::below('forecast', $likely, 0.0, '');
        }

        return new self($likely * min(1.0, max(0.0, $below)), $likely, $likely * max(1.0, $above));
    }

    /**
     * One that was written down.
     *
     * @throws OutOfRange if it is no band
     */
    public static function between(float $low, float $likely, float $high): self
    {
        if (!is_finite($low) || !is_finite($high) || $low < 0.0 || $low > $likely || $high < $likely) {
            throw OutOfRange::between(
                'forecast',
                is_finite($likely) ? $likely : 0.0,
                is_finite($low) ? $low : 0.0,
                is_finite($high) ? $high : 0.0,
                '',
            );
        }

        return new self($low, $likely, $high);
    }

    /** The same forecast of a part of it. */
    public function scaledTo(float $likely): self
    {
        return $this->likely > 0.0
            ? self::skewed($likely, $this->low / $this->likely, $this->high / $this->likely)
            : self::skewed($likely, 1.0, 1.0);
    }

    public function contains(float $value): bool
    {
        return $value >= $this->low && $value <= $this->high;
    }
}
