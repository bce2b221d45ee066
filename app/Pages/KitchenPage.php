<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Kitchen\LarderLine;
use App\Kitchen\OwnPan;
use App\Questions\ComposeFields;
use App\Questions\PartsField;
use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Compose\Part;
use Lento\Keeping\FoodSafety;

/** What the Kitchen page shows: what is known, and how much of it. */
final readonly class KitchenPage
{
    public function __construct(public Kitchen $kitchen) {}

    /** Litres to the brim, to a tenth. */
    public function holds(OwnPan $pan): string
    {
        return sprintf('%.1F', $pan->measured()->brim()->inLitres());
    }

    /** @return array<string, string> larder ids by their plain names, in the order of the alphabet */
    public function known(): array
    {
        $names = array_combine(Kitchen::known(), array_map(Words::ingredient(...), Kitchen::known()));
        asort($names, SORT_NATURAL | SORT_FLAG_CASE);

        return $names;
    }

    public function named(LarderLine $entry): string
    {
        return $entry->name ?? Words::ingredient($entry->like);
    }

    /** @return list<array{base: Base, name: string, changed: bool, fields: array<string, string>, parts: list<array{part: Part, value: string}>}> */
    public function formulas(): array
    {
        return array_map(function (Base $base): array {
            $fields = ComposeFields::from(['sauce' => $base->value, 'amount' => '2'])->filled($this->kitchen)->fields;
            $typed = PartsField::typed($fields['parts']);

            return [
                'base' => $base,
                'name' => Words::text('sauces.' . $base->value),
                'changed' => $this->kitchen->changes($base) !== [],
                'fields' => $fields,
                'parts' => array_map(static fn(Part $part): array => ['part' => $part, 'value' => $typed[$part->ingredient] ?? '0'], Formula::house($base)->parts),
            ];
        }, Base::cases());
    }

    /** @return list<string> the names they are stored under */
    public function presets(): array
    {
        return array_map(static fn(FoodSafety $preset): string => $preset->name, FoodSafety::presets());
    }
}
