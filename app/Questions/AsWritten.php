<?php

declare(strict_types=1);

namespace App\Questions;

use App\Kitchen\Kitchen;
use App\Typed\MoreField;
use Lento\Assay\Assay;
use Lento\Assay\ReadLine;
use Lento\Compose\Base;
use Lento\Exception\LentoException;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Larder\Thickener;
use Lento\Procedure\Where;

/**
 * A recipe that was read, cooked as it is written: its fat, flour and liquid held, every other line an addition at its place, the amounts
 * unchanged, the procedure the house's. What has no place is told.
 */
final readonly class AsWritten
{
    /** Herbs and spices that weigh nothing, by what a line calls them: larder name, unit, and how much where no number is written. */
    private const BY_NAME = [
        'bay' => ['bay-leaf', 'pieces', 1.0],
        'thyme' => ['thyme-sprig', 'pieces', 2.0],
        'parsley' => ['parsley-stalk', 'pieces', 3.0],
        'clove' => ['clove', 'pieces', 2.0],
        'nutmeg' => ['nutmeg', 'g', 0.3],
        'cayenne' => ['cayenne', 'g', 0.2],
    ];

    /** @param list<string> $unplaced lines that go into no pot, as written */
    private function __construct(public ?ComposeFields $fields, public array $unplaced) {}

    public static function of(Assay $assay, Kitchen $kitchen): self
    {
        [$liquid, $fat] = [FromRecipe::mainLiquid($assay, asWritten: true), FromRecipe::mainFat($assay)];
        [$held, $rows, $unplaced, $toTaste] = [['fat' => 0.0, 'flour' => 0.0, 'ml' => 0.0], [], $assay->recipe->unread, false];
        $larder = $kitchen->larder();
        foreach ($assay->recipe->lines as $line) {
            $kind = $line->ingredient === null ? null : $larder->any($line->ingredient);
            $row = match (true) {
                $kind === null => self::flavour($line),
                $line->mass->inGrams() <= 0.0 => null,
                $kind instanceof Thickener => null,
                default => self::row($line, $kind, $fat, $liquid),
            };
            $held['fat'] += $kind instanceof Fat && $kind->id === $fat && !$line->finishes ? $line->mass->inGrams() : 0.0;
            $held['ml'] += $kind instanceof Ingredient && $kind->id === $liquid ? $line->volume->inMillilitres() : 0.0;
            $held['flour'] += $kind instanceof Thickener && $kind->id === 'plain-flour' ? $line->mass->inGrams() : 0.0;
            $toTaste = $toTaste || $line->ingredient === 'salt' && $line->mass->inGrams() <= 0.0;
            $nowhere = $kind === null && $row === null || $kind instanceof Thickener && $kind->id !== 'plain-flour';
            if ($nowhere || $row !== null && (!self::takes($row, $kitchen) || count($rows) >= MoreField::MOST)) {
                $unplaced[] = $line->text;
            } elseif ($row !== null) {
                $rows[] = $row;
            }
        }

        return new self(
            $held['fat'] > 0.0 && $held['flour'] > 0.0 && $held['ml'] > 0.0
                ? FromRecipe::to($assay->thickness->thicknessClass(), $assay, self::madeAs($larder->ingredient($liquid)))->with(...[
                    'liquid' => $liquid,
                    'liquid_salt' => '',
                    'given' => 'formula',
                    'have_fat' => self::exact($held['fat']),
                    'have_flour' => self::exact($held['flour']),
                    'stock' => self::exact($held['ml']),
                    'stock_unit' => 'ml',
                    // None but its own, unless it asks to be salted to taste.
                    'salt' => $toTaste ? '' : '0',
                    'more' => MoreField::write($rows),
                ])
                : null,
            $unplaced,
        );
    }

    /** The plainest roux sauce there is of milk, or of anything else: whatever more is in the pot, the recipe says itself. */
    private static function madeAs(Ingredient $liquid): Base
    {
        return $liquid->milkSolids > 0.0 ? Base::Bechamel : Base::Veloute;
    }

    /** @param array{what: string, amount: string, unit: string, place: string} $row */
    private static function takes(array $row, Kitchen $kitchen): bool
    {
        try {
            $kitchen->additions()->one($row);
        } catch (LentoException) {
            return false;
        }

        return true;
    }

    /** To the hundredth of a gram, and no rounder: what is written is held. */
    private static function exact(float $number): string
    {
        return rtrim(rtrim(sprintf('%.2F', $number), '0'), '.');
    }

    /** @return array{what: string, amount: string, unit: string, place: string}|null null for what the formula itself holds */
    private static function row(ReadLine $line, Fat|Ingredient $kind, ?string $fat, string $liquid): ?array
    {
        if ($kind->id === $liquid || $kind->id === $fat && !$line->finishes) {
            return null;
        }

        return [
            'what' => $kind->id === 'pepper' ? 'black-pepper' : $kind->id,
            'amount' => self::exact($line->mass->inGrams()),
            'unit' => 'g',
            'place' => self::place($line, $kind)->value,
        ];
    }

    private static function place(ReadLine $line, Fat|Ingredient $kind): Where
    {
        return match (true) {
            $line->finishes => Where::OffHeat,
            $kind instanceof Fat => Where::WithFlour,
            in_array($kind->role, [Role::Cheese, Role::Egg, Role::Mustard], true), $kind->id === 'soured-cream' => Where::OffHeat,
            $kind->role === Role::Vegetable => Where::WithVegetables,
            $kind->role === Role::Acid, $kind->role === Role::Seasoning && $kind->id === 'salt' => Where::Last,
            $kind->role === Role::Enrichment => Where::InSimmer,
            default => Where::WithLiquid,
        };
    }

    /** @return array{what: string, amount: string, unit: string, place: string}|null null where the house knows no use of it */
    private static function flavour(ReadLine $line): ?array
    {
        foreach (self::BY_NAME as $word => [$what, $unit, $usual]) {
            if (preg_match('/\b' . $word . '/iu', $line->text) === 1) {
                $counted = preg_match('/\A\s*(\d{1,2})\b/', $line->text, $number) === 1 && $unit === 'pieces' ? (float) $number[1] : $usual;

                return [
                    'what' => $what,
                    'amount' => self::exact($counted),
                    'unit' => $unit,
                    'place' => Where::InSimmer->value,
                ];
            }
        }

        return null;
    }
}
