<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Compose\Warnings;
use Lento\Finish\Curdling;
use Lento\Finish\Finishing;
use Lento\Forecast\Risk;
use Lento\Pot\Simmer;
use Lento\Quantity\Temperature;

/** What a read recipe should be told before somebody cooks it. */
final readonly class AssayWarnings
{
    /** @return list<Warning> */
    public static function for(Recipe $recipe, ShoppingList $list, Pot $pot): array
    {
        return array_values(array_filter([
            ...Warnings::ofSauce($list->fat, $list->flour, $pot->end, new Simmer($pot->pan, $pot->level), $pot->level),
            $pot->reduced ? null : new Warning(WarningCode::NotReduced, ['minutes' => $pot->simmer->inMinutes()]),
            self::curdles($pot),
            $recipe->pan !== null ? Warnings::ofFill($recipe->pan, $pot->start->volume(), Warnings::FULL) : null,
            $recipe->pan === null ? new Warning(WarningCode::PanAssumed, ['diameter_cm' => $pot->pan->diameter->inCentimetres()]) : null,
            ...array_map(self::loose(...), $recipe->lines),
        ]));
    }

    /** Whatever of the finishes is the worst. */
    private static function curdles(Pot $pot): ?Warning
    {
        $ranks = [...array_map(static fn(Finishing $finishing): float => $finishing->curdlingRank, $pot->finishes), Curdling::risk($pot->simmered, Temperature::ofCelsius($pot->level->celsius()))];

        return Risk::of(max($ranks)) === Risk::Low ? null : new Warning(WarningCode::MayCurdle, ['ph' => $pot->end->pH()]);
    }

    private static function loose(ReadLine $line): ?Warning
    {
        return $line->loose ? new Warning(WarningCode::WordAssumed, words: ['line' => $line->text, 'ingredient' => (string) $line->ingredient]) : null;
    }
}
