<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Course\Outcome;
use Lento\Learning\KitchenFactors;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/**
 * What to change when this sauce is cooked again, in a kitchen that has cooked this pot: worked out from its plan alone.
 *
 * One pot moves the figures only as far as one pot is worth. A flour that thickens less wants more of it in proportion; a pot that steams
 * more wants as much more liquid, where it simmers by the clock and not down to a level. Against composing anew both are right to a few
 * per cent of the change.
 */
final readonly class NextTime
{
    /** Amounts that differ by less than this share are the same amounts. */
    private const SAME = 0.02;

    private function __construct(
        public Mass $flour,
        public float $flourChange,
        public Volume $liquid,
        public float $liquidChange,
        public KitchenFactors $kitchen,
    ) {}

    /** Null where nothing can be said: it has no roux of its own, or never had all its liquid. */
    public static function of(PotWatch $pot, Outcome $outcome): ?self
    {
        $roux = $pot->cooking->roux;
        if ($pot->sauce === null || $roux === null) {
            return null;
        }
        $kitchen = $pot->after($outcome)->kitchen();
        $known = $pot->cooking->place->kitchen;
        $strength = $known->flourStrength->value / $kitchen->flourStrength->value;
        $sauces = $pot->cooking->sauces;
        $steam = $pot->plan->first(StepKind::Reduce) === null ? $sauces->start->millilitres() - $sauces->tested->millilitres() : 0.0;
        $more = $steam * ($kitchen->evaporation->value / $known->evaporation->value - 1.0);
        $was = self::liquid($pot);
        $flour = self::change($strength - 1.0);
        $liquid = $was > 0.0 ? self::change($more / $was) : 0.0;

        return new self(
            Mass::ofGrams($roux->roux->flour->inGrams() * (1.0 + $flour)),
            $flour,
            Volume::ofMillilitres(max(0.0, $was * (1.0 + $liquid))),
            $liquid,
            $kitchen,
        );
    }

    /** ml that meets the roux */
    private static function liquid(PotWatch $pot): float
    {
        $millilitres = 0.0;
        foreach ($pot->plan->first(StepKind::Pour, StepKind::Combine)->amounts ?? [] as $amount) {
            $millilitres += $amount->byTheJug ? ($amount->volume?->inMillilitres() ?? 0.0) : 0.0;
        }

        return $millilitres;
    }

    private static function change(float $change): float
    {
        return abs($change) < self::SAME ? 0.0 : $change;
    }
}
