<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\AmountWords;
use App\Format\StepWords;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;

/** The steps of a plan for other programs: what is done in what, how long, with what, between which temperatures. */
final readonly class StepJson
{
    /** @return list<array<string, mixed>> */
    public static function all(Plan $plan): array
    {
        $words = StepWords::of($plan);

        return array_map(
            static fn(Step $step, int $at): array => self::one($plan, $step, max(0, $at), $words),
            $plan->steps,
            array_keys($plan->steps),
        );
    }

    /** @return array{ingredient: string, mass_g: float, volume_ml: float|null, kitchen: string} */
    public static function amount(Amount $amount): array
    {
        return [
            'ingredient' => $amount->ingredient,
            'mass_g' => SheetJson::round($amount->mass->inGrams()),
            'volume_ml' => $amount->volume === null ? null : SheetJson::round($amount->volume->inMillilitres()),
            'kitchen' => AmountWords::parts($amount)[0],
        ];
    }

    /**
     * @param int<0, max> $at
     *
     * @return array<string, mixed>
     */
    private static function one(Plan $plan, Step $step, int $at, StepWords $words): array
    {
        $bounds = $step->conditions->bounds;
        $limit = $plan->limitAt($at)->atMost;

        return [
            'kind' => $step->kind->value,
            'act' => $step->act->value ?? $step->kind->value,
            'vessel' => $step->conditions->vessel->value,
            'title' => $words->title($step),
            'minutes' => SheetJson::round($step->pace->time->inMinutes(), 1),
            'cue' => $words->cue($step),
            'caution' => $words->caution($step),
            'hands_on' => $step->pace->handsOn,
            'amounts' => array_map(self::amount(...), $step->amounts),
            'at_least_celsius' => $bounds->atLeast === null ? null : SheetJson::round($bounds->atLeast->inCelsius(), 1),
            'at_most_celsius' => $limit === null ? null : SheetJson::round($limit->inCelsius(), 1),
            'to_celsius' => $step->ends->temperature === null ? null : SheetJson::round($step->ends->temperature->inCelsius(), 1),
            'boils' => self::boils($step),
            'batches' => $step->pace->batches,
            'visits' => array_map(
                static fn(Tending $tending): array => [
                    'kind' => $tending->kind->value,
                    'every_minutes' => SheetJson::round($tending->every->inMinutes(), 1),
                ],
                $step->pace->tendings,
            ),
        ];
    }

    /** Whether the sauce itself boils or simmers meanwhile; flour kneaded in has to, whatever else a correction is. */
    private static function boils(Step $step): bool
    {
        return $step->act?->boils() === true
            || $step->kind === StepKind::Correct && $step->variant === 'beurre-manie';
    }
}
