<?php

declare(strict_types=1);

namespace Lento\Course;

use Lento\Learning\Notebook;
use Lento\Learning\Observation;
use Lento\Plan\Step;

/** How long a cook's hands took at a pot, over how long they were thought to. */
final readonly class HandsTaken
{
    /** Spread of the logarithm of one such observation: a tap comes when a hand is free, not when the act is over. [D] */
    private const ERROR = 0.30;

    /** s below which a tap tells more of the finger than of the act. */
    private const SHORTEST = 60.0;

    /**
     * Of acts that take as long as hands take: not of what waits for a colour, a boil, a clock. One that was gone back to says nothing,
     * nor does one during which somebody was plainly elsewhere.
     *
     * @return array<string, Observation> by kind of step; several steps of a kind count as one
     */
    public static function at(Course $course): array
    {
        $sums = $seen = [];
        foreach ($course->visits as $visit) {
            $seen[$visit->step] = ($seen[$visit->step] ?? 0) + 1;
        }
        foreach ($course->visits as $visit) {
            $step = $course->steps[$visit->step];
            $until = $visit->until ?? $course->finishedAt;
            if (!self::isHands($step) || $seen[$visit->step] > 1 || $until === null) {
                continue;
            }
            $seconds = (float) ($until->getTimestamp() - $visit->from->getTimestamp());
            $ratio = $seconds / $step->pace->time->seconds;
            if ($ratio >= Notebook::LEAST && $ratio <= Notebook::MOST) {
                [$took, $foreseen] = $sums[$step->kind->value] ?? [0.0, 0.0];
                $sums[$step->kind->value] = [$took + $seconds, $foreseen + $step->pace->time->seconds];
            }
        }

        return array_map(static fn(array $sum): Observation => new Observation($sum[0] / $sum[1], self::ERROR), $sums);
    }

    private static function isHands(Step $step): bool
    {
        return $step->pace->handsOn && !$step->pace->timed && $step->pace->band === null && $step->pace->time->seconds >= self::SHORTEST;
    }
}
