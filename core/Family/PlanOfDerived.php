<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Compose\Choice\Stirring;
use Lento\Finish\Finishing;
use Lento\Forecast\Band;
use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Larder\Larder;
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
use Lento\Plan\StepOfAct;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Plan\Ways;
use Lento\Plan\When;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\ActKind;
use Lento\Procedure\HandTime;
use Lento\Procedure\InThePan;
use Lento\Procedure\Vessel;
use Lento\Procedure\Worked;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
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

    /** Thickened apart, for a base that may not boil again. */
    private const APART = 'beurre-manie-apart';

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
        $ladle = $this->derived->derivative->actsBeforeLadle();
        $first = $this->derived->correction?->kind === CorrectionKind::ReduceFirst;
        $after = array_slice($acts, $ladle);
        // Flour has to boil: it goes in before anything that may not.
        $boils = 0;
        while (isset($after[$boils]) && $after[$boils]->atMost() === null) {
            $boils++;
        }
        $early = $this->derived->correction?->kind === CorrectionKind::BeurreManie && $boils < count($after);

        return [
            $this->moment(StepKind::SetOut, HandTime::settingOut(self::SET_OUT, $this->derived->volume())->inMinutes())
                ->in(Conditions::in(Vessel::Bench))->doing(ActKind::Prepare),
            ...array_map(fn(Worked $worked): Step => $this->act($worked, null), array_slice($acts, 0, $ladle)),
            $this->ladle(),
            ...($first ? [$this->reducedFirst()] : []),
            ...$this->actsFrom(array_slice($after, 0, $boils), $ladle),
            ...($early ? [$this->corrected()] : []),
            ...$this->actsFrom(array_slice($after, $boils), $ladle + $boils),
            $this->moment(StepKind::Test, self::TEST),
            ...($first || $early ? [] : [$this->corrected()]),
            $this->seasoned(),
            $this->moment(StepKind::Keep, 0.0)->changing(Effect::keeping($this->derived->keeps))->doing(ActKind::Hold),
            $this->moment(StepKind::Finish, 0.0),
        ];
    }

    /**
     * @param list<Worked> $acts
     *
     * @return list<Step>
     */
    private function actsFrom(array $acts, int $at): array
    {
        $before = InThePan::empty();
        $before = ($this->derived->acts[$at - 1] ?? null)->after ?? $before;
        $before = $at > $this->derived->derivative->actsBeforeLadle()
            ? $before
            : $before->ladledInto($this->derived->taken->sauce, $this->derived->taken->pieces);
        $steps = [];
        foreach ($acts as $worked) {
            $steps[] = $this->act($worked, $before);
            $before = $worked->after;
        }

        return $steps;
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
            $taken->carries->allergens,
            $taken->carries->readLabel,
        );

        return $this->moment(StepKind::Ladle, HandTime::ladling($taken->volume())->inMinutes())
            ->using([$amount])
            ->in(Conditions::in(Vessel::Pan, bounds: Bounds::between(null, $taken->carries->keepBelow)))
            ->doing(ActKind::Pour);
    }

    private function seasoned(): Step
    {
        $salt = $this->derived->saltToAdd();
        $kind = $this->larder->ingredient('salt');
        $step = $this->moment(StepKind::Season, self::SEASON)->doing(ActKind::Season);

        return $salt->inGrams() < 0.05 ? $step : $step
            ->using([$amount = new Amount($kind->id, $salt, new Measured($kind->density->volumeOf($salt)), When::Season)])
            ->ticking(StepOfAct::helpings([$amount]))
            ->changing(Effect::joining(Sauce::nothing()->with($kind, $salt)));
    }

    /** The base boiled down before anything else goes in, where that is what brings the sauce into its class. */
    private function reducedFirst(): Step
    {
        $correction = $this->derived->correction;
        $down = $correction->downTo ?? $this->derived->taken->volume();

        return Step::of(StepKind::Reduce, $this->boilingDown($correction->time ?? Duration::ofSeconds(0.0), handsOn: true), 'first')
            ->in(Conditions::in(Vessel::Pan, $this->derived->taken->sauce->dairy() > 0.5 ? SimmerLevel::Simmer : SimmerLevel::Brisk))
            ->until(Ends::atLevel($down, $correction?->depth))
            ->doing(ActKind::Reduce);
    }

    /** What sets it right where its base alone does not; nothing where that is enough, and then the test decides. */
    private function corrected(): Step
    {
        $correction = $this->derived->correction;
        if ($correction === null) {
            return Step::of(StepKind::Correct, Pace::moment(), self::MADE);
        }
        $apart = $correction->kind === CorrectionKind::BeurreManie && $this->derived->taken->carries->keepBelow !== null;
        $step = Step::of(
            StepKind::Correct,
            // Flour has to boil for its minutes.
            Pace::of($correction->time, handsOn: true, timed: $correction->kind === CorrectionKind::BeurreManie),
            $apart ? self::APART : $correction->kind->value,
        );
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

    /** @param InThePan|null $before as it stood in the pan; null before the base is in */
    private function act(Worked $worked, ?InThePan $before): Step
    {
        $act = $worked->act;
        $step = StepOfAct::of($worked, $before === null ? When::Apart : When::Finish);
        $after = $worked->after;
        if (in_array($act->kind, [ActKind::Reduce, ActKind::Simmer], true) && $before !== null) {
            $pan = $this->derived->pan;
            $step = $step
                ->at($this->boilingDown($worked->time))
                ->in(Conditions::in($act->vessel, $act->level))
                ->until(
                    Ends::atLevel($after->volume(), $pan->depth($after->volume()), $act->kind === ActKind::Reduce ? $act->share : null),
                );
        }
        if ($act->kind === ActKind::ReduceApart) {
            $step = $step->at($this->boilingDown($worked->time, stirred: false))->until(Ends::byShare($act->share));
        }

        return $before === null ? $step : $step->changing(self::effect($worked, $before));
    }

    private static function effect(Worked $worked, InThePan $before): Effect
    {
        $after = $worked->after;

        return match (true) {
            $worked->act->kind->boils() => Effect::none(),
            $worked->act->kind === ActKind::Strain => $before->sauce->grams() > 0.0
                ? Effect::keeping(min(1.0, $after->sauce->grams() / $before->sauce->grams()))
                : Effect::none(),
            $worked->act->kind->clears() => Effect::joining($before->puree()),
            default => Effect::joining(array_reduce(
                $worked->finishings,
                static fn(Sauce $joins, Finishing $one): Sauce => $joins->plus($one->alone()),
                Sauce::nothing(),
            )),
        };
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
}
