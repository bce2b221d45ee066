<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Plan\Addition;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/**
 * What is ticked off at a step, as it is called at the stove: pours in litres that add up to the jug, roux by the piece in grams, finishes
 * by name.
 */
final readonly class PourWords
{
    private const LITRES_GRAIN = 0.01;

    private const SMALL_GRAIN = 0.001;

    /** l in all below which pours are told in millilitres. */
    private const SMALL_BELOW = 0.5;

    private const GRAMS_GRAIN = 1.0;

    /** @return list<string> one for each addition of the step */
    public static function amounts(Step $step): array
    {
        return match (true) {
            $step->said !== null && $step->said->ticks !== [] => $step->said->ticks,
            $step->kind === StepKind::Pour => self::pours($step->additions),
            default => array_map(static fn(Addition $one): string => AmountWords::text($one->amount), $step->additions),
        };
    }

    /**
     * @param list<Addition> $pours
     *
     * @return list<string>
     */
    private static function pours(array $pours): array
    {
        if ($pours === []) {
            return [];
        }
        if (!$pours[0]->amount->byTheJug) {
            $grams = Shares::rounded(
                array_map(static fn(Addition $pour): float => $pour->amount->mass->inGrams(), $pours),
                self::GRAMS_GRAIN,
            );

            return array_map(static fn(float $one): string => Grams::of(Mass::ofGrams($one))->text(), $grams);
        }
        $litres = array_map(static fn(Addition $pour): float => $pour->amount->volume?->inLitres() ?? 0.0, $pours);
        $grain = array_sum($litres) < self::SMALL_BELOW ? self::SMALL_GRAIN : self::LITRES_GRAIN;

        return array_map(static fn(float $one): string => Litres::of(Volume::ofLitres($one))->text(), Shares::rounded($litres, $grain));
    }
}
