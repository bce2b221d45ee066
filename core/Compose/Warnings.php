<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Forecast\Risk;
use Lento\Pot\Pan;
use Lento\Pot\Scorch;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\BaseFilm;
use Lento\Roux\Roux;
use Lento\Roux\Texture;
use Lento\Thickness\Sauce;

/** Looks a drafted pot over for what will go wrong. */
final readonly class Warnings
{
    /** Shares of the brim: milk climbs, roux into boiling stock foams (docs/model.md, compose). */
    public const FULL = 0.85;

    public const FULL_WHEN_FOAMING = 0.80;

    /** Below this the raw-flour taste is gone (docs/model.md, B). */
    private const COOKED_OUT = 0.15;

    /** g of floating fat per litre beyond what a usual skimming of a brown sauce takes off. */
    private const RING_PER_LITRE = 3.0;

    /** Nobody stirs all the time, and nobody never. */
    public const STIRRING = 0.5;

    /** % salt that most guests find too much in a sauce. */
    private const SALT_HIGH = 1.0;

    /** Shade from which whole butter is known to smoke before it is brown enough. */
    private const SMOKES_BEFORE = 1.5;

    /** @return float share of the brim that this way of working leaves safe */
    public static function fullAt(School $school): float
    {
        return $school === School::RouxIntoBoiling ? self::FULL_WHEN_FOAMING : self::FULL;
    }

    /** @return list<Warning> */
    public static function for(Question $question, Roux $roux, Draft $draft): array
    {
        return array_values(array_filter([
            self::pan($question, $draft),
            $draft->roux->forecast === null ? new Warning(WarningCode::ColourNotReached) : null,
            self::smoke($question, $roux, $draft),
            ...self::ofSauce($roux->fat, $roux->flour, $draft->end, new Simmer($question->pan, $question->simmerLevel), $question->simmerLevel),
        ]));
    }

    /** @return list<Warning|null> what a finished sauce and its roux show, whoever wrote the recipe */
    public static function ofSauce(Mass $fat, Mass $flour, Sauce $end, Simmer $simmer, SimmerLevel $level): array
    {
        return [self::ratio($fat->inGrams(), $flour->inGrams()), self::fat($end), self::raw($end, $simmer), self::salt($end), self::scorches($end, $level)];
    }

    /** @param float $limit share of the brim */
    public static function ofFill(Pan $pan, Volume $start, float $limit, ?Volume $fits = null): ?Warning
    {
        $fill = $pan->fill($start);
        if ($fill <= $limit) {
            return null;
        }
        $numbers = ['fill_percent' => 100.0 * $fill, 'limit_percent' => 100.0 * $limit] + ($fits === null ? [] : ['fits_l' => $fits->inLitres()]);

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

        return $hot !== null && $draft->roux->shade->value > self::SMOKES_BEFORE && BaseFilm::under($hot, $question->heat)->temperature->kelvin > $roux->fatKind->smokes->kelvin
            ? new Warning(WarningCode::FatSmokes, ['smokes_c' => $roux->fatKind->smokes->inCelsius(), 'roux_c' => $hot->inCelsius()]) : null;
    }

    private static function raw(Sauce $end, Simmer $simmer): ?Warning
    {
        $raw = $end->starch->rawTaste;

        return $raw > self::COOKED_OUT ? new Warning(WarningCode::RawFlour, ['raw' => $raw, 'minutes_more' => $simmer->minutesUntilCookedOut($end, self::COOKED_OUT)->inMinutes()]) : null;
    }

    /** Stirred now and then at this simmer. */
    private static function scorches(Sauce $end, SimmerLevel $level): ?Warning
    {
        $scorch = Scorch::of($end, Temperature::ofCelsius($level->celsius()), $level->heatFlux(), self::STIRRING);

        return in_array($scorch->risk(), [Risk::High, Risk::VeryHigh], true) ? new Warning(WarningCode::Scorches, ['wall_c' => $scorch->wall->inCelsius()], ['level' => $level->value]) : null;
    }

    private static function salt(Sauce $end): ?Warning
    {
        return $end->saltPercent() > self::SALT_HIGH ? new Warning(WarningCode::SaltHigh, ['salt_percent' => $end->saltPercent()]) : null;
    }
}
