<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\KitchenSettings;
use App\Models\LarderEntry;
use App\Models\Pan;
use Lento\Quantity\MeasureSystem;

/** Reads the kitchen from the database; five small queries. */
final readonly class LoadKitchen
{
    public function __invoke(): Kitchen
    {
        $settings = KitchenSettings::query()->first()->settings ?? [];

        return new Kitchen(
            MeasureSystem::tryFrom($settings['measures'] ?? '') ?? MeasureSystem::tryFrom(config()->string('lento.measures')) ?? MeasureSystem::Metric,
            Pan::query()->orderBy('diameter_mm')->get()->mapWithKeys(static fn(Pan $pan): array => [$pan->id => $pan->toOwnPan()])->all(),
            Hob::query()->orderBy('id')->get()->mapWithKeys(static fn(Hob $hob): array => [$hob->id => $hob->toRing()])->all(),
            array_values(LarderEntry::query()->orderBy('id')->get()->map(static fn(LarderEntry $entry): LarderLine => $entry->toLine())->all()),
            KitchenFormula::query()->get()->mapWithKeys(static fn(KitchenFormula $formula): array => [$formula->base->value => $formula->changes])->all(),
            $settings,
        );
    }
}
