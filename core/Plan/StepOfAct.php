<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dosed;
use Lento\Procedure\Measure;
use Lento\Procedure\Vessel;
use Lento\Procedure\Worked;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;

/** An act of a procedure, worked out, as the step at the stove that it is: one mapping for every sauce. */
final readonly class StepOfAct
{
    /** min between two stirs of what is boiled down, or simmers beside another pot. Source: trade custom. */
    private const STIR_EVERY = 3.0;

    private function __construct(private Worked $worked, private When $when) {}

    /** @param When $when at which part of the work its doses are used */
    public static function of(Worked $worked, When $when): Step
    {
        return (new self($worked, $when))->step();
    }

    public static function kind(Act $act): StepKind
    {
        return match ($act->kind) {
            ActKind::Prepare => StepKind::Prepare,
            ActKind::Melt => StepKind::Melt,
            ActKind::BrownButter => StepKind::BrownButter,
            ActKind::Sweat => StepKind::Sweat,
            ActKind::Brown, ActKind::BrownDeep, ActKind::Render => StepKind::BrownVegetables,
            ActKind::Colour => StepKind::Colour,
            ActKind::Bake => StepKind::Bake,
            ActKind::LetDown, ActKind::Rest => StepKind::LetDown,
            ActKind::Deglaze, ActKind::ReduceApart => StepKind::ReduceApart,
            ActKind::Warm => StepKind::Warm,
            ActKind::Infuse => StepKind::Infuse,
            ActKind::Pour => StepKind::Pour,
            ActKind::Boil => StepKind::Boil,
            ActKind::Simmer => $act->vessel === Vessel::Pan ? StepKind::Simmer : StepKind::CookApart,
            ActKind::Reduce => StepKind::Reduce,
            ActKind::Skim => StepKind::Skim,
            ActKind::TakeOut => StepKind::TakeOut,
            ActKind::Blend, ActKind::RubThrough => StepKind::Blend,
            ActKind::Strain => StepKind::Strain,
            ActKind::Bind, ActKind::MeltIn, ActKind::WhiskIn => StepKind::Enrich,
            ActKind::StirIn => $act->atMost === null ? StepKind::StirIn : StepKind::Enrich,
            ActKind::Season => StepKind::Season,
            ActKind::Hold, ActKind::Cool => StepKind::Keep,
        };
    }

    /**
     * @param list<Dosed> $doses
     *
     * @return list<Amount>
     */
    public static function amounts(array $doses, When $when): array
    {
        return array_map(static function (Dosed $dosed) use ($when): Amount {
            $kind = $dosed->kind;
            $volume = match (true) {
                $dosed->dose->measure === Measure::Millilitres => Volume::ofMillilitres($dosed->amount),
                $kind !== null => $kind->density->volumeOf($dosed->mass),
                default => null,
            };
            $pieces = $dosed->dose->measure === Measure::Pieces ? $dosed->amount : null;

            return new Amount(
                $dosed->dose->ingredient,
                $dosed->mass,
                new Measured($volume, $pieces, $dosed->dose->measure === Measure::Millilitres),
                $when,
                $kind->allergens ?? [],
                $kind->readLabel ?? [],
            );
        }, $doses);
    }

    /**
     * Salt goes in by two helpings: half, taste, then the rest.
     *
     * @param list<Amount> $salt
     *
     * @return list<Addition>
     */
    public static function helpings(array $salt): array
    {
        $helpings = [];
        foreach ($salt as $amount) {
            foreach (['first', 'rest'] as $which) {
                $helpings[] = Addition::of($amount->ingredient . '-' . $which, $amount->times(0.5));
            }
        }

        return $helpings;
    }

    private function step(): Step
    {
        $act = $this->worked->act;
        $kind = self::kind($act);
        $amounts = self::amounts($this->worked->doses, $this->when);
        $bounds = Bounds::between($this->worked->atLeast(), $this->worked->atMost());
        $step = Step::of($kind, $this->pace($kind), $act->words)->doing($act->kind)->using($amounts);

        return $step
            ->in(Conditions::in($act->vessel, bounds: $bounds))
            ->ticking($this->ticks($kind) ? $this->additions($amounts) : [])
            ->until(match (true) {
                $act->to !== null => Ends::atTemperature($act->to),
                $kind === StepKind::ReduceApart && $act->share > 0.0 => Ends::byShare($act->share),
                default => Ends::byItself(),
            });
    }

    private function pace(StepKind $kind): Pace
    {
        $time = $this->worked->time;
        $alone = in_array(
            $kind,
            [StepKind::Infuse, StepKind::CookApart, StepKind::Simmer, StepKind::Reduce, StepKind::ReduceApart, StepKind::Warm],
            true,
        ) && $this->worked->act->kind !== ActKind::Deglaze;
        $timed = $alone || $this->worked->act->kind->fries();
        $stirred = in_array($kind, [StepKind::Simmer, StepKind::Reduce], true) && $time->inMinutes() > self::STIR_EVERY;

        return Pace::of(
            $time,
            handsOn: !$alone,
            timed: $timed,
            tendings: $stirred ? [new Tending(TendingKind::Stir, Duration::ofMinutes(self::STIR_EVERY))] : [],
        )->inBatches($this->worked->in->batches);
    }

    private function ticks(StepKind $kind): bool
    {
        return in_array($kind, [StepKind::StirIn, StepKind::Enrich], true);
    }

    /**
     * @param list<Amount> $amounts
     *
     * @return list<Addition> what goes in off the fire, each with an id of its own; a liaison is one act, and one tap
     */
    private function additions(array $amounts): array
    {
        [$additions, $seen] = [[], []];
        $amounts = $this->worked->act->kind === ActKind::Bind ? array_slice($amounts, 0, 1) : $amounts;
        $tied = array_map(
            static fn(Dosed $dosed): string => $dosed->dose->tied ? $dosed->dose->ingredient : '',
            $this->worked->doses,
        );
        foreach ($amounts as $amount) {
            if (in_array($amount->ingredient, $tied, true)) {
                continue;
            }
            $seen[$amount->ingredient] = $number = ($seen[$amount->ingredient] ?? 0) + 1;
            $additions[] = Addition::of(
                $number === 1 ? $amount->ingredient : $amount->ingredient . '-' . $number,
                $amount,
                $this->bounds($amount->ingredient),
            );
        }

        return $additions;
    }

    private function bounds(string $ingredient): Bounds
    {
        foreach ($this->worked->finishings as $finishing) {
            if ($finishing->what->id === $ingredient) {
                return Bounds::between($finishing->atLeast, Worked::strictest([$this->worked->act->atMost, $finishing->atMost]));
            }
        }

        return Bounds::between(null, $this->worked->act->atMost);
    }
}
