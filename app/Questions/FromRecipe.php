<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Lento\Assay\Assay;
use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Compose\Question;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Thickness\ThicknessClass;

/** A recipe that was read, as a question for Compose: the same liquid, fat, colour, simmer and pan, brought to another thickness. */
final readonly class FromRecipe
{
    /** Liquids that no base is named by, and what they are taken for. */
    private const TAKEN_FOR = ['water' => 'vegetable-stock'];

    /** @param Base|null $base made as which; the one that its liquid names if null */
    public static function to(ThicknessClass $class, Assay $assay, ?Base $base = null): ComposeFields
    {
        $liquid = self::mainLiquid($assay);
        $base ??= self::base($liquid);
        $ratio = max(0.5, min(3.0, $assay->fatToFlour()));

        return ComposeFields::from([
            'sauce' => $base->value,
            'liquid' => $liquid,
            'liquid_salt' => '0',
            'given' => 'stock',
            'stock' => sprintf('%.0F', $assay->liquidVolume->inMillilitres()),
            'stock_unit' => 'ml',
            'thickness' => $class->value,
            'colour' => $assay->colour->value,
            'fat' => self::mainFat($assay) ?? Formula::house($base)->fat,
            'ratio' => TypedNumber::plain($ratio),
            'minutes' => TypedNumber::plain(max(Question::LEAST_MINUTES, min(Question::MOST_MINUTES, $assay->simmer->inMinutes()))),
            'level' => $assay->level->value,
            'diameter' => sprintf('%.0F', $assay->pan->diameter->inMillimetres()),
            'height' => sprintf('%.0F', $assay->pan->height->inMillimetres()),
            // What the recipe has besides stays as it has it: the formula adds nothing of its own.
            'parts' => PartsField::write(
                array_fill_keys(array_map(static fn($part): string => $part->ingredient, Formula::house($base)->parts()), '0'),
            ),
            'salt' => TypedNumber::plain(max(0.0, min(3.0, $assay->end->saltPercent()))),
        ]);
    }

    private static function base(string $liquid): Base
    {
        foreach ([Base::Bechamel, Base::Veloute, Base::PanGravy] as $base) {
            if (in_array($liquid, Formula::house($base)->liquids, true)) {
                return $base;
            }
        }

        return Base::Veloute;
    }

    /** @param bool $asWritten whether water is water, and no stock of the house's */
    public static function mainLiquid(Assay $assay, bool $asWritten = false): string
    {
        $main
            = self::heaviest($assay, static fn(Ingredient|Fat $kind): bool => $kind instanceof Ingredient && $kind->role === Role::Liquid)
            ?? 'vegetable-stock';

        return $asWritten ? $main : self::TAKEN_FOR[$main] ?? $main;
    }

    public static function mainFat(Assay $assay): ?string
    {
        return self::heaviest($assay, static fn(Ingredient|Fat $kind, bool $finishes): bool => $kind instanceof Fat && !$finishes);
    }

    /** @param callable(Ingredient|Fat, bool): bool $counts told whether it is stirred in last */
    private static function heaviest(Assay $assay, callable $counts): ?string
    {
        $grams = [];
        foreach ($assay->recipe->lines as $line) {
            $kind = $line->ingredient === null ? null : Larder::house()->any($line->ingredient);
            if (($kind instanceof Ingredient || $kind instanceof Fat) && $counts($kind, $line->finishes)) {
                $grams[$kind->id] = ($grams[$kind->id] ?? 0.0) + $line->mass->inGrams();
            }
        }
        arsort($grams);

        return array_key_first($grams);
    }
}
