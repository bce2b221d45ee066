<?php

declare(strict_types=1);

namespace Lento\Numerics;

use Closure;
use Lento\Exception\NoConvergence;
use Lento\Exception\NotReachable;

/**
 * The zero of an increasing function inside a bracket: secant steps, with bisection as the guard.
 *
 * Illinois variant of false position: an end that stays put has its value halved; a bracket that still does not shrink is cut in two.
 * Source: M. Dowell, P. Jarratt, "A modified regula falsi method for computing the root of an equation", BIT 11 (1971).
 */
final readonly class Root
{
    private const MOST_STEPS = 200;

    private const FINE = 1e-10;

    /** Share of what is left at the nearer end that is next to nothing. */
    private const SMALL = 1e-7;

    /** Steps within which the bracket must have halved; else it is cut in two, so that 200 steps narrow it 2^50 times at least. */
    private const HALVES_WITHIN = 4;

    /**
     * @param float $within absolute tolerance on x, > 0
     */
    public function __construct(private float $within) {}

    /** To a ten-thousand-millionth of the width of what is searched: enough for amounts of any size. */
    public static function across(float $width): self
    {
        return new self(self::FINE * $width);
    }

    /**
     * @param Closure(float): float $f increasing
     *
     * @throws NotReachable if f does not change sign between the ends
     * @throws NoConvergence after 200 steps, or where f is no number
     */
    public function of(Closure $f, float $low, float $high, string $what): float
    {
        $fLow = $f($low);
        $fHigh = $f($high);
        // Said so that a NaN is refused as well.
        if (!($fLow <= 0.0 && $fHigh >= 0.0)) {
            throw NotReachable::target($what);
        }

        return $this->between($f, $low, $high, $fLow, $fHigh, $what);
    }

    /** @param Closure(float): float $f */
    private function between(Closure $f, float $low, float $high, float $fLow, float $fHigh, string $what): float
    {
        [$side, $width, $before, $small] = [0, 2.0 * ($high - $low), NAN, self::SMALL * min(abs($fLow), abs($fHigh))];
        for ($step = 1; $step <= self::MOST_STEPS; $step++) {
            $bisect = $step % self::HALVES_WITHIN === 0 && $high - $low > 0.5 * $width;
            $width = $step % self::HALVES_WITHIN === 0 ? ($high - $low) * ($bisect ? 0.5 : 1.0) : $width;
            $x = $bisect ? ($low + $high) / 2.0 : $this->secant($low, $high, $fLow, $fHigh);
            $fx = $f($x);
            // Two secants that fall together where next to nothing is left have found it, though an end of the bracket may stand far off.
            if ($fx === 0.0 || abs($fx) <= $small && abs($x - $before) <= $this->within) {
                return $x;
            }
            $before = $x;
            if (is_nan($fx)) {
                throw NoConvergence::after($step, $what);
            }
            if ($fx < 0.0) {
                [$low, $fLow] = [$x, $fx];
                $fHigh = $side === -1 ? $fHigh / 2.0 : $fHigh;
                $side = -1;
            } else {
                [$high, $fHigh] = [$x, $fx];
                $fLow = $side === 1 ? $fLow / 2.0 : $fLow;
                $side = 1;
            }
            if ($high - $low <= max($this->within, 4.0 * PHP_FLOAT_EPSILON * abs($x))) {
                return $x;
            }
        }

        throw NoConvergence::after(self::MOST_STEPS, $what);
    }

    /**
     * The same where the answer is likely near a guess: a narrow bracket is tried before the whole one.
     *
     * @param Closure(float): float $f increasing
     * @param float $share of the guess to either side
     *
     * @throws NotReachable if f does not change sign between low and high
     * @throws NoConvergence after 200 steps, or where f is no number
     */
    public function near(Closure $f, float $guess, float $share, float $low, float $high, string $what): float
    {
        [$from, $to] = [max($low, $guess * (1.0 - $share)), min($high, $guess * (1.0 + $share))];
        if ($from < $to) {
            $fFrom = $f($from);
            $fTo = $f($to);
            if ($fFrom <= 0.0 && $fTo >= 0.0) {
                return $this->between($f, $from, $to, $fFrom, $fTo, $what);
            }
        }

        return $this->of($f, $low, $high, $what);
    }

    private function secant(float $low, float $high, float $fLow, float $fHigh): float
    {
        $span = $fHigh - $fLow;

        return $span <= 0.0 ? ($low + $high) / 2.0 : min($high, max($low, $high - $fHigh * ($high - $low) / $span));
    }
}
