<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Thickness\Sauce;

/** A pot from now on, cooked on paper by its plan: what is still to simmer, what is still to go in, what the strainer will keep. */
final readonly class Ahead
{
    /** Points of a curve for each simmer. */
    private const POINTS = 12;

    /**
     * @param Duration $left of simmering until it is tested
     * @param Sauce $tested what it will be then
     * @param Sauce $served and when all is done
     * @param non-empty-list<array{Duration, Sauce}> $course of its simmering, from now on
     * @param bool $judged whether nothing is to go in any more before it is tested
     */
    private function __construct(
        public Duration $left,
        public Sauce $tested,
        public Sauce $served,
        public array $course,
        public bool $judged,
    ) {}

    /**
     * @param int<0, max> $step it is at
     * @param Duration $here of simmering that is left at that step
     * @param array<string, true> $done ids of steps that have had their effect already
     * @param callable(?SimmerLevel, Sauce, Duration): non-empty-list<Sauce> $simmers
     */
    private static function along(Plan $plan, int $step, Duration $here, array $done, Sauce $sauce, callable $simmers): self
    {
        $test = max($step, self::test($plan));
        [$course, $seconds, $judged, $tested] = [[[Duration::ofSeconds(0.0), $sauce]], 0.0, true, null];
        foreach (array_slice($plan->steps, $step, null, true) as $i => $one) {
            if ($i === $test && $i !== $step) {
                $tested = $sauce;
            }
            $time = $i === $step ? $here : self::time($one, $i, $test);
            if ($time->seconds > 0.0) {
                foreach (array_slice($simmers($i === $step ? null : $one->conditions->simmers, $sauce, $time), 1) as $n => $at) {
                    $course[] = [Duration::ofSeconds($seconds + $time->seconds * ($n + 1) / self::POINTS), $sauce = $at];
                }
                $seconds += $time->seconds;
            }
            if ($i === $test && $i === $step) {
                $tested = $sauce;
            }
            $effect = isset($done[$one->id]) ? null : $one->effect;
            $judged = $judged && ($i >= $test || $effect === null || $effect->isNone());
            $sauce = $effect?->on($sauce) ?? $sauce;
        }

        return new self(Duration::ofSeconds($seconds), $tested ?? $sauce, $sauce, $course, $judged);
    }

    /**
     * @param int<0, max> $step it is at
     * @param Duration $here of simmering that is left at that step
     * @param array<string, true> $done ids of steps that have had their effect already
     */
    public static function of(Plan $plan, int $step, Duration $here, array $done, Reckoning $pot): self
    {
        return self::along(
            $plan,
            $step,
            $here,
            $done,
            $pot->sauce,
            static fn(?SimmerLevel $level, Sauce $sauce, Duration $time): array => $pot
                ->simmer($level)
                ->course($sauce, $time, self::POINTS),
        );
    }

    /**
     * As the plan had it, from when all of it stood in the pot.
     *
     * @param int<0, max> $step
     */
    public static function planned(Plan $plan, int $step, Reckoning $start): self
    {
        return self::along(
            $plan,
            $step,
            self::time($plan->steps[$step], $step, count($plan->steps)),
            [],
            $start->sauce,
            static fn(?SimmerLevel $level, Sauce $sauce, Duration $time): array => $start->plan
                ->simmer($level)
                ->course($sauce, $time, self::POINTS),
        );
    }

    /**
     * @param float $from s since it came to the boil
     *
     * @return list<Point> mm in this pan
     */
    public function depths(Pan $pan, float $from): array
    {
        return array_map(
            static fn(array $point): Point => new Point(
                Duration::ofSeconds($from + $point[0]->seconds),
                $pan->depth($point[1]->volume())->inMillimetres(),
            ),
            $this->course,
        );
    }

    /** Only what the clock says is simmered before it is tested: after that the spoon decides. */
    private static function time(Step $step, int $at, int $test): Duration
    {
        return $step->conditions->simmers !== null && $step->pace->timed && $at < $test ? $step->pace->time : Duration::ofSeconds(0.0);
    }

    /** Where it is tested; its end where it never is. */
    private static function test(Plan $plan): int
    {
        foreach ($plan->steps as $i => $step) {
            if ($step->kind === StepKind::Test) {
                return $i;
            }
        }

        return count($plan->steps) - 1;
    }
}
