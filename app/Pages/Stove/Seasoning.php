<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Grams;
use App\Format\Litres;
use App\Format\Words;
use Lento\Plan\Amount;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Stove\PotWatch;

/** Salt for what is in the pot now, which may be more or less than was planned. */
final readonly class Seasoning
{
    private function __construct(public string $amount, public string $why) {}

    public static function of(PotWatch $pot): self
    {
        $planned = array_sum(
            array_map(static fn(Amount $amount): float => $amount->mass->inGrams(), $pot->plan->first(StepKind::Season)->amounts ?? []),
        );
        if ($planned <= 0.0) {
            return new self(
                Words::text('stove.season.none'),
                Words::text($pot->plan->making?->isDerived() === true ? 'family.season.title_none' : 'stove.season.none_why'),
            );
        }
        $here = (new Watching($pot))->litresNow();

        return new self(
            Grams::of(Mass::ofGrams(($planned * $here->cubicMetres) / $pot->cooking->sauces->tested->volume()->cubicMetres))->text(),
            Words::text(
                'stove.season.for',
                litres: Litres::of($here)->text(),
                percent: sprintf('%.1F', $pot->plan->promise->saltPercent ?? 0.0),
            ),
        );
    }
}
