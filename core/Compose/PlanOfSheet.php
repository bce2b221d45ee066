<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\SaltTime;
use Lento\Finish\Finishing;
use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Plan\Addition;
use Lento\Plan\Amount;
use Lento\Plan\Bounds;
use Lento\Plan\Conditions;
use Lento\Plan\Cooking;
use Lento\Plan\Effect;
use Lento\Plan\Ends;
use Lento\Plan\FromSteps;
use Lento\Plan\Making;
use Lento\Plan\Measured;
use Lento\Plan\Pace;
use Lento\Plan\Place;
use Lento\Plan\Plan;
use Lento\Plan\Promise;
use Lento\Plan\RouxPlan;
use Lento\Plan\Sauces;
use Lento\Plan\Shown;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Vessel;
use Lento\Plan\Ways;
use Lento\Plan\When;
use Lento\Pour\Pour;
use Lento\Pour\School;
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
        $steps = array_map($this->step(...), $this->sheet->steps, array_keys($this->sheet->steps));
        $fat = $question->base->hasRoux() ? $question->fat : '';

        return Plan::of(
            $steps,
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

    private function cooking(): Cooking
    {
        $question = $this->question;
        $sheet = $this->sheet;
        $liquid = Liquid::of($question);
        $method = $question->method;
        $spread = ThicknessForecast::deviation($sheet->start, $sheet->shade, new Spread($question->kitchen));

        return Cooking::of(
            new Place($question->pan, $question->kitchen, $question->boilsAt),
            Sauces::of(
                new FromSteps(StepKind::Boil->value, $this->boilsFrom()),
                $sheet->start,
                $sheet->end,
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
            : $plan->watched($question->brownsButter(), $this->sheet->outlook->specks);
    }

    /** The first step at which it simmers: it has come to the boil then. */
    private function boilsFrom(): string
    {
        foreach ($this->sheet->steps as $step) {
            if (in_array($step->kind, [StepKind::Simmer, StepKind::Reduce], true)) {
                return $step->id;
            }
        }

        return StepKind::Boil->value;
    }

    private function step(Step $step, int $at): Step
    {
        $question = $this->question;
        $step = $step->using($this->amounts($step->kind));
        $step = match ($step->kind) {
            StepKind::SetOut => $step->in(Conditions::in(Vessel::Bench, at: $this->sheet->stair->liquid)),
            StepKind::Infuse, StepKind::CookApart => $step->in(Conditions::in(Vessel::SecondPan)),
            StepKind::Colour => $this->coloured($step),
            StepKind::Bake => $step->in(Conditions::in(Vessel::Oven, at: $question->oven))->until(Ends::atColour($question->colour)),
            StepKind::LetDown => $step->until(Ends::atTemperature($this->sheet->stair->roux)),
            StepKind::Pour => $step->in(Conditions::in(Vessel::Pan, at: $this->sheet->stair->liquid))->ticking($this->pours()),
            StepKind::Simmer, StepKind::Reduce => $step
                ->in($this->simmering())
                ->until(Ends::atLevel($this->sheet->end->volume(), $this->sheet->endDepth(), $question->reduceBy)),
            StepKind::Test, StepKind::Correct => $step->in($this->simmering()),
            StepKind::Season => $this->seasoned($step),
            StepKind::Enrich => $this->enriched($step),
            default => $step,
        };

        return $at === $this->leavesPot() ? $step->changing(Effect::keeping(min(1.0, $this->kept()), $step->effect->joins)) : $step;
    }

    private function simmering(): Conditions
    {
        return Conditions::in(Vessel::Pan, $this->question->simmerLevel);
    }

    /** Which step takes the sauce out of its pot: what clings to it and the strainer stays behind. */
    private function leavesPot(): int
    {
        foreach ($this->sheet->steps as $i => $step) {
            if (in_array($step->kind, [StepKind::Strain, StepKind::Blend, StepKind::Enrich, StepKind::Keep], true)) {
                return $i;
            }
        }

        return count($this->sheet->steps) - 1;
    }

    /** Share of the sauce that is left for its finishes. */
    private function kept(): float
    {
        $finishes = $this->sheet->finishes;
        $end = $this->sheet->end->millilitres();
        $added = array_sum(array_map(static fn(Finishing $finishing): float => $finishing->alone()->millilitres(), $finishes));

        return $end > 0.0 ? max(0.0, $this->sheet->served->millilitres() - $added) / $end : 1.0;
    }

    private function coloured(Step $step): Step
    {
        $minutes = $this->sheet->outlook->rouxMinutes?->scaledTo($step->pace->time->inMinutes());
        $roux = $this->roux();
        $pace = Pace::of($step->pace->time, $step->pace->handsOn, $step->pace->timed, $step->pace->tendings, $minutes);

        return Step::of(StepKind::Colour, $pace, $roux->carriesOn() ? 'lift' : '')
            ->known($step->id)
            ->using($step->amounts)
            ->until(Ends::atColour($this->question->colour));
    }

    /** @return list<Addition> */
    private function pours(): array
    {
        $pieces = $this->question->school === School::RouxIntoBoiling;

        return array_map(
            fn(Pour $pour, int $i): Addition => Addition::of(
                'pour-' . ($i + 1),
                new Amount(
                    $pieces ? 'roux' : $this->question->liquid,
                    $pour->mass,
                    new Measured($this->sheet->pourVolume($pour), byTheJug: !$pieces),
                    When::Pour,
                ),
                lands: $pour->mixed,
                slack: $pour->slack,
            ),
            $this->sheet->stair->pours,
            array_keys($this->sheet->stair->pours),
        );
    }

    private function seasoned(Step $step): Step
    {
        $salt = array_sum(array_map(static fn(Amount $amount): float => $amount->mass->inGrams(), $step->amounts));
        $salted = $salt > 0.0
            ? $step->changing(
                Effect::joining(Sauce::nothing()->with($this->question->larder->ingredient('salt'), Mass::ofGrams($salt))),
            )
            : $step;

        return $this->question->method->salt === SaltTime::AtTheEnd ? $salted->in($this->simmering()) : $salted;
    }

    private function enriched(Step $step): Step
    {
        [$additions, $joins, $least, $most] = [[], Sauce::nothing(), null, null];
        foreach ($this->sheet->finishes as $finishing) {
            $id = $finishing->what->id;
            $joins = $joins->plus($finishing->alone());
            $least ??= $finishing->atLeast;
            $most
                = $finishing->atMost !== null && ($most === null || $finishing->atMost->kelvin < $most->kelvin)
                    ? $finishing->atMost
                    : $most;
            $additions[] = Addition::of($id, $this->finish($id), Bounds::between($finishing->atLeast, $finishing->atMost));
        }

        return $step
            ->ticking($additions)
            ->in(Conditions::in(Vessel::Pan, bounds: Bounds::between($least, $most)))
            ->changing(Effect::joining($joins));
    }

    /** What goes in at the end of one thing: a formula may name it more than once. */
    private function finish(string $id): Amount
    {
        $all = array_values(
            array_filter(
                $this->sheet->amounts,
                static fn(Amount $amount): bool => $amount->when === When::Finish && $amount->ingredient === $id,
            ),
        );
        $grams = array_sum(array_map(static fn(Amount $amount): float => $amount->mass->inGrams(), $all));

        return new Amount($id, Mass::ofGrams($grams), new Measured(null), When::Finish, $all[0]->allergens ?? []);
    }

    /**
     * Each amount of the sheet at the one step that uses it.
     *
     * @return list<Amount>
     */
    private function amounts(StepKind $kind): array
    {
        return array_values(array_filter($this->sheet->amounts, fn(Amount $amount): bool => $this->usedAt($amount) === $kind));
    }

    private function usedAt(Amount $amount): StepKind
    {
        $has = array_column(array_map(static fn(Step $step): array => [$step->kind->value, true], $this->sheet->steps), 1, 0);
        $first = static function (StepKind ...$kinds) use ($has): StepKind {
            foreach ($kinds as $kind) {
                if (isset($has[$kind->value])) {
                    return $kind;
                }
            }

            return StepKind::SetOut;
        };

        return match ($amount->when) {
            When::Infuse => $first(StepKind::Infuse, StepKind::Simmer, StepKind::Reduce),
            When::Apart => $first(StepKind::CookApart),
            When::Roux => $first(...$this->inTheRoux($amount)),
            When::Pour => $first(StepKind::Pour, StepKind::Combine),
            When::Simmer => $first(StepKind::Simmer, StepKind::Reduce),
            When::Season => $first(StepKind::Season),
            When::Finish => $first(StepKind::Enrich, StepKind::Keep),
        };
    }

    /** @return list<StepKind> where it is used, the likeliest first */
    private function inTheRoux(Amount $amount): array
    {
        $roux = $this->sheet->roux;
        $then = [StepKind::Flour, StepKind::Pour, StepKind::Combine];
        if ($amount->ingredient === $roux->fatKind->id) {
            return [StepKind::Melt, StepKind::BrownButter, ...$then];
        }
        if (in_array($amount->ingredient, [$roux->flourKind->id, 'ready-roux'], true)) {
            return $then;
        }
        $treatments = array_map(static fn(Part $part): Treatment => $part->treatment, array_values(array_filter(
            Additions::parts($this->question->formula, $this->question->method),
            static fn(Part $part): bool => $part->ingredient === $amount->ingredient && $part->when === When::Roux,
        )));

        return match ($treatments[0] ?? Treatment::Flavours) {
            Treatment::StirredIn => [StepKind::BrownPaste, ...$then],
            Treatment::Reduced => [StepKind::ReduceWine, ...$then],
            Treatment::Sweated, Treatment::Rendered, Treatment::Browned, Treatment::LongBrowned, Treatment::DicedBack => [
                StepKind::BrownVegetables,
                StepKind::Sweat,
                ...$then,
            ],
            default => $then,
        };
    }
}
