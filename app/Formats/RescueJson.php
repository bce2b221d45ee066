<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\RemedyWords;
use Lento\Larder\Thickener;
use Lento\Quantity\Mass;
use Lento\Rescue\Fault;
use Lento\Rescue\Patient;
use Lento\Rescue\Remedy;
use Lento\Thickness\EquivalentFlour;

/** The answer of `lento rescue --json`; its shape is docs/formats/rescue-answer.schema.json and stays stable. */
final readonly class RescueJson
{
    /**
     * @param non-empty-list<Remedy> $remedies
     *
     * @return array<string, mixed>
     */
    public static function of(string $sauce, Fault $fault, Patient $patient, array $remedies): array
    {
        $limit = $patient->condition->limit;

        return [
            'sauce' => $sauce,
            'stage' => $patient->condition->stage->value,
            'fault' => $fault->value,
            'severity' => $patient->condition->severity->value,
            'at_most_celsius' => $limit === null ? null : SheetJson::round($limit->inCelsius(), 1),
            'remedies' => array_map(static fn(Remedy $remedy): array => self::remedy($fault, $remedy, $patient), $remedies),
        ];
    }

    /** @return array<string, mixed> */
    private static function remedy(Fault $fault, Remedy $remedy, Patient $patient): array
    {
        $limit = $patient->condition->limit;

        return [
            'kind' => $remedy->kind->value,
            'title' => RemedyWords::order($fault, $remedy, $patient->liquid->id),
            'amounts' => self::amounts($remedy->goesIn, $patient),
            'first' => $remedy->byHalves() ? self::amounts($remedy->half(), $patient) : [],
            'minutes' => SheetJson::round($remedy->time->inMinutes(), 1),
            'boils' => $remedy->boils(),
            'at_most_celsius' => $limit === null ? null : SheetJson::round($limit->inCelsius(), 1),
            'after' => self::after($remedy),
        ];
    }

    /**
     * @param list<array{string, Mass}> $goesIn
     *
     * @return list<array{ingredient: string, mass_g: float, volume_ml: float|null}>
     */
    private static function amounts(array $goesIn, Patient $patient): array
    {
        return array_map(static fn(array $one): array => self::amount($one[0], $one[1], $patient), $goesIn);
    }

    /** @return array{ingredient: string, mass_g: float, volume_ml: float|null} */
    private static function amount(string $id, Mass $mass, Patient $patient): array
    {
        $kind = $patient->larder->has($id) ? $patient->larder->any($id) : $patient->liquid;
        $density = $kind instanceof Thickener ? $kind->density() : $kind->density;

        return [
            'ingredient' => $id,
            'mass_g' => SheetJson::round($mass->inGrams()),
            'volume_ml' => SheetJson::round($density->volumeOf($mass)->inMillilitres()),
        ];
    }

    /** @return array<string, mixed>|null null where there is no sauce after it: a roux, or nothing left to save */
    private static function after(Remedy $remedy): ?array
    {
        $sauce = $remedy->after;
        if ($sauce === null || $sauce->millilitres() <= 0.0) {
            return null;
        }
        $thickness = EquivalentFlour::of($sauce);

        return [
            'volume_ml' => SheetJson::round($sauce->millilitres(), 1),
            'thickness' => [
                'class' => $thickness->thicknessClass()->value,
                'effective_flour_g_per_l' => SheetJson::round($thickness->gramsPerLitre),
            ],
            'salt_percent' => SheetJson::round($sauce->saltPercent(), 3),
        ];
    }
}
