<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\NotReachable;
use Lento\Finish\Curdling;
use Lento\Finish\Finishing;
use Lento\Heat\Metal;
use Lento\Pot\Lifting;
use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Pot\Scorch;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Procedure\Worked;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Risk\Risk;
use Lento\Roux\BaseFilm;
use Lento\Roux\Colour;
use Lento\Roux\OvenRoux;
use Lento\Roux\Roux;
use Lento\Roux\Texture;
use Lento\Thickness\Doneness;
use Lento\Thickness\Sauce;

/** Looks a drafted pot over for what will go wrong. */
final readonly class Warnings
{
    /** Share of the brim to which a pan that is given is filled. */
    private const FILL_WITHIN = 1e-5;


    /** g of floating fat per litre beyond what a usual skimming of a brown sauce takes off. */
    private const RING_PER_LITRE = 5.0;

    /** mm at the end, under which a sauce is hard to keep from catching. */
    private const SHALLOW_MILLIMETRES = 20.0;

    /** g of brown roux from which the trade bakes it. */
    private const DEEP_GRAMS = 500.0;

    /** % of salt that a cook tastes. */
    private const TASTED = 0.05;

    /** Share of the starch that acid may take before it is worth a word. */
    private const WORN = 0.005;

    /** Of whole milk's solids. */
    private const MILKY = 0.5;

    /** Nobody stirs all the time, and nobody never. */
    public const STIRRING = 0.5;

    /** % salt that most guests find too much in a sauce. */
    private const SALT_HIGH = 1.0;

    /** Shade from which whole butter is known to smoke before it is brown enough. */
    private const SMOKES_BEFORE = 1.5;

    /** @return float share of the brim that this way of working leaves safe */
    public static function fullAt(School $school): float
    {
        return $school === School::RouxIntoBoiling ? Pan::FULL_WHEN_FOAMING : Pan::FULL;
    }

    /**
     * @param list<Worked> $finished the acts that finish it
     *
     * @return list<Warning>
     */
    public static function for(Question $question, Roux $roux, Draft $draft, Sauce $served, array $finished): array
    {
        $finishes = array_merge(...array_map(static fn(Worked $worked): array => $worked->finishings, $finished));
        $stirring = $question->method->stirring->share();
        $simmer = $question->simmer();

        return array_values(array_filter([
            self::pan($question, $draft),
            self::shallow($question->pan, $draft->end),
            self::heavy($question->pan, $draft->end),
            ...($question->base->hasRoux() ? [
                $draft->roux->forecast === null ? new Warning(WarningCode::ColourNotReached) : null,
                self::smoke($question, $roux, $draft),
                $question->brownsInButter() && $question->given->kind !== GivenKind::ReadyRoux
                    ? new Warning(WarningCode::BrownInButter)
                    : null,
                self::deep($question, $roux),
                self::ratio($roux->fat->inGrams(), $roux->flour->inGrams()),
            ] : []),
            self::fat($served),
            self::raw($draft->end, $simmer),
            self::pastTarget($served, $question->formula->salt) ?? self::salt($served),
            self::scorches($draft->end, $simmer, $question->simmerLevel, $stirring, $question->pan->base),
            self::acid($draft),
            self::curdles($draft->end, $finishes, $simmer),
            ...array_map(self::limit(...), $finished),
        ]));
    }

    /** @return list<Warning|null> what a finished sauce and its roux show, whoever wrote the recipe */
    public static function ofSauce(Mass $fat, Mass $flour, Sauce $end, Simmer $simmer, SimmerLevel $level): array
    {
        return [
            self::ratio($fat->inGrams(), $flour->inGrams()),
            self::fat($end),
            self::raw($end, $simmer, Doneness::FAINT),
            self::salt($end),
            self::scorches($end, $simmer, $level, self::STIRRING, PanBase::Medium),
        ];
    }

    /**
     * @param list<Finishing> $finishes
     *
     * @return Warning|null for whatever of the simmer and the finishes is the worst
     */
    public static function curdles(Sauce $simmered, array $finishes, Simmer $simmer): ?Warning
    {
        $ranks = [
            Curdling::risk($simmered, Temperature::ofCelsius($simmer->celsius())),
            ...array_map(static fn(Finishing $finishing): float => $finishing->curdlingRank, $finishes),
        ];
        $pH = $finishes === [] ? $simmered->pH() : $finishes[count($finishes) - 1]->sauce->pH();

        return Risk::of(max($ranks)) === Risk::Low ? null : new Warning(WarningCode::MayCurdle, ['ph' => $pH]);
    }

    /** @param float $limit share of the brim */
    public static function ofFill(Pan $pan, Volume $start, float $limit, ?Volume $fits = null): ?Warning
    {
        $fill = $pan->fill($start);
        if ($fill <= $limit + self::FILL_WITHIN) {
            return null;
        }
        $numbers = ['fill_percent' => 100.0 * $fill, 'limit_percent' => 100.0 * $limit];
        $numbers += $fits === null ? [] : ['fits_l' => $fits->inLitres()];

        return new Warning($fill > 1.0 ? WarningCode::PanOverflows : WarningCode::PanTooFull, $numbers);
    }

    private static function pan(Question $question, Draft $draft): ?Warning
    {
        $limit = self::fullAt($question->school);
        // Evaporation is by surface, so it stays; the rest of the pot shrinks with the yield.
        $start = $draft->start->millilitres();
        $steam = $start - $draft->end->millilitres();
        $room = $limit * $question->pan->brim()->inMillilitres() - $steam;
        $fits = max(0.0, $question->yield->inLitres() * $room / ($start - $steam));

        return self::ofFill($question->pan, $draft->start->volume(), $limit, Volume::ofLitres($fits));
    }

    private static function shallow(Pan $pan, Sauce $end): ?Warning
    {
        $depth = $pan->depth($end->volume())->inMillimetres();

        return $depth < self::SHALLOW_MILLIMETRES ? new Warning(WarningCode::PanShallow, ['depth_mm' => $depth]) : null;
    }

    /** So much brown roux is uneven on a hob: the oven browns it alike all through, unwatched. */
    private static function deep(Question $question, Roux $roux): ?Warning
    {
        $grams = $roux->mass()->inGrams();
        $ready = $question->given->kind === GivenKind::ReadyRoux;
        if (
            $ready
            || $question->inOven()
            || $grams <= self::DEEP_GRAMS
            || in_array($question->colour, [Colour::White, Colour::Blond], true)
        ) {
            return null;
        }
        try {
            $baked = OvenRoux::inPan(
                $roux,
                $question->pan->diameter,
                $question->pan->mass(),
                $question->oven,
                Metal::Steel,
                $question->kitchen->browning->value,
            )->takeOutFor($question->shade(), Temperature::ofCelsius($question->school->rouxCelsius()));
        } catch (NotReachable) {
            return new Warning(WarningCode::RouxDeep, ['roux_g' => $grams]);
        }

        return new Warning(WarningCode::RouxDeep, [
            'roux_g' => $grams,
            'oven_c' => $question->oven->inCelsius(),
            'oven_minutes' => $baked->time->inMinutes(),
        ]);
    }

    private static function pastTarget(Sauce $served, float $target): ?Warning
    {
        $past = $target > 0.0 && $served->saltPercent() > 100.0 * $target + self::TASTED;

        return $past
            ? new Warning(WarningCode::SaltPastTarget, ['salt_percent' => $served->saltPercent(), 'target_percent' => 100.0 * $target])
            : null;
    }

    /** What pan and sauce weigh together, where that is more than one cook lifts. */
    private static function heavy(Pan $pan, Sauce $sauce): ?Warning
    {
        $kilograms = $pan->mass()->inKilograms() + $sauce->mass()->inKilograms();

        return match (true) {
            $kilograms > Lifting::NEVER => new Warning(WarningCode::NeverLifted, ['kilograms' => $kilograms]),
            $kilograms > Lifting::ALONE => new Warning(WarningCode::TwoLift, ['kilograms' => $kilograms]),
            default => null,
        };
    }

    private static function acid(Draft $draft): ?Warning
    {
        $left = $draft->end->starch->acidLeft;

        return $draft->flourGrams > 0.0 && 1.0 - $left > self::WORN
            ? new Warning(WarningCode::AcidThins, [
                'ph' => $draft->end->pH(),
                'lost_percent' => 100.0 * (1.0 - $left),
                'flour_g' => $draft->flourGrams * (1.0 - $left),
            ])
            : null;
    }

    /** What an act is told to stay under is told here alike. */
    private static function limit(Worked $worked): ?Warning
    {
        $most = $worked->atMost();

        return $most === null || $worked->finishings === []
            ? null
            : new Warning(
                WarningCode::FinishLimit,
                ['at_most_c' => $most->inCelsius()],
                ['ingredient' => $worked->finishings[0]->what->id],
            );
    }

    private static function ratio(float $fat, float $flour): ?Warning
    {
        return match (Texture::of($fat / $flour)) {
            Texture::Dry => new Warning(WarningCode::RouxDry, ['fat_to_flour' => $fat / $flour, 'fat_for_equal_g' => $flour - $fat]),
            Texture::Separates => new Warning(WarningCode::RouxSeparates, ['fat_to_flour' => $fat / $flour]),
            default => null,
        };
    }

    private static function fat(Sauce $end): ?Warning
    {
        $grams = $end->freeFat()->inGrams();

        return $grams > self::RING_PER_LITRE * $end->volume()->inLitres() ? new Warning(WarningCode::FatFloats, ['fat_g' => $grams]) : null;
    }

    private static function smoke(Question $question, Roux $roux, Draft $draft): ?Warning
    {
        $hot = $draft->roux->forecast?->temperature;

        return $hot !== null
            && $draft->roux->shade->value > self::SMOKES_BEFORE
            && BaseFilm::under($hot, $question->heat)->temperature->kelvin > $roux->fatKind->smokes->kelvin
            ? new Warning(WarningCode::FatSmokes, ['smokes_c' => $roux->fatKind->smokes->inCelsius(), 'roux_c' => $hot->inCelsius()])
            : null;
    }

    /** @param float $from of a sheet of our own, from where it is tasted at all; of a recipe that people eat, from where it is plain */
    private static function raw(Sauce $end, Simmer $simmer, float $from = Doneness::COOKED_OUT): ?Warning
    {
        $raw = $end->starch->tastesRaw();

        return $raw > $from
            ? new Warning(WarningCode::RawFlour, [
                'raw' => $raw,
                'minutes_more' => $simmer->minutesUntilCookedOut($end, Doneness::COOKED_OUT)->inMinutes(),
            ])
            : null;
    }

    /** Milk catches sooner than stock does. */
    private static function scorches(Sauce $end, Simmer $simmer, SimmerLevel $level, float $stirring, PanBase $base): ?Warning
    {
        $scorch = Scorch::of($end, Temperature::ofCelsius($simmer->celsius()), $level->heatFlux(), $stirring, $base);
        $wall = ['wall_c' => $scorch->wall->inCelsius()];

        return match (true) {
            in_array($scorch->risk(), [Risk::High, Risk::VeryHigh], true) => new Warning(WarningCode::Scorches, $wall, [
                'level' => $level->value,
            ]),
            $scorch->risk() === Risk::Some && $end->dairy() >= self::MILKY => new Warning(WarningCode::MilkCatches, $wall, [
                'level' => $level->value,
            ]),
            default => null,
        };
    }

    private static function salt(Sauce $end): ?Warning
    {
        return $end->saltPercent() > self::SALT_HIGH ? new Warning(WarningCode::SaltHigh, ['salt_percent' => $end->saltPercent()]) : null;
    }
}
