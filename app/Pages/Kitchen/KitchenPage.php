<?php

declare(strict_types=1);

namespace App\Pages\Kitchen;

use App\Format\Grams;
use App\Format\Station;
use App\Format\Words;
use App\Kitchen\Hand;
use App\Kitchen\Hands;
use App\Kitchen\HotelPan;
use App\Kitchen\Kitchen;
use App\Kitchen\LarderLine;
use App\Kitchen\LoadKitchen;
use App\Kitchen\OwnPan;
use App\Kitchen\OwnRules;
use App\Kitchen\OwnVessel;
use App\Kitchen\Ring;
use App\Questions\ComposeFields;
use App\Typed\MoreField;
use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\Keeps;
use Lento\Procedure\Dose;

/** What the Kitchen page shows: what is known, and how much of it. */
final readonly class KitchenPage
{
    /** A formula that this kitchen gives to its house. */
    public const SHARED = '=';

    /** @param array<string, string> $origins of formulas, by base: '' its own, SHARED, or whose it is */
    public function __construct(public Kitchen $kitchen, private array $origins = []) {}

    /** @return array<int, string> by id */
    public function panNames(): array
    {
        return array_map(static fn(OwnPan $pan): string => $pan->name, $this->kitchen->pans);
    }

    /** @return array<int, string> by id */
    public function ringNames(): array
    {
        return array_map(static fn(Ring $ring): string => $ring->name, $this->kitchen->hobs);
    }

    /** @return array<string, string> where a device may read, by place */
    public function placeNames(): array
    {
        return array_map(static fn(Station $place): string => $place->name, Station::all($this->kitchen));
    }

    /** "240 × 140 mm, holds 6.3 l, 2.1 kg, thick base" */
    public function panLine(OwnPan $pan): string
    {
        return Words::text(
            'kitchen.pans.line',
            wide: $pan->millimetresLong === null ? $pan->millimetresWide : $pan->millimetresLong . ' × ' . $pan->millimetresWide,
            high: $pan->millimetresHigh,
            litres: sprintf('%.1F', $pan->measured()->brim()->inLitres()),
            mass: Grams::of($pan->measured()->mass())->text() . ($pan->grams === null ? ' ' . Words::text('kitchen.pans.by_size') : ''),
            base: Words::text('kitchen.bases.' . $pan->base->value),
        );
    }

    /** "induction, 3500 W, 9 settings" */
    /** @return list<Hand> */
    public function hands(): array
    {
        return Hands::of($this->kitchen);
    }

    public function ringLine(Ring $ring): string
    {
        return Words::text(
            $ring->widestMillimetres === null ? 'kitchen.hobs.line' : 'kitchen.hobs.line_widest',
            widest: (string) $ring->widestMillimetres,
            kind: Words::text('kitchen.kinds.' . $ring->kind->value),
            watts: $ring->watts,
            levels: $ring->levels,
        );
    }

    /** "€8.90 a kg, 0.2 % salt" */
    public function larderLine(LarderLine $line): string
    {
        return implode(
            ', ',
            array_filter(
                [
                    $line->name === null ? '' : Words::text('kitchen.larder.resembles', name: Words::ingredient($line->like)),
                    $line->pricePerKilogram === null
                        ? ''
                        : Words::text('kitchen.larder.price', price: $this->kitchen->currency() . sprintf('%.2F', $line->pricePerKilogram)),
                    $line->saltPercent === null ? '' : Words::text('kitchen.larder.salt', percent: TypedNumber::plain($line->saltPercent)),
                    $line->fatPercent === null ? '' : Words::text('kitchen.larder.fat', percent: TypedNumber::plain($line->fatPercent)),
                ],
                static fn(string $part): bool => $part !== '',
            ),
        );
    }

    /** @return array<string, string> hotel pans as they are sold, by their key */
    public function hotelPans(): array
    {
        return array_map(static fn(HotelPan $one): string => $one->name, HotelPan::all());
    }

    /** @return array<int, OwnVessel> what it keeps sauce in */
    public function vessels(): array
    {
        return LoadKitchen::vessels();
    }

    /** "530 × 325 × 65 mm, holds 10.6 l, 4 of them" */
    public function vesselLine(OwnVessel $vessel): string
    {
        return Words::text(
            'kitchen.vessels.line',
            sides: implode(' × ', array_filter(
                [$vessel->millimetresLong, $vessel->millimetresWide, $vessel->millimetresHigh],
                static fn(?int $side): bool => $side !== null,
            )),
            litres: sprintf('%.1F', floor(10.0 * $vessel->measured()->most()->inLitres()) / 10.0),
            owned: (string) $vessel->owned,
        );
    }

    /** @return array<string, string> its own numbers, or those of the guidance it goes by, as placeholders */
    public function rulesShown(): array
    {
        return OwnRules::shown($this->kitchen->foodSafety());
    }

    /** @return array<string, array{chilled: int, frozen: int}> how long it keeps what, by Keeps */
    public function days(): array
    {
        $days = $this->kitchen->keeps()->days();

        return array_column(array_map(static fn(Keeps $keeps): array => [
            'keeps' => $keeps->value,
            'days' => ['chilled' => $days->chilled($keeps), 'frozen' => $days->frozen($keeps)],
        ], Keeps::cases()), 'days', 'keeps');
    }

    /** @return list<LarderLine> by name */
    public function larder(): array
    {
        $lines = $this->kitchen->entries;
        usort($lines, fn(LarderLine $a, LarderLine $b): int => strnatcasecmp($this->named($a), $this->named($b)));

        return $lines;
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

    /**
     * @return list<array{base: Base, name: string, changed: bool, fields: array<string, string>, parts: list<array{part: Dose,
     * value: string}>, more: list<array{what: string, amount: string, unit: string, place: string}>}>
     */
    public function formulas(): array
    {
        return array_map(function (Base $base): array {
            $fields = ComposeFields::from(['sauce' => $base->value, 'amount' => '2'])->filled($this->kitchen)->fields;
            $typed = PartsField::typed($fields['parts']);

            return [
                'base' => $base,
                'name' => Words::text('sauces.' . $base->value),
                'changed' => in_array($this->origins[$base->value] ?? null, ['', self::SHARED], true),
                'shared' => ($this->origins[$base->value] ?? null) === self::SHARED,
                'line' => $this->formulaLine($base),
                'fields' => $fields,
                'parts' => array_map(
                    static fn(Dose $part): array => ['part' => $part, 'value' => $typed[$part->ingredient] ?? '0'],
                    Formula::house($base)->parts(),
                ),
                'more' => MoreField::typed($this->kitchen->changes($base)['more'] ?? ''),
            ];
        }, Base::cases());
    }

    private function formulaLine(Base $base): string
    {
        $from = $this->origins[$base->value] ?? null;

        return match (true) {
            $from === null, $this->kitchen->changes($base) === [] => Words::text('kitchen.formulas.house'),
            $from === '', $from === self::SHARED => Words::text('kitchen.formulas.changed'),
            default => Words::text('kitchen.formulas.from', name: $from),
        };
    }

    /** @return list<string> the names they are stored under */
    public function presets(): array
    {
        $presets = array_map(static fn(FoodSafety $preset): string => $preset->name, FoodSafety::presets());

        return $this->kitchen->keeps()->own() === null ? $presets : [...$presets, OwnRules::NAME];
    }
}
