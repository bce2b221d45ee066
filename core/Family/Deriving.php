<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Treatment;
use Lento\Exception\NotReachable;
use Lento\Finish\Finishing;
use Lento\Larder\Ingredient;
use Lento\Plan\Effect;
use Lento\Pot\Pan;
use Lento\Pot\Straining;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/** A derivative cooked on paper, act by act: what is in its pan after each, how long it took, where the dip-stick reads. */
final readonly class Deriving
{
    /** min to ladle the base into its pan, by custom of the trade. */
    public const LADLE = 2.0;

    /** Rounds end when the volume is right to this share. */
    private const SETTLED = 1e-4;

    private const MOST_ROUNDS = 30;

    private const PAN_IS_CHOSEN = 4;

    /**
     * Spirit left of wine = (volume left) to this power. Over thin wine the steam is some nine times as strong as what it leaves, but some
     * of it runs back down the pan: four is a cautious estimate, ±50 %.
     */
    private const SPIRIT_LEAVES = 4.0;

    private function __construct(private Stem $stem, private Pan $pan, private Workplace $workplace) {}

    /**
     * @param Stem $taken all that is ladled into its pan
     * @param bool $corrects whether it is set right where its base alone does not bring it into its class
     * @param Pan|null $pan the smallest of the kitchen's that holds it if null
     *
     * @throws NotReachable if a reduction never gets there
     */
    public static function of(Derivative $derivative, Stem $taken, Workplace $workplace, bool $corrects = true, ?Pan $pan = null): Derived
    {
        $deriving = new self(
            $taken,
            $pan ?? $workplace->pans->for(self::mostInThePan($derivative, $taken->volume(), $workplace)),
            $workplace,
        );
        [$now, $done, $stands] = [InThePan::empty(), [], null];
        foreach ($derivative->acts as $act) {
            $now = $act->kind->isBefore() ? $now : $now->ladledInto($taken);
            $stands ??= $act->kind->isBefore() ? null : $now->sauce;
            [$now, $done[]] = $deriving->after($act, $now);
        }
        $now = $now->ladledInto($taken);

        return $deriving->served($derivative, $stands ?? $now->sauce, $now, $done, $corrects);
    }

    /**
     * From as much of the parent as gives the volume wanted.
     *
     * @param Stem $stem any amount of the parent
     * @param float|null $litres of the parent, a guess
     *
     * @throws NotReachable if no amount does
     */
    public static function yielding(
        Derivative $derivative,
        Stem $stem,
        Volume $wanted,
        Workplace $workplace,
        ?float $litres = null,
    ): Derived {
        $litres ??= $wanted->inLitres();
        $pan = null;
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $derived = self::of($derivative, $stem->taken(Volume::ofLitres($litres)), $workplace, pan: $pan);
            // Between two pans a litre more or less of the base comes to different volumes: one of them is kept to.
            $pan = $round < self::PAN_IS_CHOSEN ? null : $derived->pan;
            $share = $wanted->cubicMetres / $derived->volume()->cubicMetres;
            if (abs($share - 1.0) <= self::SETTLED) {
                return $derived;
            }
            $litres *= $share;
        }

        throw NotReachable::target('much-of-the-sauce');
    }

    private static function mostInThePan(Derivative $derivative, Volume $taken, Workplace $workplace): Volume
    {
        $millilitres = $taken->inMillilitres();
        foreach ($derivative->doses() as $dose) {
            $millilitres += $dose->mass($taken, $workplace->larder)->inGrams();
        }

        return Volume::ofMillilitres($millilitres);
    }

    /** @return array{InThePan, DoneAct} */
    private function after(Act $act, InThePan $before): array
    {
        $doses = [];
        foreach ($act->doses as $dose) {
            $mass = $dose->mass($this->stem->volume(), $this->workplace->larder);
            $doses = $mass->kilograms > 0.0 ? [...$doses, [$dose, $mass]] : $doses;
        }
        [$after, $time, $finishings] = match ($act->kind) {
            ActKind::Sweat => [$this->withAll($before, $doses, Treatment::Sweated), $act->time, []],
            ActKind::Brown => [$this->withAll($before, $doses, Treatment::Browned), $act->time, []],
            ActKind::StirIn => [$this->withAll($before, $doses, null), $act->time, []],
            ActKind::ReduceApart => [...$this->reducedApart($act, $before, $doses), []],
            ActKind::Reduce => [...$this->reduced($act, $before), []],
            ActKind::Simmer => [
                $before->boiledTo($this->workplace->simmer($this->pan, $act->level)->for($before->sauce, $act->time)),
                $act->time,
                [],
            ],
            ActKind::Strain => [$before->strained(), $act->time, []],
            ActKind::OffTheBoil, ActKind::AtTheEnd => $this->finished($act, $before, $doses),
        };

        return [
            $after,
            new DoneAct(
                $act,
                $doses,
                $time,
                new StandsAt($after->volume(), $this->pan->depth($after->volume())),
                $finishings,
                $this->effect($act, $before, $after, $doses, $finishings),
            ),
        ];
    }

    /**
     * @param list<array{Dose, Mass}> $doses
     * @param list<Finishing> $finishings
     */
    private function effect(Act $act, InThePan $before, InThePan $after, array $doses, array $finishings): Effect
    {
        return match ($act->kind) {
            ActKind::StirIn => Effect::joining($this->withAll(InThePan::empty(), $doses, null)->sauce),
            ActKind::Strain => $before->sauce->grams() > 0.0
                ? Effect::keeping(min(1.0, $after->sauce->grams() / $before->sauce->grams()))
                : Effect::none(),
            ActKind::OffTheBoil, ActKind::AtTheEnd => Effect::joining($this->joining($doses, $finishings)),
            default => Effect::none(),
        };
    }

    /**
     * @param list<array{Dose, Mass}> $doses
     * @param list<Finishing> $finishings
     *
     * @return Sauce what goes into the sauce itself; pieces stay by themselves
     */
    private function joining(array $doses, array $finishings): Sauce
    {
        $joins = Sauce::nothing();
        foreach ($finishings as $finishing) {
            $joins = $joins->plus($finishing->alone());
        }
        $others = array_values(array_filter($doses, static fn(array $dose): bool => $dose[0]->fate !== Fate::Joins));

        return $joins->plus($this->withAll(InThePan::empty(), $others, null)->sauce);
    }

    /** @param list<array{Dose, Mass}> $doses */
    private function withAll(InThePan $pan, array $doses, ?Treatment $cooked): InThePan
    {
        foreach ($doses as [$dose, $mass]) {
            $kind = $dose->kind($this->workplace->larder);
            $pan = $kind === null ? $pan : $pan->with($kind, $mass, $dose->fate, $cooked);
        }

        return $pan;
    }

    /**
     * @param list<array{Dose, Mass}> $doses
     *
     * @return array{InThePan, Duration}
     */
    private function reducedApart(Act $act, InThePan $pan, array $doses): array
    {
        [$liquid, $beside] = [Sauce::nothing(), []];
        foreach ($doses as [$dose, $mass]) {
            $kind = $dose->kind($this->workplace->larder);
            if ($dose->fate === Fate::Joins && $kind instanceof Ingredient) {
                $liquid = $liquid->with($kind, $mass);
            } else {
                $beside[] = [$dose, $mass];
            }
        }
        [$reduced, $time] = $this->boiledDown($liquid, $act);
        $reduced = self::distilled($liquid, $reduced, 1.0 - $act->share);

        return [
            $this->withAll($pan, $beside, Treatment::Sweated)->joinedBy($reduced, $liquid->grams(), $liquid->grams() - $reduced->grams()),
            $time,
        ];
    }

    /** Wine that is boiled down by itself gives up its spirit by how much is gone, not by the clock; its water stays in its place. */
    private static function distilled(Sauce $before, Sauce $after, float $left): Sauce
    {
        $alcohol = min($after->alcoholGrams, $before->alcoholGrams * $left ** self::SPIRIT_LEAVES);

        return $after->cooked($after->waterGrams + $after->alcoholGrams - $alcohol, $alcohol, $after->yolkSet, $after->starch);
    }

    /** @return array{InThePan, Duration} */
    private function reduced(Act $act, InThePan $pan): array
    {
        [$sauce, $time] = $this->boiledDown($pan->sauce, $act);

        return [$pan->boiledTo($sauce), $time];
    }

    /** @return array{Sauce, Duration} */
    private function boiledDown(Sauce $sauce, Act $act): array
    {
        if ($sauce->grams() <= 0.0) {
            return [$sauce, $act->time];
        }

        return $this->workplace
            ->simmer($this->pan, $act->level)
            ->downTo($sauce, Volume::ofMillilitres((1.0 - $act->share) * $sauce->millilitres()));
    }

    /**
     * @param list<array{Dose, Mass}> $doses
     *
     * @return array{InThePan, Duration, list<Finishing>}
     */
    private function finished(Act $act, InThePan $pan, array $doses): array
    {
        $finishings = [];
        foreach ($doses as [$dose, $mass]) {
            $kind = $dose->kind($this->workplace->larder);
            if ($dose->fate !== Fate::Joins || $kind === null) {
                $pan = $kind === null ? $pan : $pan->with($kind, $mass, $dose->fate);
                continue;
            }
            $usual = Finishing::usualTemperature($kind);
            $law = Finishing::of($pan->sauce, $kind, $mass, $usual)->atMost;
            // A cook who is told a limit keeps to it.
            $finishings[] = $finishing = Finishing::of(
                $pan->sauce,
                $kind,
                $mass,
                DoneAct::strictest([$usual, $act->atMost, $law]) ?? $usual,
            );
            $pan = $pan->finished($finishing->sauce);
        }

        return [$pan, $act->time, $finishings];
    }

    /** @param list<DoneAct> $done */
    private function served(Derivative $derivative, Sauce $stands, InThePan $finished, array $done, bool $corrects): Derived
    {
        $pan = $finished->strained();
        $correction = $corrects ? Correction::to($derivative->class, $pan->sauce, $this->stem, $this->pan, $this->workplace) : null;
        $corrected = $correction->sauce ?? $pan->sauce;
        // Served as it is, it never leaves the pot that its base was made in.
        $cling = $derivative->acts === [] ? 0.0 : Straining::CLING;
        $whole = $corrected->grams() + $pan->pieces->grams();
        $held = $finished->sauce->grams() > 0.0 ? $pan->sauce->grams() / $finished->sauce->grams() : 1.0;
        $books = new MassBooks(
            Mass::ofGrams($this->stem->sauce->grams() + $this->stem->pieces->grams()),
            Mass::ofGrams($pan->added + max(0.0, $corrected->grams() - $pan->sauce->grams())),
            Mass::ofGrams($pan->steam + max(0.0, $pan->sauce->grams() - $corrected->grams())),
            Mass::ofGrams($pan->strained),
            Mass::ofGrams($cling * $whole),
            Mass::ofGrams((1.0 - $cling) * $whole),
        );

        return new Derived(
            $derivative,
            $this->stem,
            new Work($this->pan, $done, $correction),
            new Yielded(
                $stands,
                min(1.0, $held * (1.0 - $cling)),
                $pan->sauce,
                $corrected->times(1.0 - $cling),
                $pan->pieces->times(1.0 - $cling),
            ),
            $books,
            $this->workplace->larder,
        );
    }
}
