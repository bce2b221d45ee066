<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\Base;
use Lento\Compose\Sheet;
use Lento\Plan\Plan;
use Lento\Plan\StepKind;
use Lento\Roux\Shade;

/** What colour to draw a sauce: its liquid, tinted by the roux. An artist's estimate, not a model. */
final readonly class SauceColour
{
    private const LIQUIDS = [
        'whole-milk' => [250, 243, 224],
        'semi-skimmed-milk' => [250, 244, 228],
        'skimmed-milk' => [250, 246, 234],
        'brown-stock' => [150, 98, 56],
        'fish-stock' => [240, 230, 200],
        'shellfish-stock' => [240, 206, 160],
        'vegetable-stock' => [236, 216, 150],
    ];

    /** A base whose own colour outweighs its liquid's. */
    private const BASES = [
        'tomato' => [196, 84, 50],
        'demi-glace' => [104, 58, 30],
        'espagnole' => [150, 98, 56],
        'onion-gravy' => [140, 92, 52],
        'wine-sauce' => [246, 236, 208],
    ];

    private const WHITE_STOCK = [238, 220, 168];

    private const ROUX_SHARE = 0.35;

    private const UNKNOWN = '#f3eada';

    /** Of a base whose roux nobody asked for. */
    private const USUAL_SHADE = 1.0;

    public static function of(Sheet $sheet): string
    {
        return self::mixed($sheet->question->base->value, $sheet->question->liquid, $sheet->shade);
    }

    /** Of a pot; what is made of a base is drawn as that base, tinted by what has gone into it. */
    public static function ofPlan(Plan $plan, ?Shade $roux = null): string
    {
        $making = $plan->making;
        $base = $making === null
            ? self::UNKNOWN
            : self::mixed($making->root, $making->liquid, $roux ?? $plan->cooking->roux->ends ?? Shade::of(self::USUAL_SHADE));
        $added = [];
        foreach ($plan->steps as $step) {
            foreach ($step->kind === StepKind::Ladle ? [] : $step->amounts as $amount) {
                $added[$amount->ingredient] = ($added[$amount->ingredient] ?? 0.0) + $amount->mass->inGrams();
            }
        }

        return $making?->isDerived() === true
            ? AddedColour::mixed($base, $plan->cooking?->sauces->start->millilitres() ?? 1.0, $added)
            : $base;
    }

    private static function mixed(string $base, string $liquid, Shade $shade): string
    {
        $colour = self::BASES[$base] ?? self::LIQUIDS[$liquid] ?? self::WHITE_STOCK;
        if (in_array($base, [Base::DemiGlace->value, Base::Tomato->value], true)) {
            return vsprintf('#%02x%02x%02x', $colour);
        }
        $mixed = array_map(
            static fn(int $l, int $r): int => (int) round($l * (1.0 - self::ROUX_SHARE) + $r * self::ROUX_SHARE),
            $colour,
            $shade->swatch()->rgb(),
        );

        return vsprintf('#%02x%02x%02x', $mixed);
    }
}
