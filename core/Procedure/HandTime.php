<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Heat\HobHeat;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Pot\Pan;
use Lento\Pot\Straining;
use Lento\Quantity\Duration;
use Lento\Quantity\Power;
use Lento\Quantity\Volume;

/**
 * Minutes of work by hand: by custom for a small pot, and longer the more there is to carry, whisk, melt, or push through a sieve.
 *
 * The minutes a litre and a kilogram are estimates of the house, ±50 %, next to the laws of pours and of straining. Source:
 * docs/sauces.md, laws of scale.
 */
final readonly class HandTime
{
    /** min a litre of sauce to weigh and carry what it is made of. */
    private const SET_OUT_A_LITRE = 0.1;

    /** min a litre of sauce for the foam on a wider pan. */
    private const SKIM_A_LITRE = 0.1;

    /** min, and min a litre, to ladle or jug a base over; by custom no less. */
    private const LADLE = 1.0;

    private const LADLE_A_LITRE = 0.2;

    private const LEAST_LADLE = 2.0;

    /** min a litre that is whisked in: the law of pours. Source: docs/sauces.md, laws of scale. */
    private const WHISK_A_LITRE = 0.4;

    /** min a kilogram of cheese or cold butter, a handful at a time. */
    private const MELT_A_KILOGRAM = 2.0;

    /** min, and min a litre, to push a sauce through a sieve, and to blend it half a jug at a time. */
    private const RUB = 3.0;

    private const RUB_A_LITRE = 1.0;

    private const BLEND = 2.0;

    private const BLEND_A_LITRE = 0.5;

    /** s for a thing to be stirred in, or for a spoon to be read. */
    public const STIRRED_SECONDS = 10;

    /** K from a cold liquid back to the simmer. */
    private const COLD_TO_SIMMER = 90.0;

    /** @param int $things stirred into what is hot, one after the other */
    public static function stirring(int $things): Duration
    {
        return Duration::ofSeconds((float) (self::STIRRED_SECONDS * $things));
    }

    /** @param float $custom min for a small pot */
    public static function settingOut(float $custom, Volume $of): Duration
    {
        return Duration::ofMinutes($custom + self::SET_OUT_A_LITRE * $of->inLitres());
    }

    /** @param float $custom min for a small pot */
    public static function skimming(float $custom, Volume $of): Duration
    {
        return Duration::ofMinutes($custom + self::SKIM_A_LITRE * $of->inLitres());
    }

    public static function ladling(Volume $of): Duration
    {
        return Duration::ofMinutes(max(self::LEAST_LADLE, self::LADLE + self::LADLE_A_LITRE * $of->inLitres()));
    }

    /** Strained, rubbed through or blended; never shorter than the act is said to take. */
    public static function clearing(Act $act, Volume $of): Duration
    {
        $litres = $of->inLitres();

        return match ($act->kind) {
            ActKind::Strain => Straining::time($of),
            ActKind::RubThrough => Duration::ofMinutes(max($act->least->inMinutes(), self::RUB + self::RUB_A_LITRE * $litres)),
            ActKind::Blend => Duration::ofMinutes(max($act->least->inMinutes(), self::BLEND + self::BLEND_A_LITRE * $litres)),
            default => $act->least,
        };
    }

    /**
     * Whisked, melted or stirred in, each by itself, and back to the simmer where nothing forbids it.
     *
     * @param list<Dosed> $doses
     * @param Power|null $ring that reaches the pan at most; null for no limit
     */
    public static function joining(Act $act, array $doses, Pan $pan, ?Power $ring): Duration
    {
        // A sachet goes in as one thing.
        $each = array_filter($doses, static fn(Dosed $dosed): bool => !$dosed->dose->tied);
        $oneByOne = in_array($act->kind, [ActKind::StirIn, ActKind::WhiskIn, ActKind::MeltIn], true);
        $minutes = ($oneByOne ? max(1, count($each)) : 1) * $act->least->inMinutes();
        foreach ($doses as $dosed) {
            $minutes += self::whisking($act, $dosed);
        }

        return Duration::ofMinutes($minutes + ($act->kind === ActKind::StirIn ? self::simmersAgain($act, $doses, $pan, $ring) : 0.0));
    }

    private static function whisking(Act $act, Dosed $dosed): float
    {
        if ($dosed->dose->fate !== Fate::Joins || $dosed->kind === null || $act->kind === ActKind::Prepare) {
            return 0.0;
        }

        return in_array($act->kind, [ActKind::WhiskIn, ActKind::MeltIn], true) || $dosed->kind instanceof Fat
            ? self::MELT_A_KILOGRAM * $dosed->mass->kilograms
            : self::WHISK_A_LITRE * $dosed->kind->density->volumeOf($dosed->mass)->inLitres();
    }

    /**
     * @param list<Dosed> $doses
     *
     * @return float min until what was cold has come back to the simmer; nothing for what must not boil
     */
    private static function simmersAgain(Act $act, array $doses, Pan $pan, ?Power $ring): float
    {
        if ($act->atMost !== null || $act->vessel !== Vessel::Pan) {
            return 0.0;
        }
        $joules = 0.0;
        foreach ($doses as $dosed) {
            $joules += $dosed->dose->fate === Fate::Joins && $dosed->kind instanceof Ingredient
                ? $dosed->mass->inGrams() * $dosed->kind->heatCapacity() * self::COLD_TO_SIMMER
                : 0.0;
        }

        return $joules / min(HobHeat::MediumHigh->flux() * $pan->areaSquareCentimetres(), $ring->watts ?? INF) / 60.0;
    }
}
