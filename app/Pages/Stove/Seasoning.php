<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Grams;
use App\Format\Litres;
use App\Format\Words;
use Lento\Compose\Amount;
use Lento\Quantity\Mass;
use Lento\Stove\PotWatch;

/** Salt for what is in the pot now, which may be more or less than was planned. */
final readonly class Seasoning
{
    private function __construct(public string $amount, public string $why) {}

    public static function of(PotWatch $pot): self
    {
        $sheet = $pot->sheet;
        $planned = array_sum(array_map(static fn(Amount $amount): float => $amount->ingredient === 'salt' ? $amount->mass->inGrams() : 0.0, $sheet->amounts));
        if ($planned <= 0.0) {
            return new self(Words::text('stove.season.none'), Words::text('stove.season.none_why'));
        }
        $here = (new Watching($pot))->litresNow();

        return new self(
            Grams::of(Mass::ofGrams($planned * $here->cubicMetres / $sheet->end->volume()->cubicMetres))->text(),
            Words::text('stove.season.for', litres: Litres::of($here)->text(), percent: sprintf('%.1F', $sheet->end->saltPercent())),
        );
    }
}
