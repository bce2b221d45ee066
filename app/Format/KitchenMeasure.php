<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Quantity\KitchenNumber;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/**
 * The same amount in cups and spoons of the kitchen's choice, put together of as few as will do; nothing where they would lie more than
 * 3 % beside what the scale says. Source: the laws of scale, docs/sauces.md.
 */
final readonly class KitchenMeasure
{
    /** Cups stop being of use where a jug takes over. */
    private const MOST_CUPS = 20.0;

    /** Further beside the scale than this, a spoon is no measure: an eighth of a cup of flour is a thickness class. */
    private const WITHIN = 0.03;

    private const PARTS_OF_A_CUP = [0.0, 0.25, 1.0 / 3.0, 0.5, 2.0 / 3.0, 0.75];

    private const TABLESPOONS = [0.0, 1.0, 2.0, 3.0];

    private const TEASPOONS = [0.0, 0.25, 0.5, 0.75, 1.0, 1.5, 2.0, 2.5];

    /** Of a teaspoon: less is a pinch. */
    private const PINCH = 0.2;

    public function __construct(private MeasureSystem $system) {}

    /** @return string '' where no cups and spoons come near enough */
    public function of(Volume $volume): string
    {
        [$cup, $tablespoon, $teaspoon] = array_map(static fn(VolumeUnit $unit): float => self::millilitres($unit), $this->units());
        $wanted = $volume->inMillilitres();
        if ($wanted <= 0.0 || $wanted > self::MOST_CUPS * $cup) {
            return '';
        }
        if ($wanted < self::PINCH * $teaspoon) {
            return Words::text('units.pinch');
        }
        $best = null;
        foreach (self::cups($wanted / $cup) as $cups) {
            foreach (self::TABLESPOONS as $tablespoons) {
                foreach (self::TEASPOONS as $teaspoons) {
                    $off = abs($cups * $cup + $tablespoons * $tablespoon + $teaspoons * $teaspoon - $wanted) / $wanted;
                    $terms = ($cups > 0.0 ? 1 : 0) + ($tablespoons > 0.0 ? 1 : 0) + ($teaspoons > 0.0 ? 1 : 0);
                    if ($off <= self::WITHIN && ($best === null || [$terms, $off] < $best[0])) {
                        $best = [[$terms, $off], $cups, $tablespoons, $teaspoons];
                    }
                }
            }
        }

        return $best === null ? '' : self::said($best[1], $best[2], $best[3]);
    }

    /** "8", "3¼": to the quarter */
    public function quarters(float $count): string
    {
        return KitchenNumber::toQuarters(max(0.25, $count))->text();
    }

    /** @return list<float> the numbers of cups that are no more than a quarter beside it */
    private static function cups(float $wanted): array
    {
        $near = [];
        foreach ([floor($wanted) - 1.0, floor($wanted), floor($wanted) + 1.0] as $whole) {
            foreach (self::PARTS_OF_A_CUP as $part) {
                if ($whole + $part >= 0.0 && abs($whole + $part - $wanted) <= 0.34) {
                    $near[] = $whole + $part;
                }
            }
        }

        return $near;
    }

    /** @return array{VolumeUnit, VolumeUnit, VolumeUnit} cup, tablespoon, teaspoon */
    private function units(): array
    {
        return $this->system === MeasureSystem::UsCustomary
            ? [VolumeUnit::UsCup, VolumeUnit::UsTablespoon, VolumeUnit::UsTeaspoon]
            : [VolumeUnit::MetricCup, VolumeUnit::MetricTablespoon, VolumeUnit::MetricTeaspoon];
    }

    private static function millilitres(VolumeUnit $unit): float
    {
        return 1000.0 / $unit->amountIn(Volume::ofLitres(1.0));
    }

    private static function said(float $cups, float $tablespoons, float $teaspoons): string
    {
        $texts = [];
        foreach (['cup' => $cups, 'tbsp' => $tablespoons, 'tsp' => $teaspoons] as $name => $count) {
            if ($count > 0.0) {
                $number = KitchenNumber::exactly($count)->text();
                $texts[] = trans_choice('units.' . $name, $count <= 1.0 ? 1 : 2, ['amount' => $number]);
            }
        }

        return implode(' + ', $texts);
    }
}
