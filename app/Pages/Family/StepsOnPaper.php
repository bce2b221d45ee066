<?php

declare(strict_types=1);

namespace App\Pages\Family;

use App\Format\Minutes;
use App\Format\StepWords;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;

/** The steps of a derivative as they stand on its sheet. */
final readonly class StepsOnPaper
{
    /** @return list<array{title: string, cue: string, caution: string, minutes: string}> */
    public static function of(Plan $plan): array
    {
        $words = StepWords::of($plan);
        // A correction that the test decides on has nothing to say on paper.
        $steps = array_filter(
            $plan->steps,
            static fn(Step $step): bool => $step->kind !== StepKind::Finish && ($step->kind !== StepKind::Correct || $step->amounts !== []),
        );

        return array_map(
            static fn(Step $step): array => [
                'title' => $words->title($step),
                'cue' => $words->cue($step),
                'caution' => $words->caution($step),
                'minutes' => Minutes::text($step->pace->time),
            ],
            array_values($steps),
        );
    }
}
