<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\ButterWay;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\Pepper;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\StrainWay;
use Lento\Pour\School;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Measure;
use Lento\Procedure\Procedure;
use Lento\Procedure\Vessel;
use Lento\Roux\Colour;

/** A formula's procedure as a cook has chosen it: each choice swaps, moves or leaves out acts, and never only words. */
final readonly class Chosen
{
    /** °C of milk that is warmed only. Source: trade custom. */
    private const WARM_MILK = 60.0;

    /** °C between which a liaison thickens without curdling, and below which it is kept after. */
    private const LIAISON = [72.0, 82.0];

    /** g of fat for a gram of vegetables that go into a pan of their own. */
    private const FAT_APART = 0.06;

    private function __construct(private Formula $formula, private Method $method) {}

    /** @param Colour $colour of the roux: what cooks in its pan before the flour would burn while it browns */
    public static function procedure(Formula $formula, Method $method, Colour $colour, string $fat, School $school): Procedure
    {
        $chosen = new self($formula, $method);
        $procedure = $chosen->aromatics($formula->procedure);
        $procedure = $chosen->milk($procedure);
        $procedure = $chosen->pepper($procedure);
        $procedure = $chosen->roux($procedure, $colour, $school);
        $procedure = $chosen->cleared($procedure);
        $procedure = $chosen->finished($procedure);
        $procedure = $chosen->salted($procedure);
        $named = $procedure->each(static fn(Act $act): Act => $act->with(array_map(
            static fn(Dose $dose): Dose => $dose->isItsFat() ? $dose->named($fat) : $dose,
            $act->doses,
        )));

        return self::withoutLonelyActs($named->tidied());
    }

    /** Where the aromatics give their taste: asked for by name, even those that the formula leaves out come in. */
    private function aromatics(Procedure $procedure): Procedure
    {
        $way = $this->method->aromatics;
        if ($way === null || $way === $this->formula->method->aromatics && $way !== AromaticsWay::None) {
            return $procedure;
        }
        if ($way === AromaticsWay::None) {
            return $procedure->each(self::withoutAromatics(...));
        }
        [$cut, $tied] = [[], []];
        foreach ($procedure->acts as $act) {
            foreach ($act->doses as $dose) {
                if (self::isAromatic($act, $dose) && !$dose->isItsFat()) {
                    $dose = $dose->optional ? $dose->of($dose->usual) : $dose;
                    $dose->measure === Measure::Pieces ? $tied[] = $dose : $cut[] = $dose;
                }
            }
        }
        $bare = $procedure->each(self::withoutAromatics(...));
        if ($way === AromaticsWay::Infused) {
            $flavours = array_map(
                static fn(Dose $dose): Dose => Dose::counted($dose->ingredient, $dose->measure, $dose->perLitre, Fate::Flavours),
                $cut,
            );

            return $bare->adding(Act::of(ActKind::Infuse, ...$flavours, ...$tied)->until(85.0), 0);
        }
        $asPieces = array_map(
            static fn(Dose $dose): Dose => Dose::counted($dose->ingredient, $dose->measure, $dose->perLitre, Fate::StaysIn),
            $cut,
        );
        if ($way === AromaticsWay::Sachet) {
            return self::inTheSimmer($bare, [...$asPieces, ...$tied]);
        }
        $sweat = Act::of(ActKind::Sweat, ...$asPieces);
        $at = $way === AromaticsWay::Apart ? 0 : ($bare->first(ActKind::Colour, ActKind::Bake) ?? 0);
        $with = $asPieces === []
            ? $bare
            : $bare->adding($way === AromaticsWay::Apart ? self::apart($sweat) : $sweat, $at);

        return self::inTheSimmer($with, $tied);
    }

    private static function isAromatic(Act $act, Dose $dose): bool
    {
        return match (true) {
            $dose->own => false,
            // The fat stays with what a cook fries in it.
            $dose->isItsFat() && array_filter($act->doses, static fn(Dose $one): bool => $one->own && $one->fate === Fate::StaysIn) !== []
                => false,
            $act->kind->fries() => $dose->fate === Fate::StaysIn || $dose->isItsFat(),
            $act->kind === ActKind::Infuse => true,
            $act->kind === ActKind::StirIn => $dose->tied,
            default => false,
        };
    }

    private static function withoutAromatics(Act $act): ?Act
    {
        $left = array_values(array_filter($act->doses, static fn(Dose $dose): bool => !self::isAromatic($act, $dose)));

        return $left === [] && $act->doses !== [] && $act->livesByItsDoses() ? null : $act->with($left);
    }

    /** @param list<Dose> $doses into the simmer in a sachet, and out again */
    private static function inTheSimmer(Procedure $procedure, array $doses): Procedure
    {
        $simmer = $procedure->last(ActKind::Simmer, ActKind::Reduce);
        if ($doses === [] || $simmer === null) {
            return $procedure;
        }
        $after = ($procedure->acts[$simmer + 1] ?? null)?->kind === ActKind::TakeOut
            ? $procedure
            : $procedure->adding(Act::of(ActKind::TakeOut)->saying('sachet'), $simmer + 1);

        return $after->adding(Act::of(ActKind::StirIn, ...$doses)->saying('sachet'), $simmer);
    }

    private function milk(Procedure $procedure): Procedure
    {
        $infuse = $procedure->first(ActKind::Infuse);
        if ($infuse === null) {
            return $procedure;
        }
        if ($this->method->milk === MilkWay::Infused) {
            return $procedure;
        }
        $doses = $procedure->acts[$infuse]->used();
        $bare = $procedure->without($infuse);
        // Milk that goes in as it is leaves its flavourings to the simmer.
        $left = self::inTheSimmer($bare, $doses);

        return $this->method->milk === MilkWay::Cold
            ? $left
            : $left->adding(Act::of(ActKind::Warm)->in(Vessel::SecondPan)->until(self::WARM_MILK), $left->first(ActKind::Pour) ?? 0);
    }

    private function pepper(Procedure $procedure): Procedure
    {
        $pepper = $this->method->pepper;

        return $procedure->each(static function (Act $act) use ($pepper): Act {
            $doses = [];
            foreach ($act->doses as $dose) {
                if (!in_array($dose->ingredient, ['white-pepper', 'black-pepper'], true)) {
                    $doses[] = $dose;
                } elseif ($pepper !== Pepper::None) {
                    $doses[] = $pepper === Pepper::Black ? $dose->named('black-pepper') : $dose;
                }
            }

            return $act->with($doses);
        });
    }

    private function roux(Procedure $procedure, Colour $colour, School $school): Procedure
    {
        $method = $this->method;
        $browned = $method->butter === ButterWay::Browned;
        $inOven = $method->place === RouxPlace::Oven;
        $into = $school === School::RouxIntoBoiling;
        $roux = $procedure->first(ActKind::Colour);
        $acts = [];
        foreach ($procedure->acts as $at => $act) {
            $acts[] = match (true) {
                $act->kind === ActKind::Melt && $browned => Act::of(ActKind::BrownButter)->in($act->vessel),
                $act->kind === ActKind::Colour && $inOven => Act::of(ActKind::Bake)->saying($act->words),
                $act->kind === ActKind::Pour && $into => $act->saying('pieces'),
                // Only a roux that stays pale leaves what cooks under it unburnt.
                $colour !== Colour::White && $act->kind->fries() && $act->vessel === Vessel::Pan && $at < $roux => self::apart($act),
                $colour !== Colour::White && $act->kind === ActKind::Deglaze && $act->vessel === Vessel::Pan && $at < $roux
                    => $act->in(Vessel::SecondPan),
                default => $act,
            };
        }
        $apart = array_values(array_filter($acts, static fn(Act $act): bool => $act->vessel === Vessel::SecondPan && $act->kind->fries()));
        $moved = Procedure::of(...self::secondPanFirst($acts, $roux));
        $joins = array_filter($moved->acts, static fn(Act $act): bool => $act->kind === ActKind::StirIn
            && in_array($act->words, ['vegetables', 'spiced-onion'], true));
        $simmer = $moved->last(ActKind::Simmer, ActKind::Reduce);

        return $apart === [] || $joins !== [] || $simmer === null
            ? $moved
            : $moved->adding(Act::of(ActKind::StirIn)->saying('vegetables'), $simmer);
    }

    /**
     * What has a pan of its own is done before the roux is begun.
     *
     * @param list<Act> $acts
     *
     * @return list<Act>
     */
    private static function secondPanFirst(array $acts, ?int $roux): array
    {
        $isApart = static fn(Act $act, int $at): bool => $roux !== null
            && $at < $roux
            && in_array($act->vessel, [Vessel::SecondPan, Vessel::StockPot, Vessel::Bench], true);
        $first = array_filter($acts, $isApart, ARRAY_FILTER_USE_BOTH);
        $then = array_filter($acts, static fn(Act $act, int $at): bool => !$isApart($act, $at), ARRAY_FILTER_USE_BOTH);

        return [...array_values($first), ...array_values($then)];
    }

    private static function apart(Act $act): Act
    {
        $grams = array_sum(array_map(
            static fn(Dose $dose): float => $dose->measure === Measure::Grams && $dose->fate === Fate::StaysIn ? $dose->perLitre : 0.0,
            $act->used(),
        ));
        $hasFat = array_filter($act->doses, static fn(Dose $dose): bool => $dose->isItsFat()) !== [];

        return $act->in(Vessel::SecondPan)->with(
            $hasFat || $grams <= 0.0 ? $act->doses : [...$act->doses, Dose::grams(Dose::ITS_FAT, self::FAT_APART * $grams)],
        );
    }

    private function cleared(Procedure $procedure): Procedure
    {
        $at = $procedure->last(ActKind::Strain, ActKind::RubThrough, ActKind::Blend);
        $own = $at === null ? null : $procedure->acts[$at];
        $isMain = $own !== null && $own->vessel === Vessel::Pan;

        return match ($this->method->strain) {
            StrainWay::Strained => $isMain ? $procedure : $procedure->adding(Act::of(ActKind::Strain), $this->beforeLast($procedure)),
            StrainWay::LeftIn => $isMain ? $procedure->without($at) : $procedure,
            StrainWay::Blended => $isMain
                ? $procedure->replacing($at, Act::of(ActKind::Blend))
                : $procedure->adding(Act::of(ActKind::Blend), $this->beforeLast($procedure)),
            default => $procedure,
        };
    }

    /** @return int where the sauce has simmered and its sachet is out, before anything that finishes it */
    private function beforeLast(Procedure $procedure): int
    {
        $at = ($procedure->last(ActKind::Simmer, ActKind::Reduce) ?? count($procedure->acts) - 1) + 1;
        while (in_array(($procedure->acts[$at] ?? null)?->kind, [ActKind::TakeOut, ActKind::Season], true)) {
            $at++;
        }

        return $at;
    }

    /** What goes in last beyond the formula's own; g and ml per litre by custom of the trade. */
    private function finished(Procedure $procedure): Procedure
    {
        $own = array_map(static fn(Dose $dose): string => $dose->ingredient, $procedure->doses());
        $act = match ($this->method->finish) {
            FinishWay::BySauce => null,
            FinishWay::Butter => Act::of(ActKind::WhiskIn, Dose::grams('butter', 40.0)),
            FinishWay::Cream => Act::of(ActKind::StirIn, Dose::millilitres('double-cream', 100.0))->for(2.0)->saying('simmer-again'),
            FinishWay::Liaison => Act::of(ActKind::Bind, Dose::pieces('egg-yolk', 2.0), Dose::millilitres('double-cream', 80.0))
                ->between(...self::LIAISON),
        };
        $more = $act === null
            ? []
            : array_values(array_filter($act->doses, static fn(Dose $dose): bool => !in_array($dose->ingredient, $own, true)));

        return $act === null || $more === [] ? $procedure : $procedure->adding($act->with($more), self::beforeLimits($procedure));
    }

    /** @return int before the first thing that goes in with a limit: yolk is bound hotter than butter or soured cream is stirred in */
    private static function beforeLimits(Procedure $procedure): int
    {
        foreach ($procedure->acts as $at => $act) {
            if ($act->atMost !== null || $act->kind->finishes()) {
                return $at;
            }
        }

        return count($procedure->acts);
    }

    private function salted(Procedure $procedure): Procedure
    {
        $season = $procedure->first(ActKind::Season);
        $boil = $procedure->first(ActKind::Boil);
        if ($this->method->salt !== SaltTime::InTheMiddle || $season === null || $boil === null || $season < $boil) {
            return $procedure;
        }

        return $procedure->moving($season, $boil + 1);
    }

    /** A pan that is deglazed had something in it; what is taken out was put in; vegetables that join were cooked. */
    private static function withoutLonelyActs(Procedure $procedure): Procedure
    {
        $fries = array_filter($procedure->acts, static fn(Act $act): bool => $act->kind->fries()) !== [];
        $tiedLater = array_filter(
            $procedure->acts,
            static fn(Act $act): bool => $act->kind === ActKind::StirIn && array_filter(
                $act->used(),
                static fn(Dose $dose): bool => $dose->tied || $act->words === 'sachet' && $dose->fate !== Fate::Joins,
            ) !== [],
        ) !== [];

        return $procedure->each(static fn(Act $act): ?Act => match (true) {
            $act->kind === ActKind::TakeOut && $act->words === 'sachet' && !$tiedLater => null,
            $act->kind === ActKind::StirIn && $act->doses === [] && $act->words === 'vegetables' && !$fries => null,
            $act->kind === ActKind::Deglaze && $act->doses === [] && $act->vessel === Vessel::SecondPan && !$fries => null,
            default => $act,
        });
    }
}
