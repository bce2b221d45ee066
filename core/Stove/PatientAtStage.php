<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Larder\Larder;
use Lento\Plan\Plan;
use Lento\Plan\StepKind;
use Lento\Quantity\Temperature;
use Lento\Rescue\Condition;
use Lento\Rescue\InThePot;
use Lento\Rescue\Meant;
use Lento\Rescue\Patient;
use Lento\Rescue\Severity;
use Lento\Rescue\Stage;
use Lento\Rescue\StandsIn;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/** A sauce in trouble of which nothing is known but its plan and how far it is: taken to be as its plan has it there. */
final readonly class PatientAtStage
{
    /** °C of a sauce that is held, and out of the cold. */
    private const HELD = 70.0;

    private const COLD = 5.0;

    private const FINISHED = 75.0;

    /** % of salt that no sauce is brought below. */
    private const LEAST_SALT = 0.3;

    /**
     * @param Plan|null $root of the base that a derivative comes from, for its roux; the plan itself where it is a base
     *
     * @return Patient|null null for a plan that nothing is foreseen of
     */
    public static function of(Plan $plan, Stage $stage, Severity $severity, ?Plan $root = null): ?Patient
    {
        $cooking = $plan->cooking;
        if ($cooking === null) {
            return null;
        }
        $roux = $root->cooking->roux ?? $cooking->roux;
        $limited = in_array($stage, [Stage::Finished, Stage::Held, Stage::Cold], true)
            ? $plan->limitAt(count($plan->steps) - 1)->atMost
            : self::cameWith($plan);
        $sauce = match ($stage) {
            Stage::Roux, Stage::Pouring => $cooking->sauces->start,
            Stage::Simmering, Stage::Strained => $cooking->sauces->tested,
            default => self::seasoned($plan, $cooking->sauces->served),
        };
        if ($stage === Stage::Strained || $stage === Stage::Simmering) {
            $sauce = $plan->making?->isDerived() === true ? $cooking->sauces->start : $sauce;
        }
        $simmer = $cooking->simmer();
        $celsius = match ($stage) {
            Stage::Held => self::HELD,
            Stage::Cold => self::COLD,
            Stage::Finished => self::FINISHED,
            default => $simmer->celsius(),
        };

        return new Patient(
            new InThePot(
                $sauce,
                Temperature::ofCelsius($celsius),
                new Condition($stage, $limited, $severity, self::hasYolk($sauce)),
            ),
            new Meant(EquivalentFlour::of($sauce), max(self::LEAST_SALT, $sauce->saltPercent()), $roux?->roux, $roux?->ends),
            new StandsIn($cooking->place->pan, $simmer, $cooking->liquid, Larder::house()),
        );
    }

    /** A derivative is salted last: its plan foresees it without. */
    private static function seasoned(Plan $plan, Sauce $sauce): Sauce
    {
        $salt = $plan->making?->isDerived() === true ? $plan->first(StepKind::Season)?->effect->joins : null;

        return $salt === null ? $sauce : $sauce->plus($salt);
    }

    /** What a derivative's base may not pass, from the ladle on. */
    private static function cameWith(Plan $plan): ?Temperature
    {
        return $plan->first(StepKind::Ladle)?->conditions->bounds->atMost;
    }

    private static function hasYolk(Sauce $sauce): bool
    {
        return $sauce->yolkGrams > 0.0;
    }
}
