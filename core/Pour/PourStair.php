<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Larder\Ingredient;
use Lento\Numerics\Curve;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/**
 * Bringing roux and liquid together by steps: how many, how much each, and how warm the pan is after each.
 *
 * Each pour may grow the mass in the pan by a school's factor until four parts of liquid have met one of roux; then the rest goes in.
 * Source: docs/model.md, C (mixing is physics; the growth factors rank schools).
 */
final readonly class PourStair
{
    /** °C. */
    private const BOIL = 100.0;

    /** Parts of liquid to one of roux at which the mass runs like cream. */
    private const SLACK = 4.0;

    /** A remainder smaller than this share of the roux goes in with the pour before it. */
    private const REMAINDER = 0.15;

    private const MOST_POURS = 20;

    /** @param list<Pour> $pours */
    private function __construct(public array $pours, public Temperature $roux, public Temperature $liquid, public Steam $steam) {}

    /** @param Mass $pan the pan's own mass, which keeps heat */
    public static function of(School $school, Mass $roux, Temperature $rouxTemperature, Mass $liquid, Ingredient $kind, Mass $pan): self
    {
        $from = Temperature::ofCelsius(min($rouxTemperature->inCelsius(), $school->rouxCelsius()));

        return self::at($school, $roux, $from, $liquid, Temperature::ofCelsius($school->liquidCelsius()), $kind->heatCapacity(), $pan->inGrams() * PanHeat::METAL_CAPACITY);
    }

    /**
     * The same with everything said.
     *
     * @param float $liquidHeatCapacity J/(g K)
     * @param float $panHeatCapacity J/K
     */
    public static function at(School $school, Mass $roux, Temperature $rouxTemperature, Mass $liquid, Temperature $liquidTemperature, float $liquidHeatCapacity, float $panHeatCapacity): self
    {
        $pours = $roux->kilograms <= 0.0 || $liquid->kilograms <= 0.0 ? [] : match ($school) {
            School::RouxIntoBoiling => self::pieces($roux->inGrams(), $rouxTemperature->inCelsius(), $liquid->inGrams(), $liquidTemperature->inCelsius(), $liquidHeatCapacity),
            default => self::pours($school->growth(), $roux->inGrams(), $rouxTemperature->inCelsius(), $liquid->inGrams(), $liquidTemperature->inCelsius(), $liquidHeatCapacity, $panHeatCapacity),
        };

        return new self($pours, $rouxTemperature, $liquidTemperature, Steam::of($rouxTemperature));
    }

    /** @return list<Pour> */
    private static function pours(float $growth, float $roux, float $rouxCelsius, float $liquid, float $liquidCelsius, float $liquidCapacity, float $panCapacity): array
    {
        $pours = [];
        [$inPan, $capacity, $celsius, $left, $slack] = [$roux, $roux * HeatCapacity::ROUX + $panCapacity, $rouxCelsius, $liquid, false];
        while ($left > 1e-6 && count($pours) < self::MOST_POURS) {
            $met = ($liquid - $left) / $roux;
            $pour = $met >= self::SLACK ? $left : min($left, $inPan * ($growth - 1.0));
            $pour = $left - $pour < self::REMAINDER * $roux ? $left : $pour;
            [$celsius, $steam] = self::mixed($capacity, $celsius, $pour, $liquidCapacity, $liquidCelsius);
            $inPan += $pour - $steam;
            $capacity += ($pour - $steam) * $liquidCapacity;
            $left -= $pour;
            $reached = !$slack && (($liquid - $left) / $roux >= self::SLACK || $left <= 1e-6);
            $slack = $slack || $reached;
            $pours[] = new Pour(Mass::ofGrams($pour), Temperature::ofCelsius($celsius), $reached);
        }

        return $pours;
    }

    /** @return list<Pour> cold roux whisked into boiling liquid, piece by piece; it is slack from the start */
    private static function pieces(float $roux, float $rouxCelsius, float $liquid, float $liquidCelsius, float $liquidCapacity): array
    {
        $piece = Curve::clamp($roux / 10.0, 5.0, max(30.0, $roux / 20.0));
        $count = (int) ceil($roux / $piece - 1e-9);
        $pours = [];
        [$capacity, $celsius] = [$liquid * $liquidCapacity, $liquidCelsius];
        for ($i = 0; $i < $count; $i++) {
            $grams = min($piece, $roux - $i * $piece);
            [$celsius] = self::mixed($capacity, $celsius, $grams, HeatCapacity::ROUX, $rouxCelsius);
            $capacity += $grams * HeatCapacity::ROUX;
            $pours[] = new Pour(Mass::ofGrams($grams), Temperature::ofCelsius($celsius), $i === 0);
        }

        return $pours;
    }

    /** @return array{float, float} °C after mixing, g turned to steam */
    private static function mixed(float $capacity, float $celsius, float $grams, float $gramCapacity, float $gramCelsius): array
    {
        $added = $grams * $gramCapacity;
        $mixed = ($capacity * $celsius + $added * $gramCelsius) / ($capacity + $added);
        if ($mixed <= self::BOIL) {
            return [$mixed, 0.0];
        }
        $steam = min($grams, ($capacity + $added) * ($mixed - self::BOIL) / HeatCapacity::STEAM);

        return [$steam < $grams ? self::BOIL : $mixed, $steam];
    }
}
