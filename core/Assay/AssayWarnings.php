<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Compose\Warnings;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;

/** What a read recipe should be told before somebody cooks it. */
final readonly class AssayWarnings
{
    /** @return list<Warning> */
    public static function for(Recipe $recipe, ShoppingList $list, PotByRecipe $pot): array
    {
        $simmer = new Simmer($pot->pan, $pot->level);

        return array_values(array_filter([
            ...Warnings::ofSauce($list->fat, $list->flour, $pot->end, $simmer, $pot->level),
            $pot->reduced ? null : new Warning(WarningCode::NotReduced, ['minutes' => $pot->simmer->inMinutes()]),
            Warnings::curdles($pot->simmered, $pot->finishes, $simmer),
            $recipe->pan !== null ? Warnings::ofFill($recipe->pan, $pot->start->volume(), Pan::FULL) : null,
            $recipe->pan === null ? new Warning(WarningCode::PanAssumed, ['diameter_cm' => $pot->pan->diameter->inCentimetres()]) : null,
            ...array_map(self::disagrees(...), $recipe->lines),
            ...array_map(self::loose(...), $recipe->lines),
            ...array_map(self::guessed(...), $recipe->lines),
            ...array_map(self::ounces(...), $recipe->lines),
        ]));
    }

    /** One of the two is a slip, and nobody but the cook knows which. */
    private static function disagrees(ReadLine $line): ?Warning
    {
        return $line->saidAgain === null
            ? null
            : new Warning(
                WarningCode::AmountsDisagree,
                ['first_g' => $line->mass->inGrams(), 'second_g' => $line->saidAgain->inGrams()],
                ['line' => $line->text],
            );
    }

    private static function guessed(ReadLine $line): ?Warning
    {
        return $line->measuring->with === Measured::Guessed && $line->mass->inGrams() > 0.0
            ? new Warning(WarningCode::AmountGuessed, ['grams_g' => $line->mass->inGrams()], ['line' => $line->text])
            : null;
    }

    private static function ounces(ReadLine $line): ?Warning
    {
        return $line->fluidOunces ? new Warning(WarningCode::OuncesByVolume, words: ['line' => $line->text]) : null;
    }

    private static function loose(ReadLine $line): ?Warning
    {
        return $line->loose
            ? new Warning(WarningCode::WordAssumed, words: ['line' => $line->text, 'ingredient' => (string) $line->ingredient])
            : null;
    }
}
