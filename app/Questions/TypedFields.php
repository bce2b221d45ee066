<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\FieldFault;
use App\Typed\TypedNumber;
use BackedEnum;
use Lento\Assay\KitchenWords;
use Lento\Compose\Given;
use Lento\Quantity\Mass;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;

/**
 * Typed fields, read one by one; what is wrong with them is collected.
 *
 * Null is said of an empty field, for which the usual holds, and of a faulty one, of which a fault is noted.
 */
final class TypedFields
{
    /** @var list<FieldFault> */
    private array $faults = [];

    private UnitNames $units;

    /** @param array<string, string> $fields */
    public function __construct(private readonly array $fields, MeasureSystem $measures)
    {
        $this->units = new UnitNames($measures);
    }

    /** @return list<FieldFault> */
    public function faults(): array
    {
        return $this->faults;
    }

    public function note(FieldFault $fault): void
    {
        $this->faults[] = $fault;
    }

    /** @param string ...$fields whose faults are asked for */
    public function faulty(string ...$fields): bool
    {
        return array_filter($this->faults, static fn(FieldFault $fault): bool => in_array($fault->field, $fields, true)) !== [];
    }

    /** As typed; '' where there is none. */
    public function text(string $field): string
    {
        return $this->fields[$field] ?? '';
    }

    /** Null when empty (the usual applies) or faulty (a fault is noted). */
    public function number(string $field, float $least, float $most, string $unit): ?float
    {
        $text = $this->text($field);
        $number = $text === '' ? null : TypedNumber::number($text);
        if ($text !== '' && ($number === null || $number < $least - 1e-9 || $number > $most + 1e-9)) {
            $this->outOfRange($field, $least, $most, $unit);

            return null;
        }

        return $number;
    }

    public function massOf(string $field, string $unitField): ?Mass
    {
        $word = $this->text($unitField);
        $unit = $word === '' ? MassUnit::Gram : $this->units->find($word);
        if (!$unit instanceof MassUnit) {
            $this->faults[] = new FieldFault($unitField, 'mass_unit', ['value' => mb_substr($word, 0, 40)]);

            return null;
        }
        [$least, $most] = [$unit->amountIn(Mass::ofGrams(Given::LEAST_GRAMS)), $unit->amountIn(Mass::ofGrams(Given::MOST_GRAMS))];
        $number = $this->number($field, $least, $most, ' ' . $unit->value);
        if ($number === null && $this->text($field) === '') {
            $this->outOfRange($field, $least, $most, ' ' . $unit->value);
        }

        return $number === null ? null : $unit->of($number);
    }

    public function volumeOf(string $field, string $unitField, VolumeUnit $usual, float $leastLitres, float $mostLitres): ?Volume
    {
        $unit = $this->volumeUnit($unitField, $usual);
        $number = $unit === null ? null : $this->required($field, $unit, $leastLitres, $mostLitres);

        return $unit === null || $number === null ? null : $unit->of($number);
    }

    /** A number whose limits in litres are told in the unit it was written in. */
    private function required(string $field, VolumeUnit $unit, float $leastLitres, float $mostLitres): ?float
    {
        $least = $unit->amountIn(Volume::ofLitres($leastLitres));
        $most = $unit->amountIn(Volume::ofLitres($mostLitres));
        $number = $this->number($field, $least, $most, ' ' . $unit->value);
        if ($number === null && $this->text($field) === '') {
            $this->outOfRange($field, $least, $most, ' ' . $unit->value);
        }

        return $number;
    }

    public function volumeUnit(string $field, VolumeUnit $usual): ?VolumeUnit
    {
        $word = $this->text($field);
        $unit = $word === '' ? $usual : $this->units->find($word);
        if (!$unit instanceof VolumeUnit) {
            $this->faults[] = new FieldFault($field, 'unit', ['value' => mb_substr($word, 0, 40)]);

            return null;
        }

        return $unit;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function enum(string $field, string $enum): ?BackedEnum
    {
        $value = $this->choice($field, array_map(static fn(BackedEnum $case): string => (string) $case->value, $enum::cases()));

        return $value === null ? null : $enum::from($value);
    }

    /**
     * A larder name, or an everyday word for it: "milk", "beef stock", "ghee".
     *
     * @param list<string> $choices
     */
    public function ingredient(string $field, array $choices): ?string
    {
        $typed = mb_strtolower($this->text($field));
        $meant = in_array($typed, $choices, true) ? $typed : (KitchenWords::read($typed)['id'] ?? '');

        return in_array($meant, $choices, true) ? $meant : $this->choice($field, $choices);
    }

    /** @param list<string> $choices */
    public function choice(string $field, array $choices): ?string
    {
        $value = mb_strtolower($this->text($field));
        if ($value === '' || $choices === []) {
            return null;
        }
        if (!in_array($value, $choices, true)) {
            $this->notOneOf($field, $choices);

            return null;
        }

        return $value;
    }

    /** @param list<string> $choices */
    public function notOneOf(string $field, array $choices): void
    {
        $this->note(
            new FieldFault($field, 'choice', ['value' => mb_substr($this->text($field), 0, 40), 'choices' => implode(', ', $choices)]),
        );
    }

    public function outOfRange(string $field, float $least, float $most, string $unit): void
    {
        $this->note(
            new FieldFault($field, 'number', ['least' => TypedNumber::plain($least), 'most' => TypedNumber::plain($most), 'unit' => $unit]),
        );
    }
}
