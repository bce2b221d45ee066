<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Grams;
use App\Format\Litres;
use App\Format\Pieces;
use App\Format\StepWords;
use App\Format\Words;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;

/** What is weighed before the pot goes on: each amount as a kitchen scale and jug say it. */
final readonly class WeighList
{
    public function __construct(private Plan $plan) {}

    /** @return list<array{weight: string, ingredient: string, when: string}> in the order of use */
    public function lines(): array
    {
        return array_map($this->line(...), $this->plan->amounts());
    }

    /** @return list<array{weight: string, ingredient: string, when: string}> of one step alone */
    public function of(Step $step): array
    {
        return array_map($this->line(...), $step->amounts);
    }

    /** @return array{weight: string, ingredient: string, when: string} the name of a thing that is counted stands with its number */
    private function line(Amount $amount): array
    {
        return [
            'weight' => match (true) {
                $amount->pieces !== null => Pieces::text($amount->pieces, $amount->ingredient),
                $amount->byTheJug && $amount->volume !== null => Litres::of($amount->volume)->text(),
                default => Grams::of($amount->mass)->text(),
            },
            'ingredient' => $amount->pieces !== null ? '' : Words::ingredient($amount->ingredient),
            'when' => StepWords::when($amount->when),
        ];
    }
}
