<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\ActWords;
use App\Format\CorrectionWords;
use App\Format\Degrees;
use App\Format\Grams;
use App\Format\Ladlefuls;
use App\Format\Litres;
use App\Format\Words;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Family\Derived;
use Lento\Family\DerivedSteps;
use Lento\Family\DoneAct;

/** The steps of a derivative in words, one for each: its title, what to look for, what to mind, what is ticked off, how hot it may be. */
final readonly class DerivedLines
{
    private function __construct(private Derived $derived, private string $parent) {}

    /** @return list<array{title: string, cue: string, caution: string, ticks: list<string>, most_c: float|null, least_c: float|null}> */
    public static function of(Derived $derived, string $parent): array
    {
        $words = new self($derived, $parent);

        return array_map(static fn(array $step): array => $words->line($step[0], $step[1]), DerivedSteps::of($derived));
    }

    /** @return array{title: string, cue: string, caution: string, ticks: list<string>, most_c: float|null, least_c: float|null} */
    private function line(Step $step, ?DoneAct $done): array
    {
        [$title, $cue, $caution] = $done === null ? $this->moment($step->kind) : $this->act($done);

        return [
            'title' => $title,
            'cue' => $cue,
            'caution' => $caution,
            'ticks' => $done === null || $step->pours === 0 ? [] : ActWords::of($this->derived, $done)->ticks(),
            'most_c' => self::celsius($done?->atMost()?->inCelsius()),
            'least_c' => self::celsius($done?->atLeast()?->inCelsius()),
        ];
    }

    /** @return array{string, string, string} */
    private function act(DoneAct $done): array
    {
        $words = ActWords::of($this->derived, $done);

        return [$words->title(), $words->cue(), $words->caution()];
    }

    /** @return array{string, string, string} */
    private function moment(StepKind $kind): array
    {
        $salt = $this->derived->saltToAdd();

        return match ($kind) {
            StepKind::SetOut => [Words::text('family.set_out.title', litres: Litres::of($this->derived->volume())->text()), Words::text('family.set_out.cue', pan: Words::text('family.scale.pan_of', cm: sprintf('%.0F', $this->derived->pan->diameter->inCentimetres()))), ''],
            StepKind::Ladle => [Words::text('family.ladle.title', litres: Litres::of($this->derived->taken->volume())->text(), parent: $this->parent), Words::text('family.ladle.cue', ladles: Ladlefuls::text($this->derived->taken->volume())), Words::text('family.ladle.caution')],
            StepKind::Reduce, StepKind::Correct => [CorrectionWords::what($this->derived, $this->parent), Words::text('family.correct.cue'), ''],
            StepKind::Test => [Words::text('family.test.title'), Words::text('family.test.cue', spoon: Words::spoon($this->derived->spoon())), ''],
            StepKind::Season => [$salt->inGrams() < 0.05 ? Words::text('family.season.title_none') : Words::text('family.season.title', amount: Grams::of($salt)->text()), Words::text('family.season.cue', percent: sprintf('%.2F', 100.0 * $this->derived->taken->saltShare)), ''],
            StepKind::Keep => [Words::text('family.keep.title'), Words::text('family.keep.cue', keep: $this->keep()), Words::text('family.safety')],
            default => [Words::text('steps.finish.title'), '', ''],
        };
    }

    private function keep(): string
    {
        $below = $this->derived->keepBelow();

        return $below === null ? Words::text('family.keep.hot') : Words::text('family.keep.below', temperature: Degrees::text($below));
    }

    private static function celsius(?float $celsius): ?float
    {
        return $celsius === null ? null : round($celsius, 1);
    }
}
