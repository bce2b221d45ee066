<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\Remedy;
use Lento\Rescue\RemedyKind;
use Lento\Thickness\EquivalentFlour;

/** A remedy as an order with its amounts, what it leads to, what to mind, and why. */
final readonly class RemedyWords
{
    public static function order(Fault $fault, Remedy $remedy, string $liquid): string
    {
        $key = match (true) {
            $remedy->kind === RemedyKind::Thicken => 'thicken.' . ($remedy->means->value ?? 'beurre-manie'),
            $remedy->kind === RemedyKind::Strain && $fault === Fault::Lumps => 'strain_lumps',
            $remedy->kind === RemedyKind::Warm && $remedy->liquid !== null => 'warm_liquid',
            default => $remedy->kind->value,
        };
        $solid = $remedy->solid ?? Mass::ofGrams(0.0);
        $means = $remedy->means ?? Means::WhiteRoux;

        return Words::text(
            'rescue.remedy.' . $key,
            liquid: Litres::of($remedy->liquid ?? Volume::ofMillilitres(0.0))->text(),
            solid: Grams::of($solid)->text(),
            butter: Grams::of(Mass::ofGrams($solid->inGrams() * $means->butter()))->text(),
            water: Grams::of(Mass::ofGrams($solid->inGrams() * $means->water()))->text(),
            name: Words::ingredient($liquid),
            mm: sprintf('%.0F', $remedy->depth?->inMillimetres() ?? 0.0),
            minutes: WatchWords::minutes($remedy->time),
        );
    }

    /** "about 4 min, then 2.05 l, coating, 58 g/l, salt 0.8 %" */
    public static function leads(Remedy $remedy): string
    {
        $takes = $remedy->time->seconds < 30.0 ? [] : [Words::text('rescue.takes', minutes: WatchWords::minutes($remedy->time))];
        $sauce = $remedy->after;
        $thickness = $sauce === null || $sauce->millilitres() <= 0.0 ? null : EquivalentFlour::of($sauce);

        return implode(', ', [
            ...$takes,
            ...$thickness === null
                ? []
                : [
                    Words::text(
                        'rescue.then',
                        litres: Litres::of($sauce->volume())->text(),
                        class: Words::text('thickness.class.' . $thickness->thicknessClass()->value),
                        grams: sprintf('%.0F', $thickness->gramsPerLitre),
                        salt: sprintf('%.1F', $sauce->saltPercent()),
                    ),
                ],
            ...$remedy->ratio === null ? [] : [Words::text('rescue.then_roux', ratio: sprintf('%.1F', $remedy->ratio))],
        ]);
    }

    /** @return string "Half first: 17 g cornflour and 0.13 l chicken stock. Judge, then the rest."; '' where it goes in at once */
    public static function halves(Remedy $remedy): string
    {
        $said = array_map(
            static fn(array $one): string => Grams::of($one[1])->text() . ' ' . Words::ingredient($one[0]),
            $remedy->byHalves() ? $remedy->half() : [],
        );
        $last = array_pop($said);

        return $last === null
            ? ''
            : Words::text('rescue.half', list: $said === [] ? $last : implode(', ', $said) . Words::text('steps.and') . $last);
    }

    /** @return string '' where nothing can hurt */
    public static function caution(Remedy $remedy): string
    {
        $path = 'rescue.caution.' . $remedy->kind->value;
        $text = Words::text($path);

        return $text === $path ? '' : $text;
    }

    public static function name(Fault $fault): string
    {
        return Words::text('rescue.fault.' . $fault->value . '.0');
    }

    public static function shows(Fault $fault): string
    {
        return Words::text('rescue.fault.' . $fault->value . '.1');
    }
}
