<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Keeping\FoodSafety;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Procedure\Vessel;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;

/** The steps of what is made of a base, in words. */
final readonly class MadeStepWords
{
    private const FIRST = 'first';

    /** l: nobody counts more ladles than these make. */
    private const BY_THE_JUG_FROM = 4.0;

    private ActStepWords $acts;

    public function __construct(private Plan $plan, private SauceNames $names, private FoodSafety $rules)
    {
        $this->acts = new ActStepWords($plan);
    }

    public function title(Step $step): string
    {
        $volume = $step->amounts[0]->volume ?? Volume::ofLitres(0.0);

        return match ($step->kind) {
            StepKind::SetOut => Words::text(
                'family.set_out.title',
                litres: $this->plan->promise === null ? '' : Litres::of($this->plan->promise->volume)->text(),
            ),
            StepKind::Ladle => Words::text('family.ladle.title', litres: Litres::of($volume)->text(), parent: $this->parent()),
            StepKind::Correct => $this->corrects($step),
            StepKind::Test => Words::text('family.test.title'),
            StepKind::Season => $step->amounts === []
                ? Words::text('family.season.title_none')
                : Words::text('family.season.title', amount: Grams::of($step->amounts[0]->mass)->text()),
            StepKind::Keep => Words::text('family.keep.title'),
            default => $step->variant === self::FIRST
                ? $this->corrects($step)
                : $this->acts->title($step),
        };
    }

    public function cue(Step $step): string
    {
        return match ($step->kind) {
            StepKind::SetOut => Words::text('family.set_out.cue', pan: $this->pan()),
            StepKind::Ladle => Words::text(
                $this->isFirst($step) ? 'family.ladle.cue_first' : 'family.ladle.cue',
                much: self::counted($step->amounts[0]->volume ?? Volume::ofLitres(0.0)),
            ),
            StepKind::Correct => Words::text('family.correct.cue'),
            StepKind::Test => Words::text('family.test.cue', spoon: $this->spoon()),
            StepKind::Season => Words::text('family.season.cue', percent: sprintf('%.2F', $this->plan->promise->saltPercent ?? 0.0)),
            StepKind::Keep => Words::text('family.keep.cue', keep: $this->keep()),
            default => $step->variant === self::FIRST ? Words::text('family.correct.cue') : $this->acts->cue($step),
        };
    }

    public function caution(Step $step): string
    {
        return match ($step->kind) {
            StepKind::Ladle => Words::text('family.ladle.caution'),
            StepKind::Keep => Words::text('family.safety'),
            StepKind::SetOut, StepKind::Correct, StepKind::Season => '',
            default => $this->acts->caution($step),
        };
    }

    /** @return array<'look'|'smell'|'listen', string> */
    public function senses(Step $step): array
    {
        return match (true) {
            // Where the stove shows no cue, it is what to look for.
            in_array($step->kind, [StepKind::SetOut, StepKind::Correct], true) => ['look' => $this->cue($step)],
            in_array($step->kind, [StepKind::Ladle, StepKind::Test, StepKind::Season, StepKind::Keep], true) => [],
            default => $this->acts->senses($step),
        };
    }

    /** Whether nothing is in the pan yet. */
    private function isFirst(Step $step): bool
    {
        foreach ($this->plan->steps as $earlier) {
            if ($earlier === $step) {
                return true;
            }
            if ($earlier->amounts !== [] && $earlier->conditions->vessel !== Vessel::Bench) {
                return false;
            }
        }

        return true;
    }

    private static function counted(Volume $volume): string
    {
        return $volume->inLitres() > self::BY_THE_JUG_FROM ? Words::text('family.ladle.by_jug') : Ladlefuls::text($volume);
    }

    /** What sets it right that its base alone does not bring into its class. */
    private function corrects(Step $step): string
    {
        $grams = static fn(int $at): string => isset($step->amounts[$at]) ? Grams::of($step->amounts[$at]->mass)->text() : '';
        $volume = ($step->amounts[0] ?? null)?->volume;
        $key = 'family.correct.' . ($step->variant === self::FIRST ? 'reduce-first' : $step->variant);
        $text = Words::text(
            $key,
            amount: $volume === null ? '' : Litres::of($volume)->text(),
            liquid: Words::ingredient($this->plan->making->liquid ?? ''),
            parent: $this->parent(),
            litres: $step->ends->volume === null ? '' : Litres::of($step->ends->volume)->text(),
            time: Minutes::text($step->pace->time),
            mm: sprintf('%.0F', $step->ends->depth?->inMillimetres() ?? 0.0),
            flour: $grams(0),
            butter: $grams(1),
        );

        return $text === $key ? Words::text('steps.correct.title') : $text;
    }

    private function parent(): string
    {
        $making = $this->plan->making;

        return $making === null ? '' : $this->names->within($making->parent, $making->liquid);
    }

    private function pan(): string
    {
        $pan = $this->plan->cooking?->place->pan;

        return $pan === null ? '' : Words::text('family.scale.pan_of', cm: sprintf('%.0F', $pan->diameter->inCentimetres()));
    }

    private function spoon(): string
    {
        $served = $this->plan->cooking?->sauces->served;

        return $served === null ? '' : Words::spoon(SpoonTest::of(Flow::of($served, Temperature::ofCelsius(EquivalentFlour::CELSIUS))));
    }

    private function keep(): string
    {
        $most = $this->plan->limitAt(count($this->plan->steps) - 1)->atMost;

        return HotBand::text($most, $this->rules);
    }
}
