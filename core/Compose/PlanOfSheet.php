<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Plan\Cooking;
use Lento\Plan\FromSteps;
use Lento\Plan\Making;
use Lento\Plan\Place;
use Lento\Plan\Plan;
use Lento\Plan\Promise;
use Lento\Plan\RouxPlan;
use Lento\Plan\Sauces;
use Lento\Plan\Shown;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Ways;
use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/** A sheet as the plan of its pot: each step with its own amounts, limits and what it does to the sauce. */
final readonly class PlanOfSheet
{
    private Question $question;

    private function __construct(private Sheet $sheet)
    {
        $this->question = $sheet->question;
    }

    public static function of(Sheet $sheet): Plan
    {
        return (new self($sheet))->plan();
    }

    private function plan(): Plan
    {
        $question = $this->question;
        $fat = $question->base->hasRoux() ? $question->fat : '';

        return Plan::of(
            $this->sheet->steps(),
            Making::of(
                $question->base->value,
                $question->base->value,
                $question->liquid,
                $question->base->hasRoux() ? '' : Base::Espagnole->value,
                $fat,
            ),
            $this->promise(),
            $this->cooking(),
        );
    }

    private function promise(): Promise
    {
        $thickness = $this->sheet->outlook->thickness;

        return Promise::of(
            $this->question->yield,
            new Shown($this->sheet->spoon->word(), $this->sheet->spoon->film),
            $this->sheet->thickness,
            $thickness->band,
            $thickness->couldBe(),
            $this->sheet->end->saltPercent(),
        );
    }

    /** As it simmers for the last moment, salted: it thickens a little more while it cools for its finish. */
    private function tested(): Sauce
    {
        $salt = max(0.0, $this->sheet->end->saltGrams - $this->sheet->read->saltGrams);

        return $this->sheet->read->with($this->question->larder->ingredient('salt'), Mass::ofGrams($salt));
    }

    private function cooking(): Cooking
    {
        $question = $this->question;
        $sheet = $this->sheet;
        $liquid = Liquid::of($question);
        $method = $question->method;
        $spread = ThicknessForecast::deviation($sheet->start, $sheet->shade, new Spread($question->kitchen));

        return Cooking::of(
            new Place($question->pan, $question->kitchen, $question->boilsAt, $question->lid),
            Sauces::of(
                new FromSteps(StepKind::Boil->value, $this->boilsFrom()),
                $sheet->start,
                $this->tested(),
                $sheet->served,
                $sheet->pieces,
                $spread,
            ),
            new Ways(
                $question->simmerLevel,
                $question->simmerTime,
                $method->stirring->share(),
                $method->late,
                $method->skin,
                $sheet->outlook->lumps,
            ),
            $liquid->kind,
            $liquid->perGram,
            $question->base->hasRoux() ? $this->roux() : null,
        );
    }

    private function roux(): RouxPlan
    {
        $question = $this->question;
        $plan = RouxPlan::of(
            $this->sheet->roux,
            $question->colour,
            $question->heat,
            $this->sheet->shade,
            $this->sheet->stair->roux,
            $this->sheet->rouxForecast,
        );

        return $question->inOven() || $question->given->kind === GivenKind::ReadyRoux
            ? $plan
            : $plan->watched($question->brownsButter(), $this->sheet->outlook->specks, RouxOnHob::beside($question));
    }

    /** The first step at which it simmers: it has come to the boil then. */
    private function boilsFrom(): string
    {
        foreach ($this->sheet->steps() as $step) {
            if (in_array($step->kind, [StepKind::Simmer, StepKind::Reduce], true)) {
                return $step->id;
            }
        }

        return StepKind::Boil->value;
    }
}
