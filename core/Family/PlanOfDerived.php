<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\PartMeasure;
use Lento\Forecast\Band;
use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
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
use Lento\Plan\Sauces;
use Lento\Plan\Shown;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Plan\Vessel;
use Lento\Plan\Ways;
use Lento\Plan\When;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Rescue\Thickening;
use Lento\Roux\Shade;
use Lento\Thickness\Sauce;

/** A derivative worked out, as the plan of its pot: what is cooked in its pan, the ladle, what goes in, and the pass. */
final readonly class PlanOfDerived
{
    /** min, by custom of the trade. */
    private const SET_OUT = 3.0;

    private const SEASON = 1.0;

    private const TEST = 1.0;

    /** min between two stirs of a sauce that is boiled down, or simmers. */
    private const STIR_EVERY = 3.0;

    /** Shade of the roux in a base whose roux nobody asked for: blond, an estimate that only widens the band of its thickness. */
    private const SHADE = 1.0;

    /** Its words are those of what is made of a base. */
    private const MADE = 'made';

    private Larder $larder;

    private function __construct(private Derived $derived, private Workplace $workplace)
    {
        $this->larder = $workplace->larder;
    }

    public static function of(Derived $derived, Base $root, Workplace $workplace): Plan
    {
        return (new self($derived, $workplace))->plan($root);
    }

    private function plan(Base $root): Plan
    {
        $derived = $this->derived;
        $spread = ThicknessForecast::deviation($derived->stands, Shade::of(self::SHADE), new Spread($this->workplace->kitchen));
        $thickness = ThicknessForecast::within($derived->sauce, $spread);
        $steps = Step::numbered($this->steps());
        $promise = Promise::of(
            $derived->volume(),
            new Shown($derived->spoon()->word(), $derived->spoon()->film),
            $derived->thickness(),
            $thickness->band,
            $thickness->couldBe(),
            $derived->seasonedPercent(),
        );

        return Plan::of(
            $steps,
            Making::of($derived->derivative->id, $root->value, $derived->taken->liquid->id, $derived->derivative->parent),
            $promise,
            $this->cooking($steps, $spread),
        );
    }

    /** @param non-empty-list<Step> $steps */
    private function cooking(array $steps, float $spread): Cooking
    {
        $derived = $this->derived;
        $liquid = $derived->taken->liquid;
        $simmers = array_values(array_filter($steps, static fn(Step $step): bool => $step->conditions->simmers !== null));
        $time = Duration::ofSeconds(array_sum(array_map(static fn(Step $step): float => $step->pace->time->seconds, $simmers)));
        $after = array_search(StepKind::Ladle, array_map(static fn(Step $step): StepKind => $step->kind, $steps), true);
        $from = $steps[(int) $after + 1]->id;

        return Cooking::of(
            new Place($derived->pan, $this->workplace->kitchen, $this->workplace->boilsAt),
            // Its base has boiled: what is made of it is as thick as it is from the first ladle on.
            Sauces::of(
                new FromSteps($from, $from),
                $derived->stands,
                $derived->sauce,
                $derived->sauce,
                $derived->pieces->volume(),
                $spread,
            ),
            new Ways($simmers[0]->conditions->simmers ?? SimmerLevel::Bare, $time, Stirring::Visits->share()),
            $liquid,
            Sauce::nothing()->with($liquid, Mass::ofGrams(1.0)),
        );
    }

    /** @return non-empty-list<Step> */
    private function steps(): array
    {
        $acts = $this->derived->acts;
        $before = array_values(array_filter($acts, static fn(DoneAct $done): bool => $done->act->kind->isBefore()));
        $after = array_values(array_filter($acts, static fn(DoneAct $done): bool => !$done->act->kind->isBefore()));
        $first = $this->derived->correction?->kind === CorrectionKind::ReduceFirst;

        return [
            $this->moment(StepKind::SetOut, self::SET_OUT)->in(Conditions::in(Vessel::Bench)),
            ...array_map($this->act(...), $before),
            $this->ladle(),
            ...($first ? [$this->reducedFirst()] : []),
            ...array_map($this->act(...), $after),
            $this->moment(StepKind::Test, self::TEST),
            ...($first ? [] : [$this->corrected()]),
            $this->seasoned(),
            $this->moment(StepKind::Keep, 0.0)->changing(Effect::keeping($this->derived->keeps)),
            $this->moment(StepKind::Finish, 0.0),
        ];
    }

    private function moment(StepKind $kind, float $minutes): Step
    {
        return Step::of($kind, Pace::of(Duration::ofMinutes($minutes), handsOn: true, timed: false), self::MADE);
    }

    private function ladle(): Step
    {
        $taken = $this->derived->taken;
        $amount = new Amount(
            $this->derived->derivative->parent,
            $taken->sauce->mass(),
            new Measured($taken->volume(), byTheJug: true),
            When::Pour,
            $taken->allergens,
        );

        return $this->moment(StepKind::Ladle, Deriving::LADLE)->using([$amount]);
    }

    private function seasoned(): Step
    {
        $salt = $this->derived->saltToAdd();
        $kind = $this->larder->ingredient('salt');
        $step = $this->moment(StepKind::Season, self::SEASON);

        return $salt->inGrams() < 0.05 ? $step : $step
            ->using([new Amount($kind->id, $salt, new Measured($kind->density->volumeOf($salt)), When::Season)])
            ->changing(Effect::joining(Sauce::nothing()->with($kind, $salt)));
    }

    /** The base boiled down before anything else goes in, where that is what brings the sauce into its class. */
    private function reducedFirst(): Step
    {
        $correction = $this->derived->correction;
        $down = $correction->downTo ?? $this->derived->taken->volume();

        return Step::of(StepKind::Reduce, $this->boilingDown($correction->time ?? Duration::ofSeconds(0.0), handsOn: true), 'first')
            ->in(Conditions::in(Vessel::Pan, SimmerLevel::Brisk))
            ->until(Ends::atLevel($down, $correction?->depth));
    }

    /** What sets it right where its base alone does not; nothing where that is enough, and then the test decides. */
    private function corrected(): Step
    {
        $correction = $this->derived->correction;
        if ($correction === null) {
            return Step::of(StepKind::Correct, Pace::moment(), self::MADE);
        }
        $step = Step::of(StepKind::Correct, Pace::of($correction->time, handsOn: true, timed: false), $correction->kind->value);
        $liquid = $this->derived->taken->liquid;
        if ($correction->kind === CorrectionKind::Thin) {
            return $step
                ->using([
                    new Amount(
                        $liquid->id,
                        $correction->amount,
                        new Measured($liquid->density->volumeOf($correction->amount), byTheJug: true),
                        When::Finish,
                        $liquid->allergens,
                    ),
                ])
                ->changing(Effect::joining(Sauce::nothing()->with($liquid, $correction->amount)));
        }
        [$flour, $butter] = [$this->larder->thickener('plain-flour'), $this->larder->fat('butter')];

        return $step
            ->using([
                new Amount(
                    $flour->id,
                    $correction->amount,
                    new Measured($flour->density()->volumeOf($correction->amount)),
                    When::Finish,
                    $flour->allergens,
                ),
                new Amount(
                    $butter->id,
                    $correction->butter,
                    new Measured($butter->density->volumeOf($correction->butter)),
                    When::Finish,
                    $butter->allergens,
                ),
            ])
            ->changing(Effect::joining(Thickening::by($correction->amount, Sauce::nothing(), Means::BeurreManie, $flour, $this->larder)));
    }

    private function act(DoneAct $done): Step
    {
        $time = $done->time;
        $additions = $this->additions($done);
        $step = match ($done->act->kind) {
            ActKind::Sweat => Step::of(StepKind::Sweat, Pace::of($time, handsOn: true, timed: true), self::MADE),
            ActKind::Brown => Step::of(StepKind::BrownVegetables, Pace::of($time, handsOn: true, timed: true), self::MADE),
            ActKind::ReduceApart => Step::of(StepKind::ReduceApart, $this->boilingDown($time, stirred: false), self::MADE)->until(
                Ends::atLevel($done->volume, $done->depth, $done->act->share),
            ),
            ActKind::StirIn => Step::of(StepKind::StirIn, Pace::of($time, handsOn: true, timed: false), self::MADE)->ticking($additions),
            ActKind::Reduce => Step::of(StepKind::Reduce, $this->boilingDown($time), self::MADE)
                ->in(Conditions::in(Vessel::Pan, $done->act->level))
                ->until(Ends::atLevel($done->volume, $done->depth, $done->act->share)),
            ActKind::Simmer => Step::of(
                StepKind::Simmer,
                Pace::of($time, handsOn: false, timed: true, tendings: self::stirs($time)),
                self::MADE,
            )
                ->in(Conditions::in(Vessel::Pan, $done->act->level))
                ->until(Ends::atLevel($done->volume, $done->depth)),
            ActKind::Strain => Step::of(StepKind::Strain, Pace::of($time, handsOn: true, timed: false), self::MADE),
            ActKind::OffTheBoil => Step::of(StepKind::Enrich, Pace::of($time, handsOn: true, timed: false), $this->enriches($done))
                ->ticking($additions)
                ->in(Conditions::in(Vessel::Pan, bounds: Bounds::between($done->atLeast(), $done->atMost()))),
            ActKind::AtTheEnd => Step::of(StepKind::Garnish, Pace::of($time, handsOn: true, timed: false), self::MADE)
                ->ticking($additions)
                ->in(Conditions::in(Vessel::Pan, bounds: Bounds::between(null, $done->atMost()))),
        };

        return $step->using(array_map(static fn(Addition $addition): Amount => $addition->amount, $additions))->changing($done->effect);
    }

    /** Yolk has a caution of its own. */
    private function enriches(DoneAct $done): string
    {
        foreach ($done->doses as [$dose]) {
            $kind = $dose->kind($this->larder);
            if ($kind instanceof Ingredient && $kind->yolk > 0.0) {
                return 'yolk';
            }
        }

        return self::MADE;
    }

    private function boilingDown(Duration $time, bool $handsOn = false, bool $stirred = true): Pace
    {
        return Pace::of(
            $time,
            $handsOn,
            timed: true,
            tendings: $stirred ? self::stirs($time) : [],
            band: Band::around($time->inMinutes(), $this->workplace->kitchen->evaporation->deviation),
        );
    }

    /** @return list<Tending> */
    private static function stirs(Duration $time): array
    {
        return $time->inMinutes() > self::STIR_EVERY ? [new Tending(TendingKind::Stir, Duration::ofMinutes(self::STIR_EVERY))] : [];
    }

    /** @return list<Addition> each with an id of its own */
    private function additions(DoneAct $done): array
    {
        [$additions, $seen] = [[], []];
        foreach ($done->doses as [$dose, $mass]) {
            $seen[$dose->ingredient] = $number = ($seen[$dose->ingredient] ?? 0) + 1;
            $additions[] = Addition::of(
                $number === 1 ? $dose->ingredient : $dose->ingredient . '-' . $number,
                $this->amount($dose, $mass, $done->act->kind),
                $this->bounds($done, $dose),
            );
        }

        return $additions;
    }

    private function bounds(DoneAct $done, Dose $dose): Bounds
    {
        foreach ($done->finishings as $finishing) {
            if ($finishing->what->id === $dose->ingredient) {
                return Bounds::between($finishing->atLeast, DoneAct::strictest([$done->act->atMost, $finishing->atMost]));
            }
        }

        return Bounds::none();
    }

    private function amount(Dose $dose, Mass $mass, ActKind $at): Amount
    {
        $much = $dose->perLitre * $this->derived->taken->volume()->inLitres();
        $kind = $dose->kind($this->larder);
        $volume = match (true) {
            $dose->measure === PartMeasure::Millilitres => Volume::ofMillilitres($much),
            $kind instanceof Fat, $kind instanceof Ingredient => $kind->density->volumeOf($mass),
            default => null,
        };

        return new Amount(
            $dose->ingredient,
            $mass,
            new Measured($volume, $dose->measure === PartMeasure::Pieces ? $much : null, $dose->measure === PartMeasure::Millilitres),
            $at->isBefore() ? When::Apart : When::Finish,
            $kind->allergens ?? [],
        );
    }
}
