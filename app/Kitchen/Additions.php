<?php

declare(strict_types=1);

namespace App\Kitchen;

use App\Typed\MoreField;
use App\Typed\TypedNumber;
use Lento\Assay\KitchenWords;
use Lento\Exception\LentoException;
use Lento\Exception\NotANumber;
use Lento\Exception\Unknown;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Procedure\Dose;
use Lento\Procedure\Extra;
use Lento\Procedure\Measure;
use Lento\Procedure\Where;
use Lento\Quantity\MassUnit;
use Lento\Quantity\UnitNames;
use Lento\Quantity\VolumeUnit;

/** What a cook adds of their own, as it was typed, against the larder and the units of a kitchen. */
final readonly class Additions
{
    /** Units that grow with the sauce. */
    public const PER_LITRE = ['g/l', 'ml/l', '%'];

    /** As a form offers them; whatever else a kitchen measures in can be typed. */
    public const UNITS = ['g', 'ml', 'l', 'pieces', 'tsp', 'tbsp', 'cup', 'oz', 'g/l', 'ml/l', '%'];

    private const PIECES = 'pieces';

    /** g or ml for a litre, of one in a hundred. */
    private const A_PERCENT = 10.0;

    public function __construct(private Larder $larder, private UnitNames $units) {}

    /** @return list<Extra> those that can be */
    public function read(string $field): array
    {
        $extras = [];
        foreach (MoreField::typed($field) as $row) {
            try {
                $extras[] = $this->one($row);
            } catch (LentoException) {
                continue;
            }
        }

        return $extras;
    }

    /**
     * @param array{what: string, amount: string, unit: string, place: string} $row
     *
     * @throws LentoException if it cannot be, or not there
     */
    public function one(array $row): Extra
    {
        $where = Where::tryFrom($row['place'] === '' ? Where::Last->value : $row['place'])
            ?? throw Unknown::name('place-in-the-work', $row['place']);
        $what = $this->meant($row['what']);
        [$measure, $amount, $inAll] = $this->measured(
            $row['unit'],
            $this->isLiquid($what),
            TypedNumber::number($row['amount']) ?? throw NotANumber::text($row['amount']),
        );

        return Extra::of($what, $measure, $amount, $where, $this->larder, $inAll);
    }

    /** @return array{Measure, float, bool} measure, amount of it, whether that is all of it */
    private function measured(string $unit, bool $liquid, float $number): array
    {
        $found = $this->units->find($unit === '' ? 'g' : $unit);

        return match (true) {
            $unit === self::PIECES => [Measure::Pieces, $number, true],
            $unit === 'g/l' => [Measure::Grams, $number, false],
            $unit === 'ml/l' => [Measure::Millilitres, $number, false],
            $unit === '%' => [$liquid ? Measure::Millilitres : Measure::Grams, self::A_PERCENT * $number, false],
            $found instanceof MassUnit => [Measure::Grams, $found->of($number)->inGrams(), true],
            $found instanceof VolumeUnit => [Measure::Millilitres, $found->of($number)->inMillilitres(), true],
            default => throw Unknown::name('unit', $unit),
        };
    }

    /** What goes by the jug. */
    private function isLiquid(string $what): bool
    {
        $kind = $this->larder->has($what) ? $this->larder->any($what) : null;

        return $kind instanceof Ingredient && in_array($kind->role, [Role::Liquid, Role::Enrichment, Role::Acid], true);
    }

    /** A larder name, or an everyday word for it. */
    private function meant(string $what): string
    {
        $names = [...$this->larder->names(), ...Dose::spices()];
        $meant = in_array($what, $names, true) ? $what : (KitchenWords::read(str_replace('-', ' ', $what))['id'] ?? '');

        return in_array($meant, $names, true) ? $meant : throw Unknown::name('ingredient', $what);
    }
}
