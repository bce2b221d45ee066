<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\Unknown;

/** Reads the words a kitchen writes for its units ("qt", "litres", "imperial pints") and picks the unit they mean. */
final readonly class UnitNames
{
    private const FIXED = [
        'ml' => VolumeUnit::Millilitre, 'millilitre' => VolumeUnit::Millilitre, 'milliliter' => VolumeUnit::Millilitre,
        'cl' => VolumeUnit::Centilitre, 'centilitre' => VolumeUnit::Centilitre, 'centiliter' => VolumeUnit::Centilitre,
        'dl' => VolumeUnit::Decilitre, 'decilitre' => VolumeUnit::Decilitre, 'deciliter' => VolumeUnit::Decilitre,
        'l' => VolumeUnit::Litre, 'litre' => VolumeUnit::Litre, 'liter' => VolumeUnit::Litre,
        'g' => MassUnit::Gram, 'gr' => MassUnit::Gram, 'gram' => MassUnit::Gram, 'gramme' => MassUnit::Gram,
        'kg' => MassUnit::Kilogram, 'kilo' => MassUnit::Kilogram, 'kilogram' => MassUnit::Kilogram, 'kilogramme' => MassUnit::Kilogram,
        'oz' => MassUnit::Ounce, 'ounce' => MassUnit::Ounce,
        'lb' => MassUnit::Pound, 'pound' => MassUnit::Pound,
    ];

    /**
     * Words whose size depends on the kitchen: [US customary, metric, imperial]. A metric kitchen that says "pint" has the imperial one.
     */
    private const BY_SYSTEM = [
        'tsp' => [VolumeUnit::UsTeaspoon, VolumeUnit::MetricTeaspoon, VolumeUnit::MetricTeaspoon],
        'tbsp' => [VolumeUnit::UsTablespoon, VolumeUnit::MetricTablespoon, VolumeUnit::MetricTablespoon],
        'cup' => [VolumeUnit::UsCup, VolumeUnit::MetricCup, VolumeUnit::MetricCup],
        'floz' => [VolumeUnit::UsFluidOunce, VolumeUnit::ImperialFluidOunce, VolumeUnit::ImperialFluidOunce],
        'gill' => [VolumeUnit::ImperialGill, VolumeUnit::ImperialGill, VolumeUnit::ImperialGill],
        'pint' => [VolumeUnit::UsPint, VolumeUnit::ImperialPint, VolumeUnit::ImperialPint],
        'quart' => [VolumeUnit::UsQuart, VolumeUnit::ImperialQuart, VolumeUnit::ImperialQuart],
        'gallon' => [VolumeUnit::UsGallon, VolumeUnit::ImperialGallon, VolumeUnit::ImperialGallon],
    ];

    private const SPELLINGS = [
        'teaspoon' => 'tsp',
        'teaspoonful' => 'tsp',
        't' => 'tsp',
        'tablespoon' => 'tbsp',
        'tablespoonful' => 'tbsp',
        'tbs' => 'tbsp',
        'tbl' => 'tbsp',
        'c' => 'cup',
        'cupful' => 'cup',
        'fl oz' => 'floz',
        'fl. oz' => 'floz',
        'fluid ounce' => 'floz',
        'pt' => 'pint',
        'qt' => 'quart',
        'gal' => 'gallon',
    ];

    private const SYSTEM_WORDS = [
        'us' => MeasureSystem::UsCustomary, 'american' => MeasureSystem::UsCustomary, 'metric' => MeasureSystem::Metric,
        'imperial' => MeasureSystem::Imperial, 'uk' => MeasureSystem::Imperial, 'british' => MeasureSystem::Imperial,
    ];

    public function __construct(private MeasureSystem $system) {}

    /** @throws Unknown if no unit goes by that word */
    public function unit(string $word): MassUnit|VolumeUnit
    {
        return $this->find($word) ?? throw Unknown::name('unit', mb_substr($word, 0, 40));
    }

    public function find(string $word): MassUnit|VolumeUnit|null
    {
        $word = rtrim(mb_strtolower(trim($word)), '.');
        $system = $this->system;
        foreach (self::SYSTEM_WORDS as $prefix => $named) {
            if (str_starts_with($word, $prefix . ' ')) {
                $system = $named;
                $word = substr($word, strlen($prefix) + 1);
            }
        }

        return $this->plain($word, $system) ?? $this->plain(rtrim($word, 's'), $system);
    }

    private function plain(string $word, MeasureSystem $system): MassUnit|VolumeUnit|null
    {
        $word = self::SPELLINGS[$word] ?? $word;
        $bySystem = self::BY_SYSTEM[$word] ?? null;
        if ($bySystem === null) {
            return self::FIXED[$word] ?? null;
        }

        return match ($system) {
            MeasureSystem::UsCustomary => $bySystem[0],
            MeasureSystem::Metric => $bySystem[1],
            MeasureSystem::Imperial => $bySystem[2],
        };
    }
}
