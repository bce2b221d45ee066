<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Finish\Finishing;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/**
 * The one way in which an act changes what is in a pan, for bases, derivatives and a kitchen's own sauces alike.
 *
 * The roux, the pours and the main simmer of a base are the Composer's to solve: here they change nothing.
 */
final readonly class Working
{
    /**
     * Spirit left of wine = (volume left) to this power. Over thin wine the steam is some nine times as strong as what it leaves, but some
     * of it runs back down the pan: four is a cautious estimate, ±50 %.
     */
    private const SPIRIT_LEAVES = 4.0;

    /** Times its own room that tomato paste has to fry in: the pan of the vegetables that it joins. */
    private const AMONG = 5.0;

    public function __construct(private Place $place) {}

    /**
     * @param Volume $of what the doses are reckoned by
     */
    public function apply(Act $act, InThePan $before, Volume $of): Worked
    {
        $doses = Dosed::all($act, $of, $this->place->larder);

        return match (true) {
            $act->kind->fries() => $this->fried($act, $before, $doses),
            $act->kind === ActKind::ReduceApart, $act->kind === ActKind::Deglaze => $this->reducedApart($act, $before, $doses),
            $act->kind === ActKind::Reduce => $this->reduced($act, $before),
            $act->kind === ActKind::Simmer && $act->vessel === Vessel::Pan => $this->simmered($act, $before),
            $act->kind === ActKind::Strain => $this->cleared($act, $before->strained()),
            $act->kind === ActKind::Blend, $act->kind === ActKind::RubThrough => $this->cleared($act, $before->pureed()),
            default => $this->stirredIn($act, $before, $doses),
        };
    }

    /** @param list<Dosed> $doses */
    private function fried(Act $act, InThePan $pan, array $doses): Worked
    {
        [$fried, $room] = [[], 0.0];
        foreach ($doses as $dosed) {
            $pan = $this->with($pan, $dosed, CookingTime::drivenOff($act->kind, $dosed->dose->ingredient));
            if ($dosed->isFried() && $dosed->kind !== null) {
                $fried[] = [$dosed->dose->ingredient, $dosed->kind, $dosed->mass];
                $room += $dosed->kind->density->volumeOf($dosed->mass)->inMillilitres() * ($dosed->isVegetable() ? 1.0 : self::AMONG);
            }
        }
        $volume = Volume::ofMillilitres($room);
        $in = $act->vessel === Vessel::Pan ? $this->place->pan : ($this->place->secondPan)($volume);
        $cooked = CookingTime::frying($act, $fried, $volume, $in, $this->place->ring);

        return new Worked($act, $doses, $pan, $cooked->time, [], DoneIn::batches($in, $cooked->batches));
    }

    /** @param list<Dosed> $doses */
    private function reducedApart(Act $act, InThePan $pan, array $doses): Worked
    {
        [$liquid, $beside] = [Sauce::nothing(), []];
        foreach ($doses as $dosed) {
            if ($dosed->dose->fate === Fate::Joins && $dosed->kind instanceof Ingredient) {
                $liquid = $liquid->with($dosed->kind, $dosed->mass);
            } else {
                $beside[] = $dosed;
            }
        }
        $in = $act->vessel === Vessel::Pan
            ? $this->place->pan
            : ($this->place->secondPan)(Volume::ofMillilitres(2.0 * $liquid->millilitres()));
        $reduced = self::distilled($liquid, $act->share);
        foreach ($beside as $dosed) {
            $pan = $this->with($pan, $dosed, CookingTime::drivenOff(ActKind::Sweat));
        }
        $time = $liquid->grams() > 0.0
            ? CookingTime::boilingDown($act, $liquid->mass(), $act->share, $in, $this->place->ring)->time
            : $act->least;

        return new Worked(
            $act,
            $doses,
            $pan->joinedBy($reduced, $liquid->grams(), $liquid->grams() - $reduced->grams()),
            $time,
            [],
            DoneIn::once($in),
        );
    }

    /** Wine that is boiled down by itself gives up its spirit by how much is gone, not by the clock. */
    private static function distilled(Sauce $before, float $share): Sauce
    {
        $left = 1.0 - $share;
        $alcohol = $before->alcoholGrams * $left ** self::SPIRIT_LEAVES;
        $gone = $share * $before->grams() - ($before->alcoholGrams - $alcohol);

        return $before->cooked(max(0.0, $before->waterGrams - max(0.0, $gone)), $alcohol, $before->yolkSet, $before->starch);
    }

    private function reduced(Act $act, InThePan $pan): Worked
    {
        if ($pan->sauce->grams() <= 0.0) {
            return new Worked($act, [], $pan, $act->least, [], DoneIn::once($this->place->pan));
        }
        [$sauce, $time] = ($this->place->simmers)($act->level)->downTo(
            $pan->sauce,
            Volume::ofMillilitres((1.0 - $act->share) * $pan->sauce->millilitres()),
        );

        return new Worked($act, [], $pan->boiledTo($sauce), $time, [], DoneIn::once($this->place->pan));
    }

    private function simmered(Act $act, InThePan $pan): Worked
    {
        $sauce = ($this->place->simmers)($act->level)->for($pan->sauce, $act->least);

        return new Worked($act, [], $pan->boiledTo($sauce), $act->least, [], DoneIn::once($this->place->pan));
    }

    private function cleared(Act $act, InThePan $after): Worked
    {
        return new Worked($act, [], $after, HandTime::clearing($act, $after->volume()), [], DoneIn::once($this->place->pan));
    }

    /** @param list<Dosed> $doses */
    private function stirredIn(Act $act, InThePan $pan, array $doses): Worked
    {
        $finishings = [];
        // What boils with the sauce has no limit of its own left, and fat melts into it.
        $boilsIn = Where::tryFrom($act->words)?->boilsAfter() ?? false;
        foreach ($doses as $dosed) {
            if ($boilsIn || $dosed->dose->fate !== Fate::Joins || $dosed->kind === null) {
                $pan = $this->with($pan, $dosed, 0.0);
                continue;
            }
            $usual = Finishing::usualTemperature($dosed->kind);
            $law = Finishing::of($pan->sauce, $dosed->kind, $dosed->mass, $usual)->atMost;
            // A cook who is told a limit keeps to it.
            $at = Worked::strictest([$usual, $act->atMost, $law]) ?? $usual;
            $finishings[] = $finishing = Finishing::of($pan->sauce, $dosed->kind, $dosed->mass, $at);
            $pan = $pan->finished($finishing->sauce);
        }
        $time = HandTime::joining($act, $doses, $this->place->pan, $this->place->ring);

        return new Worked($act, $doses, $pan, $time, $finishings, DoneIn::once($this->place->pan));
    }

    private function with(InThePan $pan, Dosed $dosed, float $drivenOff): InThePan
    {
        $kind = $dosed->kind;

        return $kind === null ? $pan : $pan->with($kind, $dosed->mass, $dosed->dose->fate, $kind instanceof Fat ? 0.0 : $drivenOff);
    }
}
