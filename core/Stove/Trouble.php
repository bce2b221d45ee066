<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Compose\Composer;
use Lento\Compose\Question;
use Lento\Exception\Missing;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Plan\Cooking;
use Lento\Plan\Step;
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

/** Makes a pot in trouble known to the remedies: one that is watched, or somebody's of which there is no sheet. */
final readonly class Trouble
{
    /** % of salt that no sauce is brought below. */
    private const LEAST_SALT = 0.3;

    /** A pot as it is now; before there is a sauce, what its sheet promises and its roux. */
    public static function with(PotWatch $pot, Severity $severity = Severity::Clearly): Patient
    {
        $limit = self::limit($pot);
        $condition = new Condition(
            self::stage($pot, $limit !== null),
            $limit,
            $severity,
            ($pot->sauce->reckoning->sauce->yolkGrams ?? 0.0) > 0.0,
        );

        return self::patient($pot->cooking, $pot->sauce?->reckoning, $pot->plan->promise?->saltPercent, $condition);
    }

    /** What is in it already may not get hotter: the limit of the steps that are done, and of the present one once it is begun. */
    private static function limit(PotWatch $pot): ?Temperature
    {
        $at = (int) $pot->plan->at($pot->course->step()->id);
        $begun = $pot->course->poured() !== [] || $at === 0;

        return $begun ? $pot->plan->limitAt($at)->atMost : $pot->plan->limitAt(max(0, $at - 1))->atMost;
    }

    private static function stage(PotWatch $pot, bool $limited): Stage
    {
        $kinds = array_map(
            static fn(Step $step): StepKind => $step->kind,
            array_slice($pot->plan->steps, 0, (int) $pot->plan->at($pot->course->step()->id)),
        );
        $kind = $pot->course->step()->kind;
        $past = static fn(StepKind ...$some): bool => array_filter(
            $kinds,
            static fn(StepKind $one): bool => in_array($one, $some, true),
        ) !== [];

        return match (true) {
            $kind === StepKind::Keep, $kind === StepKind::Finish => $limited ? Stage::Finished : Stage::Held,
            $limited => Stage::Finished,
            $past(StepKind::Strain, StepKind::Blend) => Stage::Strained,
            $past(StepKind::Boil, StepKind::Ladle) => Stage::Simmering,
            $kind === StepKind::Ladle => Stage::Simmering,
            $past(StepKind::Pour, StepKind::Combine) || in_array($kind, [StepKind::Pour, StepKind::Combine], true) => Stage::Pouring,
            $pot->cooking->roux === null => Stage::Simmering,
            default => Stage::Roux,
        };
    }

    /**
     * A sauce nobody has a sheet of, taken for the usual one of its kind and size.
     *
     * @param Question $question about so much of which sauce
     *
     * @throws NotReachable if there is no such sauce
     * @throws OutOfRange
     */
    public static function withSomebodys(Question $question, ?Condition $condition = null): Patient
    {
        $sheet = (new Composer())->answer($question);
        $plan = $sheet->plan();

        return self::patient(
            $plan->cooking ?? throw Missing::from('sheet-plan', 'sauce'),
            null,
            $sheet->end->saltPercent(),
            $condition ?? new Condition(),
        );
    }

    /**
     * The same at a stage, as bad as it looks; from the finish on with the limit of what finishes it.
     *
     * @throws NotReachable if there is no such sauce
     * @throws OutOfRange
     */
    public static function withNoSheet(Question $question, Stage $stage, Severity $severity): Patient
    {
        $plan = (new Composer())->answer($question)->plan();

        return PatientAtStage::of($plan, $stage, $severity) ?? throw Missing::from('sheet-plan', 'sauce');
    }

    private static function patient(Cooking $cooking, ?Reckoning $now, ?float $saltPercent, Condition $condition): Patient
    {
        $simmer = $now?->simmer() ?? $cooking->simmer();

        return new Patient(
            new InThePot(
                $now->sauce ?? $cooking->sauces->tested,
                $now?->temperature() ?? Temperature::ofCelsius($simmer->celsius()),
                $condition,
            ),
            new Meant(
                EquivalentFlour::of($cooking->sauces->tested),
                max(self::LEAST_SALT, $saltPercent ?? 0.0),
                $cooking->roux?->roux,
                $cooking->roux?->ends,
            ),
            new StandsIn($cooking->place->pan, $simmer, $cooking->liquid, Larder::house()),
        );
    }
}
