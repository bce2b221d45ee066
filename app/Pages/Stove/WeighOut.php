<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Words;
use Lento\Compose\Amount;
use Lento\Compose\When;
use Lento\Quantity\MeasureSystem;

/** What is weighed before the pot goes on: each amount as a kitchen scale and jug say it. */
final readonly class WeighOut
{
    private KitchenMeasure $measure;

    public function __construct(MeasureSystem $measures)
    {
        $this->measure = new KitchenMeasure($measures);
    }

    public function weight(Amount $amount): string
    {
        return match (true) {
            $amount->pieces !== null => $this->measure->pieces($amount->pieces, $amount->ingredient),
            $amount->when === When::Pour && $amount->volume !== null => Litres::of($amount->volume)->text(),
            default => Grams::of($amount->mass)->text(),
        };
    }

    /** @return string '' for things counted, whose name stands with their number */
    public function ingredient(Amount $amount): string
    {
        return $amount->pieces !== null ? '' : Words::ingredient($amount->ingredient);
    }
}
