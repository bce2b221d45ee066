<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Exception\OutOfRange;
use Lento\Numerics\Normal;

/**
 * A kitchen's own figure over the house figure, as a log-normal belief that observations narrow.
 *
 * The logarithm of the factor is normal; each observation of known error updates it exactly (conjugate), so the order of the pots does
 * not matter. Source: any textbook of Bayesian statistics, normal model with known variance; priors of docs/model.md, T13.
 */
final readonly class Factor
{
    /** Deviations beyond which an observation is held back. */
    private const WILD = 2.0;

    /** Furthest that one reading moves the logarithm. */
    private const LEAP = 1.0;

    /** Share of a belief below which its cut is decided by rounding. */
    private const NEXT_TO_NOTHING = 1e-5;

    /**
     * @param float $value median of the belief, > 0; 1 = as the house
     * @param float $deviation standard deviation of its logarithm, > 0
     * @param int<0, max> $observations that went into it
     */
    private function __construct(public float $value, public float $deviation, public int $observations) {}

    /** @throws OutOfRange if the deviation lies outside 0.001 to 2 */
    public static function unknown(float $deviation): self
    {
        if (!is_finite($deviation) || $deviation < 0.001 || $deviation > 2.0) {
            throw OutOfRange::between('spread-of-a-factor', $deviation, 0.001, 2.0, '');
        }

        return new self(1.0, $deviation, 0);
    }

    /**
     * @param float $ratio observed over foreseen by the house figure, > 0
     * @param float $error standard deviation of the logarithm of one such observation, > 0
     *
     * @throws OutOfRange if the observation is not a positive number between 1/20 and 20
     */
    public function after(float $ratio, float $error): self
    {
        if (!is_finite($ratio) || $ratio < 0.05 || $ratio > 20.0) {
            throw OutOfRange::between('observed-against-foreseen', is_finite($ratio) ? $ratio : 0.0, 0.05, 20.0, '');
        }
        [$before, $weight] = [1.0 / $this->deviation ** 2, 1.0 / $error ** 2];
        $mean = ($before * log($this->value) + $weight * log($ratio)) / ($before + $weight);

        return new self(exp($mean), 1.0 / sqrt($before + $weight), $this->observations + 1);
    }

    /**
     * After an observation whose error is added to the ratio, and not to its logarithm: a level read twice. Taken in the logarithm such
     * noise would pull every belief down, for what is read too little weighs more there than what is read too much.
     *
     * The belief is taken as a normal curve around where it stands (one step of an extended Kalman filter).
     *
     * @param float $ratio observed over foreseen by the house figure; 0 or a little below where a reading went up
     * @param float $added standard deviation of the ratio itself, > 0
     * @param float $relative standard deviation of its logarithm besides
     */
    public function afterRatio(float $ratio, float $added, float $relative): self
    {
        $steep = $this->value;
        $noise = $added ** 2 + ($relative * $this->value) ** 2;
        $variance = $this->deviation ** 2;
        $gain = $variance * $steep / ($steep ** 2 * $variance + $noise);
        $mean = log($this->value) + max(-self::LEAP, min(self::LEAP, $gain * ($ratio - $this->value)));

        return self::of(exp($mean), sqrt(max(1e-6, $variance * (1.0 - $gain * $steep))), $this->observations + 1);
    }

    /**
     * The same a pot later: what was learnt long ago is worth less, for rings and pans are changed and flour is bought anew.
     *
     * @param float $by standard deviation of the logarithm by which a figure may have moved
     * @param float $atMost no vaguer than a kitchen nothing is known of
     */
    public function fading(float $by, float $atMost): self
    {
        return new self($this->value, max($this->deviation, min($atMost, hypot($this->deviation, $by))), $this->observations);
    }

    /** A belief as it was written down. */
    public static function of(float $value, float $deviation, int $observations): self
    {
        return new self(max(0.05, min(20.0, $value)), max(0.001, min(2.0, $deviation)), max(0, $observations));
    }

    /**
     * After an observation that may be wild: beyond so many deviations of what was expected, its error is taken to be as much larger, so
     * that it
     * pulls no further than one at that edge.
     */
    public function afterHeld(Observation $observation): self
    {
        $ratio = max(0.05, min(20.0, $observation->ratio));
        $off = abs(log($ratio) - log($this->value));
        $expected = sqrt($this->deviation ** 2 + $observation->error ** 2);
        $error = $off <= self::WILD * $expected ? $observation->error : $observation->error * ($off / (self::WILD * $expected)) ** 2;

        return $this->after($ratio, $error);
    }

    /**
     * After an observation that only says between which two ratios the truth lies: a word, a class, a line that holds.
     *
     * The belief cut off at the two limits, blurred by the error, as the normal curve of the same mean and spread. Where the word lies so
     * far off that the cut would leave next to nothing, the nearer limit counts as read.
     *
     * @param float $low lower limit of observed over foreseen by the house figure, >= 0
     * @param float $high upper limit, above the lower; may be infinite
     * @param float $error standard deviation of the logarithm of a limit, > 0
     */
    public function within(float $low, float $high, float $error): self
    {
        $mean = log($this->value);
        $spread = sqrt($this->deviation ** 2 + $error ** 2);
        $from = $low > 0.0 ? (log($low) - $mean) / $spread : -INF;
        $to = is_finite($high) ? (log($high) - $mean) / $spread : INF;
        $share = Normal::below($to) - Normal::below($from);
        if ($share < self::NEXT_TO_NOTHING) {
            return $this->after($from > 0.0 ? $low : $high, $error);
        }
        $shift = (Normal::density($from) - Normal::density($to)) / $share;
        $narrows = $shift ** 2 + (self::moment($to) - self::moment($from)) / $share;
        $variance = $this->deviation ** 2;

        return new self(
            exp($mean + ($variance / $spread) * $shift),
            sqrt(max(1e-8, $variance - ($variance ** 2 / $spread ** 2) * $narrows)),
            $this->observations + 1,
        );
    }

    private static function moment(float $z): float
    {
        return is_infinite($z) ? 0.0 : $z * Normal::density($z);
    }
}
