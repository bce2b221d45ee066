<?php

declare(strict_types=1);

namespace App\Pages\Compose;

use App\Format\Litres;
use App\Format\Words;
use App\Typed\TypedNumber;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Quantity\VolumeUnit;

/** A quart is not a quart: which one this kitchen means, and what it would be in the other's. */
final readonly class WhichUnit
{
    /** The unit by its whole name, where its size depends on the kitchen; else as it was typed. */
    public static function called(string $typed, MeasureSystem $measures): string
    {
        $unit = (new UnitNames($measures))->find($typed);

        return $unit instanceof VolumeUnit && self::other($unit) !== null ? $unit->value : $typed;
    }

    /** "2 us quart: 1.89 l. In imperial quart it would be 2.27 l."; '' where there is but one of the name */
    public static function says(string $number, string $typed, MeasureSystem $measures): string
    {
        [$amount, $unit] = [TypedNumber::number($number), (new UnitNames($measures))->find($typed)];
        $other = $unit instanceof VolumeUnit ? self::other($unit) : null;

        return $amount === null || $other === null ? '' : Words::text(
            'compose.which_unit',
            amount: $number . ' ' . $unit->value,
            litres: Litres::of($unit->of($amount))->text(),
            other: $other->value,
            other_litres: Litres::of($other->of($amount))->text(),
        );
    }

    private static function other(VolumeUnit $unit): ?VolumeUnit
    {
        return match ($unit) {
            VolumeUnit::UsQuart => VolumeUnit::ImperialQuart,
            VolumeUnit::ImperialQuart => VolumeUnit::UsQuart,
            VolumeUnit::UsPint => VolumeUnit::ImperialPint,
            VolumeUnit::ImperialPint => VolumeUnit::UsPint,
            VolumeUnit::UsGallon => VolumeUnit::ImperialGallon,
            VolumeUnit::ImperialGallon => VolumeUnit::UsGallon,
            VolumeUnit::UsFluidOunce => VolumeUnit::ImperialFluidOunce,
            VolumeUnit::ImperialFluidOunce => VolumeUnit::UsFluidOunce,
            VolumeUnit::UsCup => VolumeUnit::MetricCup,
            VolumeUnit::MetricCup => VolumeUnit::UsCup,
            default => null,
        };
    }
}
