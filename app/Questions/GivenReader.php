<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\TypedNumber;
use App\Typed\UnitWord;
use Lento\Compose\Given;
use Lento\Compose\Question;
use Lento\Larder\Larder;
use Lento\Quantity\Density;
use Lento\Quantity\Mass;
use Lento\Quantity\MassUnit;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/**
 * What a cook starts from: litres, covers, the liquid, the fat, the flour or the ready roux on hand, this pan filled, or a formula of their
 * own, of which flour is held, and fat and liquid where they are written.
 */
final readonly class GivenReader
{
    /** Where a number is missing that is to be given, its field is told. */
    private const FIELDS = ['stock' => 'stock', 'fat' => 'have_fat', 'flour' => 'have_flour', 'roux' => 'have_roux'];

    private const LEAST_PORTION_LITRES = 0.005;

    private const MOST_PORTION_LITRES = 1.0;

    private const MOST_COVERS = 5000.0;

    private const FORMULA = 'formula';

    /** "yield", "covers", "fill", "formula", or the field of what is on hand. */
    private string $named;

    /**
     * @param array<string, string> $typed
     * @param Larder $larder that says what a cup of a fat or of flour weighs
     */
    public function __construct(private array $typed, private UnitNames $units, private Larder $larder)
    {
        $on = array_filter([...array_values(self::FIELDS), 'fill', 'covers'], fn(string $field): bool => $this->text($field) !== '');
        $this->named = $this->text('given') === self::FORMULA
            ? self::FORMULA
            : array_values($on)[0] ?? self::FIELDS[$this->text('given')] ?? 'yield';
    }

    public function isFormula(): bool
    {
        return $this->named === self::FORMULA;
    }

    /** @return Mass|null of a formula; null where it is free */
    public function fat(Fields $fields): ?Mass
    {
        return $this->weighed($fields, 'have_fat');
    }

    /** @return Mass|null of a formula; null where it cannot be read */
    public function flour(Fields $fields): ?Mass
    {
        return $this->weighed($fields, 'have_flour');
    }

    /** @return Volume|null of a formula, of the liquid that the sauce is named by; null where it is free */
    public function liquid(Fields $fields): ?Volume
    {
        return $this->measured($fields, 'stock', VolumeUnit::Litre);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...$this->rulesOfGiven(), ...$this->rulesOfThere()];
    }

    /** @return array<string, list<mixed>> */
    private function rulesOfGiven(): array
    {
        return match ($this->named) {
            'fill' => [],
            self::FORMULA => [
                ...$this->mass('have_flour'),
                ...$this->mass('have_fat', needed: false),
                ...$this->volume('stock', VolumeUnit::Litre, Given::LEAST_LIQUID_LITRES, Given::MOST_LIQUID_LITRES, needed: false),
            ],
            'stock' => $this->volume('stock', VolumeUnit::Litre, Given::LEAST_LIQUID_LITRES, Given::MOST_LIQUID_LITRES),
            'covers' => [
                'covers' => [Number::between(1.0, self::MOST_COVERS)],
                ...$this->volume('each', VolumeUnit::Millilitre, self::LEAST_PORTION_LITRES, self::MOST_PORTION_LITRES),
            ],
            'yield' => $this->volume('amount', VolumeUnit::Litre, Question::LEAST_LITRES, Question::MOST_LITRES),
            default => $this->mass($this->named),
        };
    }

    /** @return array<string, list<mixed>> of what is on hand and need not all be used */
    private function rulesOfThere(): array
    {
        return [
            ...$this->text('there_fat') === '' ? [] : $this->mass('there_fat', needed: false),
            ...$this->text('there_liquid') === ''
                ? []
                : $this->volume('there_liquid', VolumeUnit::Litre, Given::LEAST_LIQUID_LITRES, Given::MOST_LIQUID_LITRES, needed: false),
        ];
    }

    /** @return Mass|null what there is of the fat, used or not */
    public function fatThere(Fields $fields): ?Mass
    {
        return $this->weighed($fields, 'there_fat');
    }

    /** @return Volume|null what there is of the liquid, used or not */
    public function liquidThere(Fields $fields): ?Volume
    {
        return $this->measured($fields, 'there_liquid', VolumeUnit::Litre);
    }

    /** What is given; or what is wrong with it only as a whole; null where a field of it is faulty. */
    public function given(Fields $fields): Given|FieldFault|null
    {
        if ($this->named === 'fill') {
            return Given::pan();
        }
        if ($this->named === self::FORMULA) {
            return $this->formula($fields);
        }
        if ($this->named === 'covers') {
            $covers = $fields->number('covers');
            $each = $this->measured($fields, 'each', VolumeUnit::Millilitre);

            return $covers === null || $each === null ? null : self::portions($covers, $each);
        }
        if (in_array($this->named, ['stock', 'yield'], true)) {
            $volume = $this->measured($fields, $this->named === 'stock' ? 'stock' : 'amount', VolumeUnit::Litre);

            return match (true) {
                $volume === null => null,
                $this->named === 'stock' => Given::liquid($volume),
                default => Given::yield($volume),
            };
        }
        $mass = $this->weighed($fields, $this->named);

        return match (true) {
            $mass === null => null,
            $this->named === 'have_roux' => Given::readyRoux($mass),
            $this->named === 'have_flour' => $this->fatFor($mass),
            default => Given::fat($mass),
        };
    }

    /** The liquid of a formula; where that is free to be worked out, its fat says how much. */
    private function formula(Fields $fields): Given|FieldFault|null
    {
        [$flour, $liquid] = [$this->flour($fields), $this->liquid($fields)];
        if ($flour === null || isset($fields->faults['stock']) || isset($fields->faults['have_fat'])) {
            return null;
        }

        return match (true) {
            $liquid !== null => Given::liquid($liquid),
            $this->fat($fields) !== null => Given::fat($this->fat($fields)),
            default => $this->fatFor($flour),
        };
    }

    /** With flour on hand, the fat that goes with it says as much; a ratio that makes no sense is told at its own field. */
    private function fatFor(Mass $flour): Given|FieldFault
    {
        $ratio = max(Question::LEAST_RATIO, min(Question::MOST_RATIO, TypedNumber::number($this->text('ratio')) ?? 1.0));
        $grams = $flour->inGrams() * $ratio;

        return $grams < Given::LEAST_GRAMS || $grams > Given::MOST_GRAMS
            ? Number::between(ceil(Given::LEAST_GRAMS / $ratio), floor(Given::MOST_GRAMS / $ratio), ' g')->outside('have_flour')
            : Given::fat(Mass::ofGrams($grams));
    }

    private static function portions(float $covers, Volume $each): Given|FieldFault
    {
        $yield = Volume::ofMillilitres($covers * $each->inMillilitres());
        if ($yield->inLitres() >= Question::LEAST_LITRES && $yield->inLitres() <= Question::MOST_LITRES) {
            return Given::yield($yield);
        }

        return Number::between(
            max(1.0, ceil(Question::LEAST_LITRES / $each->inLitres() - 1e-9)),
            floor(Question::MOST_LITRES / $each->inLitres() + 1e-9),
        )->outside('covers');
    }

    /** @return array<string, list<mixed>> its unit, and the number where that says how much it may be */
    private function volume(string $field, VolumeUnit $usual, float $least, float $most, bool $needed = true): array
    {
        $unit = $this->unit($field, $usual);
        $asked = static fn(Number $number): Number => $needed ? $number->needed() : $number;

        return [
            self::unitOf($field) => [UnitWord::ofVolume($this->units)],
            ...$unit instanceof VolumeUnit ? [$field => [$asked(Number::volume($unit, $least, $most))]] : [],
        ];
    }

    /** @return array<string, list<mixed>> */
    private function mass(string $field, bool $needed = true): array
    {
        $asked = static fn(Number $number): Number => $needed ? $number->needed() : $number;
        [$unit, $density] = [$this->unit($field, MassUnit::Gram), $this->density($field)];
        $litres = static fn(float $grams): float => $density === null ? $grams : $density->volumeOf(Mass::ofGrams($grams))->inLitres();

        return [
            self::unitOf($field) => [$density === null ? UnitWord::ofMass($this->units) : UnitWord::any($this->units)],
            ...match (true) {
                $unit instanceof MassUnit => [$field => [$asked(Number::mass($unit, Given::LEAST_GRAMS, Given::MOST_GRAMS))]],
                $unit instanceof VolumeUnit && $density !== null => [
                    $field => [$asked(Number::volume($unit, $litres(Given::LEAST_GRAMS), $litres(Given::MOST_GRAMS)))],
                ],
                default => [],
            },
        ];
    }

    /** What a cup of it weighs; null for what nobody measures by the cup. */
    private function density(string $field): ?Density
    {
        $fat = $this->text('fat');

        return match ($field) {
            'have_flour' => $this->larder->thickener('plain-flour')->density(),
            'have_fat', 'there_fat' => $this->larder->fat(in_array($fat, $this->larder->fatNames(), true) ? $fat : 'butter')->density,
            default => null,
        };
    }

    private function measured(Fields $fields, string $field, VolumeUnit $usual): ?Volume
    {
        [$unit, $number] = [$this->unit($field, $usual), $fields->number($field)];

        return $unit instanceof VolumeUnit && $number !== null ? $unit->of($number) : null;
    }

    private function weighed(Fields $fields, string $field): ?Mass
    {
        [$unit, $number] = [$this->unit($field, MassUnit::Gram), $fields->number($field)];

        return match (true) {
            $number === null => null,
            $unit instanceof MassUnit => $unit->of($number),
            $unit instanceof VolumeUnit => $this->density($field)?->massOf($unit->of($number)),
            default => null,
        };
    }

    private function unit(string $field, MassUnit|VolumeUnit $usual): MassUnit|VolumeUnit|null
    {
        $word = $this->text(self::unitOf($field));

        return $word === '' ? $usual : $this->units->find($word);
    }

    private static function unitOf(string $field): string
    {
        return $field === 'amount' ? 'unit' : $field . '_unit';
    }

    private function text(string $field): string
    {
        return $this->typed[$field] ?? '';
    }
}
