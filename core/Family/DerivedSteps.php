<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\Tending;
use Lento\Compose\TendingKind;
use Lento\Quantity\Duration;

/** The order of the work for a derivative at the stove: what is cooked in its pan, the ladle, what goes in, and the pass. */
final readonly class DerivedSteps
{
    /** min, by custom of the trade. */
    private const SET_OUT = 3.0;

    private const SEASON = 1.0;

    private const TEST = 1.0;

    /** min between two stirs of a sauce that is boiled down, or simmers. */
    private const STIR_EVERY = 3.0;

    /** @return non-empty-list<array{Step, DoneAct|null}> each with the act it stands for */
    public static function of(Derived $derived): array
    {
        $before = array_values(array_filter($derived->acts, static fn(DoneAct $done): bool => $done->act->kind->isBefore()));
        $after = array_values(array_filter($derived->acts, static fn(DoneAct $done): bool => !$done->act->kind->isBefore()));
        $correction = $derived->correction === null ? [] : [[self::step($derived->correction->kind === CorrectionKind::ReduceFirst ? StepKind::Reduce : StepKind::Correct, $derived->correction->time, handsOn: true, timed: $derived->correction->kind === CorrectionKind::ReduceFirst), null]];
        $reducesFirst = $derived->correction?->kind === CorrectionKind::ReduceFirst;

        return [
            [self::moment(StepKind::SetOut, self::SET_OUT), null],
            ...array_map(self::act(...), $before),
            [self::moment(StepKind::Ladle, Deriving::LADLE), null],
            ...($reducesFirst ? $correction : []),
            ...array_map(self::act(...), $after),
            [self::moment(StepKind::Test, self::TEST), null],
            ...($reducesFirst ? [] : $correction),
            [self::moment(StepKind::Season, self::SEASON), null],
            [self::moment(StepKind::Keep, 0.0), null],
            [self::moment(StepKind::Finish, 0.0), null],
        ];
    }

    /** @return array{Step, DoneAct} */
    private static function act(DoneAct $done): array
    {
        $count = count($done->doses);
        $step = match ($done->act->kind) {
            ActKind::Sweat => self::step(StepKind::Sweat, $done->time, handsOn: true, timed: true),
            ActKind::Brown => self::step(StepKind::BrownVegetables, $done->time, handsOn: true, timed: true),
            ActKind::ReduceApart => self::step(StepKind::ReduceApart, $done->time, handsOn: false, timed: true),
            ActKind::StirIn => self::step(StepKind::StirIn, $done->time, handsOn: true, timed: false, pours: $count),
            ActKind::Reduce => self::step(StepKind::Reduce, $done->time, handsOn: false, timed: true, stirs: true),
            ActKind::Simmer => self::step(StepKind::Simmer, $done->time, handsOn: false, timed: true, stirs: true),
            ActKind::Strain => self::step(StepKind::Strain, $done->time, handsOn: true, timed: false),
            ActKind::OffTheBoil => self::step(StepKind::Enrich, $done->time, handsOn: true, timed: false, pours: $count),
            ActKind::AtTheEnd => self::step(StepKind::Garnish, $done->time, handsOn: true, timed: false, pours: $count),
        };

        return [$step, $done];
    }

    private static function moment(StepKind $kind, float $minutes): Step
    {
        return self::step($kind, Duration::ofMinutes($minutes), handsOn: true, timed: false);
    }

    /** @param int<0, max> $pours */
    private static function step(StepKind $kind, Duration $time, bool $handsOn, bool $timed, int $pours = 0, bool $stirs = false): Step
    {
        return new Step($kind, $time, $handsOn, $timed, $pours, $stirs && $time->inMinutes() > self::STIR_EVERY ? [new Tending(TendingKind::Stir, Duration::ofMinutes(self::STIR_EVERY))] : []);
    }
}
