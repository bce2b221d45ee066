<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\Grams;
use App\Format\Words;
use Lento\Compose\Sheet;
use Lento\Drawing\BalanceDrawing;

/** Fat against flour on a balance, and what they have to hold. */
final readonly class BalancePicture
{
    private function __construct(
        public BalanceDrawing $drawing,
        public string $fat,
        public string $liquid,
        public string $fatAmount,
        public string $flourAmount,
        public string $liquidAmount,
        public string $parts,
    ) {}

    public static function of(Sheet $sheet): self
    {
        $roux = $sheet->roux;

        return new self(
            BalanceDrawing::of($roux->fat->inGrams(), $roux->flour->inGrams(), $sheet->liquidMass->inGrams()),
            Words::ingredient($sheet->question->fat),
            Words::ingredient($sheet->question->liquid),
            Grams::of($roux->fat)->text(),
            Grams::of($roux->flour)->text(),
            Grams::of($sheet->liquidMass)->text(),
            number_format($sheet->liquidMass->inGrams() / $roux->mass()->inGrams(), 1),
        );
    }
}
