<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Exception\Missing;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Larder\Thickener;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/** A recipe's lines sorted into flour, fat, liquid and the rest. */
final readonly class ShoppingList
{
    /**
     * @param non-empty-list<array{Thickener, Mass}> $flours
     * @param list<array{Fat, Mass}> $fats
     * @param list<array{Ingredient, Mass}> $rest liquids first among them
     * @param list<array{Ingredient|Fat, Mass}> $finishes stirred in at the end, in the recipe's order
     */
    private function __construct(
        public array $flours,
        public array $fats,
        public array $rest,
        public Mass $flour,
        public Mass $fat,
        public Mass $liquid,
        public Volume $liquidVolume,
        public Mass $vegetables,
        public Volume $vegetablesVolume,
        public array $finishes,
    ) {}

    /** @throws Missing if no flour or starch, or no liquid, could be read */
    public static function of(Recipe $recipe, Larder $larder): self
    {
        [$flours, $fats, $rest, $finishes] = [[], [], [], []];
        [$flour, $fat, $liquid, $liquidMl, $vegetables, $vegetablesMl] = [0.0, 0.0, 0.0, 0.0, 0.0, 0.0];
        foreach ($recipe->lines as $line) {
            $kind = $line->ingredient === null ? null : $larder->any($line->ingredient);
            $grams = $line->mass->inGrams();
            if ($line->finishes && ($kind instanceof Fat || $kind instanceof Ingredient)) {
                $finishes[] = [$kind, $line->mass];
            } elseif ($kind instanceof Thickener) {
                $flours[] = [$kind, $line->mass];
                $flour += $grams;
            } elseif ($kind instanceof Fat) {
                $fats[] = [$kind, $line->mass];
                $fat += $grams;
            } elseif ($kind instanceof Ingredient && $kind->role === Role::Vegetable) {
                $vegetables += $grams;
                $vegetablesMl += Sauce::nothing()->with($kind, $line->mass)->millilitres();
            } elseif ($kind instanceof Ingredient) {
                $rest[] = [$kind, $line->mass];
                [$asLiquid, $asMl] = self::asLiquid($kind, $line, $larder->ingredient('water')->density->inGramsPerMillilitre());
                $liquid += $asLiquid;
                $liquidMl += $asMl;
            }
        }
        if ($flours === [] || $flour <= 0.0) {
            throw Missing::from('recipe', 'flour-or-starch');
        }
        if ($liquid <= 0.0) {
            throw Missing::from('recipe', 'liquid');
        }

        return new self(
            $flours,
            $fats,
            $rest,
            Mass::ofGrams($flour),
            Mass::ofGrams($fat),
            Mass::ofGrams($liquid),
            Volume::ofMillilitres($liquidMl),
            Mass::ofGrams($vegetables),
            Volume::ofMillilitres($vegetablesMl),
            $finishes,
        );
    }

    /** @return array{float, float} g and ml that count as liquid: all of milk, stock and tomato, only the water of wine and cream */
    private static function asLiquid(Ingredient $kind, ReadLine $line, float $waterDensity): array
    {
        $water = $line->mass->inGrams() * $kind->water;

        return match ($kind->role) {
            Role::Liquid, Role::Tomato => [$line->mass->inGrams(), $line->volume->inMillilitres()],
            Role::Enrichment => [$water, $water / $waterDensity],
            default => [0.0, 0.0],
        };
    }
}
