<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\Outlook;
use Lento\Forecast\Band;
use Lento\Forecast\ThicknessForecast;
use Lento\Risk\Risk;
use Lento\Thickness\ThicknessClass;

/** How sure a forecast is, as a cook reads it: "about 17 min (13–23)", "58 g/l (52–65): could be gratin". */
final readonly class Bands
{
    /** ml from which a band is said in litres. */
    private const LITRES_FROM = 1000.0;

    /** "13–23"; ends that round to the same number are said once. */
    public static function range(float $low, float $high): string
    {
        [$from, $to] = [sprintf('%.0F', $low), sprintf('%.0F', $high)];

        return $from === $to ? $from : $from . '–' . $to;
    }

    public static function minutes(Band $band): string
    {
        return Words::text(
            'outlook.minutes',
            likely: sprintf('%.0F', max(1.0, $band->likely)),
            range: self::range(max(1.0, $band->low), $band->high),
        );
    }

    /** "58 g/l (52–65)" */
    public static function grams(ThicknessForecast $forecast): string
    {
        return Words::text(
            'outlook.grams',
            likely: sprintf('%.0F', $forecast->likely->gramsPerLitre),
            range: self::range($forecast->band->low, $forecast->band->high),
        );
    }

    /** "58 g/l (52–65), could be gratin" */
    public static function thickness(ThicknessForecast $forecast): string
    {
        $could = self::couldBe($forecast);

        return self::grams($forecast) . ($could === '' ? '' : ', ' . $could);
    }

    /** "could be pouring or gratin"; empty where it can only be what it is */
    public static function couldBe(ThicknessForecast $forecast): string
    {
        return self::classes(array_map(static fn(ThicknessClass $class): string => $class->value, $forecast->couldBe()));
    }

    /** @param list<string> $ids of thickness classes */
    public static function classes(array $ids): string
    {
        $classes = array_map(static fn(string $id): string => Words::text('thickness.class.' . $id), $ids);

        return $classes === [] ? '' : Words::text('outlook.could_be', classes: implode(Words::text('outlook.or'), $classes));
    }

    /** "(89–190 ml)" */
    public static function millilitres(Band $band): string
    {
        if ($band->high >= self::LITRES_FROM) {
            return Words::text('outlook.litres', range: sprintf('%.1F–%.1F', $band->low / 1000.0, $band->high / 1000.0));
        }
        $ten = static fn(float $millilitres): float => $millilitres >= 100.0 ? round($millilitres, -1) : round($millilitres);

        return Words::text('outlook.millilitres', range: self::range($ten($band->low), $ten($band->high)));
    }

    /** "about 91 ml (62–134)" */
    public static function steam(Outlook $outlook): string
    {
        $ten = static fn(float $millilitres): float => $millilitres >= 100.0 ? round($millilitres, -1) : round($millilitres);

        return Words::text(
            'outlook.steam',
            likely: sprintf('%.0F', $ten($outlook->evaporated->likely)),
            range: self::range($ten($outlook->evaporated->low), $ten($outlook->evaporated->high)),
        );
    }

    /** A risk in a word. */
    public static function risk(Risk $risk): string
    {
        return Words::text('outlook.risk.' . $risk->value);
    }

    /** @return array<'lumps'|'specks'|'scorching', string> each risk's word, lowest included */
    public static function risks(Outlook $outlook): array
    {
        return array_map(
            self::risk(...),
            ['lumps' => $outlook->lumps, 'specks' => $outlook->specks, 'scorching' => $outlook->scorching],
        );
    }
}
