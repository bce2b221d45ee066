<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;

/** The steps of what is made of a base, in words. */
final readonly class MadeStepWords
{
    /** Under which words in lang/en/family.php the steps of an act stand. */
    private const ACTS = [
        'sweat' => 'sweat',
        'brown-vegetables' => 'brown',
        'reduce-apart' => 'reduce-apart',
        'stir-in' => 'stir-in',
        'reduce' => 'reduce',
        'simmer' => 'simmer',
        'strain' => 'strain',
        'enrich' => 'off-the-boil',
        'garnish' => 'at-the-end',
    ];

    private const FIRST = 'first';

    private const YOLK = 'yolk';

    public function __construct(private Plan $plan, private SauceNames $names) {}

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
                : $this->act($step, 'act', Words::text('steps.' . $step->kind->value . '.title')),
        };
    }

    public function cue(Step $step): string
    {
        return match ($step->kind) {
            StepKind::SetOut => Words::text('family.set_out.cue', pan: $this->pan()),
            StepKind::Ladle => Words::text('family.ladle.cue', ladles: Ladlefuls::text($step->amounts[0]->volume ?? Volume::ofLitres(0.0))),
            StepKind::Correct => Words::text('family.correct.cue'),
            StepKind::Test => Words::text('family.test.cue', spoon: $this->spoon()),
            StepKind::Season => Words::text('family.season.cue', percent: sprintf('%.2F', $this->plan->promise->saltPercent ?? 0.0)),
            StepKind::Keep => Words::text('family.keep.cue', keep: $this->keep()),
            default => $step->variant === self::FIRST ? Words::text('family.correct.cue') : $this->act($step, 'cue', ''),
        };
    }

    public function caution(Step $step): string
    {
        [$least, $most] = [$step->conditions->bounds->atLeast, $step->conditions->bounds->atMost];

        return match (true) {
            $step->kind === StepKind::Ladle => Words::text('family.ladle.caution'),
            $step->kind === StepKind::Keep => Words::text('family.safety'),
            $step->kind === StepKind::Enrich && $most !== null && $least !== null && $step->variant === self::YOLK => Words::text(
                'family.caution.yolk',
                least: Degrees::text($least),
                most: Degrees::text($most),
            ),
            $step->kind === StepKind::Enrich && $most !== null => Words::text('family.caution.limit', most: Degrees::text($most)),
            default => $this->act($step, 'caution', ''),
        };
    }

    private function act(Step $step, string $what, string $else): string
    {
        $act = self::ACTS[$step->kind->value] ?? null;
        $path = 'family.' . $what . '.' . $act;
        $text = $act === null ? $path : Words::text(
            $path,
            list: AmountWords::list($step->amounts),
            percent: sprintf('%.0F', 100.0 * ($step->ends->share ?? 0.0)),
            litres: $step->ends->volume === null ? '' : Litres::of($step->ends->volume)->text(),
            minutes: Minutes::text($step->pace->time),
            mm: sprintf('%.0F', $step->ends->depth?->inMillimetres() ?? 0.0),
        );

        return $text === $path ? $else : $text;
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

        return $most === null ? Words::text('family.keep.hot') : Words::text('family.keep.below', temperature: Degrees::text($most));
    }
}
