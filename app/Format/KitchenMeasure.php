<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Quantity\KitchenNumber;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/** The same amount in cups and spoons of the kitchen's choice, to a quarter, or as pieces. */
final readonly class KitchenMeasure
{
    /** Cups stop being of use where a jug takes over. */
    private const MOST_CUPS = 20.0;

    public function __construct(private MeasureSystem $system) {}

    /** @return string '' where spoons make no sense */
    public function of(Volume $volume): string
    {
        foreach ($this->units() as [$unit, $name, $least]) {
            $amount = $unit->amountIn($volume);
            if ($amount >= $least) {
                return $amount > self::MOST_CUPS && $name === 'cup' ? '' : $this->counted($amount, $name);
            }
        }

        return $volume->cubicMetres > 0.0 ? Words::text('units.pinch') : '';
    }

    /** "½ bay leaf", "2 cloves": at least a half, for nobody cuts a clove in four. */
    public function pieces(float $pieces, string $ingredient): string
    {
        $halves = self::halves($pieces);

        return $this->count($pieces) . ' ' . trans_choice('ingredients.' . $ingredient, $halves <= 1.0 ? 1 : 2);
    }

    /** "½", "2", "14": the pieces without their name */
    public function count(float $pieces): string
    {
        return KitchenNumber::toQuarters(self::halves($pieces))->text();
    }

    /** "8", "3¼": to the quarter */
    public function quarters(float $count): string
    {
        return KitchenNumber::toQuarters(max(0.25, $count))->text();
    }

    private static function halves(float $pieces): float
    {
        return max(0.5, $pieces < 3.0 ? round($pieces * 2.0) / 2.0 : round($pieces));
    }

    /** @return list<array{VolumeUnit, 'cup'|'tbsp'|'tsp', float}> unit, its name, and from how many of it on it is used */
    private function units(): array
    {
        return match ($this->system) {
            MeasureSystem::UsCustomary => [
                [VolumeUnit::UsCup, 'cup', 0.25],
                [VolumeUnit::UsTablespoon, 'tbsp', 1.0],
                [VolumeUnit::UsTeaspoon, 'tsp', 0.2],
            ],
            default => [
                [VolumeUnit::MetricCup, 'cup', 0.25],
                [VolumeUnit::MetricTablespoon, 'tbsp', 1.0],
                [VolumeUnit::MetricTeaspoon, 'tsp', 0.2],
            ],
        };
    }

    /** @param 'cup'|'tbsp'|'tsp' $name */
    private function counted(float $amount, string $name): string
    {
        $number = KitchenNumber::toQuarters($amount);

        return trans_choice('units.' . $name, $number->value <= 1.0 ? 1 : 2, ['amount' => $number->text()]);
    }
}
