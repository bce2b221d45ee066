<?php

declare(strict_types=1);

namespace App\Family;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\PartMeasure;
use Lento\Family\Catalogue;
use Lento\Family\Derivative;
use Lento\Family\Dose;
use Lento\Family\Fate;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** Turns what was typed of a base that is there into amounts for the core, and collects what is wrong, field by field. */
final readonly class SupplyReader
{
    /** g, ml or pieces: more of one thing is no kitchen's. */
    private const MOST_ON_HAND = 100_000.0;

    private function __construct(private SupplyFields $fields, private Kitchen $kitchen, private Catalogue $catalogue) {}

    public static function read(SupplyFields $fields, Kitchen $kitchen, Catalogue $catalogue): SupplyReading
    {
        return (new self($fields, $kitchen, $catalogue))->reading();
    }

    private function reading(): SupplyReading
    {
        $base = Base::tryFrom($this->fields->base) ?? Base::Veloute;
        $liquids = Liquids::of($base->value, $this->catalogue, $this->kitchen);
        $liquid = in_array($this->fields->liquid, $liquids, true) ? $this->fields->liquid : $liquids[0];
        $derivatives = $this->derivatives($base, $liquid);
        $counted = self::counted($derivatives);
        $litres = self::litres('litres', $this->fields->litres);
        [$short, $wrongShort] = $this->short($counted);
        [$wishes, $wrongWishes] = $this->wishes($derivatives);

        return new SupplyReading($base, $liquid, is_float($litres) ? $litres : 0.0, $derivatives, $counted, $short, $wishes, [
            ...$litres instanceof FieldFault ? ['litres' => $litres] : [],
            ...$wrongShort,
            ...$wrongWishes,
        ]);
    }

    /** @return list<Derivative> what is made of the base straight away, with this stock */
    private function derivatives(Base $base, string $liquid): array
    {
        $children = array_filter($this->catalogue->childrenOf($base->value), static fn(string $id): bool => Base::tryFrom($id) === null);
        $house = self::like($liquid, $this->kitchen);

        return array_values(
            array_filter(
                array_map($this->catalogue->derivative(...), $children),
                static fn(Derivative $one): bool => $one->stocks === [] || in_array($house, $one->stocks, true),
            ),
        );
    }

    /**
     * @param array<string, PartMeasure> $counted
     *
     * @return array{array<string, Mass>, array<string, FieldFault>}
     */
    private function short(array $counted): array
    {
        [$short, $faults] = [[], []];
        foreach (array_intersect_key($this->fields->short, $counted) as $id => $text) {
            $much = TypedNumber::number($text);
            if ($much === null || $much < 0.0 || $much > self::MOST_ON_HAND) {
                $faults["short.$id"] = new FieldFault('on_hand', 'number', [
                    'least' => '0',
                    'most' => TypedNumber::plain(self::MOST_ON_HAND),
                    'unit' => ' ' . Words::text('units.part.' . $counted[$id]->value),
                ]);
            } else {
                $short[$id] = Dose::counted($id, $counted[$id], $much)->mass(Volume::ofLitres(1.0), $this->kitchen->larder());
            }
        }

        return [$short, $faults];
    }

    /**
     * @param list<Derivative> $derivatives
     *
     * @return array{list<array{Derivative, Volume}>, array<string, FieldFault>}
     */
    private function wishes(array $derivatives): array
    {
        [$wishes, $faults] = [[], []];
        foreach ($derivatives as $derivative) {
            $text = $this->fields->wishes[$derivative->id] ?? '';
            $litres = $text === '' ? null : self::litres('litres', $text);
            if ($litres instanceof FieldFault) {
                $faults["wish.{$derivative->id}"] = $litres;
            } elseif ($litres !== null) {
                $wishes[] = [$derivative, Volume::ofLitres($litres)];
            }
        }

        return [$wishes, $faults];
    }

    private static function litres(string $field, string $text): float|FieldFault
    {
        $litres = TypedNumber::number($text);

        return $litres === null || $litres < ServiceReader::LEAST_LITRES || $litres > ServiceReader::MOST_LITRES
            ? new FieldFault($field, 'number', [
                'least' => TypedNumber::plain(ServiceReader::LEAST_LITRES),
                'most' => TypedNumber::plain(ServiceReader::MOST_LITRES),
                'unit' => ' l',
            ])
            : $litres;
    }

    /** The stock of the house that a kitchen's own resembles. */
    private static function like(string $liquid, Kitchen $kitchen): string
    {
        foreach ($kitchen->entries as $entry) {
            if ($entry->larderId() === $liquid) {
                return $entry->like;
            }
        }

        return $liquid;
    }

    /**
     * @param list<Derivative> $derivatives
     *
     * @return array<string, PartMeasure> what any of them needs, as a cook counts it
     */
    private static function counted(array $derivatives): array
    {
        $counted = [];
        foreach ($derivatives as $derivative) {
            foreach ($derivative->doses() as $dose) {
                $counted = $dose->fate === Fate::Flavours ? $counted : [...$counted, $dose->ingredient => $dose->measure];
            }
        }

        return $counted;
    }
}
