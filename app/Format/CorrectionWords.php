<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Family\CorrectionKind;
use Lento\Family\Derived;

/** What sets a derivative right that its base alone does not bring into its class, and why it needs it. */
final readonly class CorrectionWords
{
    /**
     * "Whisk in 60 ml hot whole milk"; '' where its base alone is enough.
     *
     * @param string $parent what it is ladled from, as it reads within a sentence
     */
    public static function what(Derived $derived, string $parent): string
    {
        $correction = $derived->correction;

        return $correction === null ? '' : Words::text(
            'family.correct.' . $correction->kind->value,
            amount: Litres::of($correction->liquid($derived->taken))->text(),
            liquid: Words::ingredient($derived->taken->liquid->id),
            parent: $parent,
            litres: $correction->downTo === null ? '' : Litres::of($correction->downTo)->text(),
            time: Minutes::text($correction->time),
            mm: $correction->depth === null ? '' : sprintf('%.0F', $correction->depth->inMillimetres()),
            flour: Grams::of($correction->amount)->text(),
            butter: Grams::of($correction->butter)->text(),
        );
    }

    public static function why(Derived $derived, string $parent): string
    {
        return $derived->correction === null ? '' : Words::text(
            $derived->correction->kind === CorrectionKind::Thin ? 'family.correct.why_thin' : 'family.correct.why_thick',
            parent: $parent,
            class: Words::text('thickness.class.' . $derived->classUncorrected()->value),
            target: Words::text('thickness.class.' . $derived->derivative->class->value),
        );
    }
}
