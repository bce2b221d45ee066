<?php

declare(strict_types=1);

namespace App\Family;

use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use Lento\Compose\Base;
use Lento\Family\Catalogue;
use Lento\Family\Derivative;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Measure;
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
        $read = Fields::read(
            ['litres' => $this->fields->litres, 'short' => $this->fields->short, 'wish' => $this->fields->wishes],
            self::rules($derivatives, $counted),
        );

        return new SupplyReading(
            new SupplyBase($base, $liquid, $read->number('litres') ?? 0.0),
            $derivatives,
            $counted,
            $this->short($read, $counted),
            self::wishes($read, $derivatives),
            array_map(
                static fn(FieldFault $one): FieldFault => $one->named(str_starts_with($one->field, 'short.') ? 'on_hand' : 'litres'),
                $read->faults,
            ),
        );
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
     * @param list<Derivative> $derivatives
     * @param array<string, Measure> $counted
     *
     * @return array<string, list<mixed>>
     */
    private static function rules(array $derivatives, array $counted): array
    {
        $litres = Number::between(ServiceReader::LEAST_LITRES, ServiceReader::MOST_LITRES, ' l');
        $rules = ['litres' => [$litres->needed()]];
        foreach ($counted as $id => $measure) {
            $rules["short.$id"] = [Number::between(0.0, self::MOST_ON_HAND, ' ' . Words::text('units.part.' . $measure->value))];
        }
        foreach ($derivatives as $derivative) {
            $rules["wish.{$derivative->id}"] = [$litres];
        }

        return $rules;
    }

    /**
     * @param array<string, Measure> $counted
     *
     * @return array<string, Mass>
     */
    private function short(Fields $read, array $counted): array
    {
        $short = [];
        foreach ($counted as $id => $measure) {
            $much = $read->number("short.$id");
            if ($much !== null) {
                $short[$id] = Dose::counted($id, $measure, $much)->mass(Volume::ofLitres(1.0), $this->kitchen->larder());
            }
        }

        return $short;
    }

    /**
     * @param list<Derivative> $derivatives
     *
     * @return list<array{Derivative, Volume}>
     */
    private static function wishes(Fields $read, array $derivatives): array
    {
        $wishes = [];
        foreach ($derivatives as $derivative) {
            $litres = $read->number("wish.{$derivative->id}");
            if ($litres !== null) {
                $wishes[] = [$derivative, Volume::ofLitres($litres)];
            }
        }

        return $wishes;
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
     * @return array<string, Measure> what any of them needs, as a cook counts it
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
