<?php

declare(strict_types=1);

namespace App\Questions;

use BackedEnum;
use Lento\Assay\KitchenWords;
use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Given;
use Lento\Compose\GivenKind;
use Lento\Compose\Question;
use Lento\Exception\LentoException;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;
use Lento\Roux\Colour;
use Lento\Roux\HobHeat;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/**
 * Turns what a cook typed, field by field, into a question for the core, and collects what is wrong with it.
 *
 * The same fields come from the form, from the address and from a request file: sauce, liquid, amount, unit, covers, each, each_unit,
 * thickness, colour, fat, ratio, heat, minutes, level, diameter, height, school; instead of an amount also stock, have_fat, have_roux or
 * fill. An empty field is the base's usual.
 */
final class QuestionReader
{
    /** What the trade calls coating. */
    private const TRADE_WORDS = ['nappe' => 'coating', 'nappé' => 'coating'];

    /** @var list<Fault> */
    private array $faults = [];

    private UnitNames $units;

    /** @param array<string, string> $fields */
    private function __construct(private readonly array $fields, MeasureSystem $measures)
    {
        $this->units = new UnitNames($measures);
    }

    /** @param array<string, string> $fields */
    public static function read(array $fields, MeasureSystem $measures): Reading
    {
        return (new self($fields, $measures))->reading();
    }

    private function reading(): Reading
    {
        $base = $this->base();
        $given = $this->given();
        $pan = $this->pan();
        $liquid = $this->ingredient('liquid', $base?->liquids() ?? []);
        $thickness = $this->thickness();
        $colour = $this->enum('colour', Colour::class);
        $fat = $this->ingredient('fat', Larder::house()->fatNames());
        $ratio = $this->number('ratio', Question::LEAST_RATIO, Question::MOST_RATIO, ' to 1');
        $minutes = $this->number('minutes', Question::LEAST_MINUTES, Question::MOST_MINUTES, ' min');
        $level = $this->enum('level', SimmerLevel::class);
        $school = $this->enum('school', School::class);
        $heat = $this->enum('heat', HobHeat::class);
        $this->refuseShallow($given, $pan);
        $this->refuseNoPan($given, $pan);
        if ($this->faults !== [] || $base === null || $given === null) {
            return Reading::faulty($this->faults === [] ? [new Fault('amount', 'missing')] : $this->faults);
        }

        return Reading::whole(Question::of(
            $base,
            $given,
            $liquid,
            $thickness,
            $colour,
            $fat,
            $ratio ?? 1.0,
            $minutes === null ? null : Duration::ofMinutes($minutes),
            $level,
            $school ?? School::ColdOnHot,
            $pan,
            $heat ?? HobHeat::Medium,
        ));
    }

    private function base(): ?Base
    {
        $name = $this->fields['sauce'] ?? '';
        if ($name === '') {
            $this->faults[] = new Fault('sauce', 'missing');

            return null;
        }
        try {
            return Base::named($name);
        } catch (LentoException) {
            $this->faults[] = $this->notOneOf('sauce', array_column(Base::cases(), 'value'));

            return null;
        }
    }

    /** Litres or covers, unless the cook starts from the stock, the fat, a ready roux, or the pan. */
    private function given(): ?Given
    {
        $named = array_keys(array_filter(
            ['stock' => $this->fields['stock'] ?? '', 'have_fat' => $this->fields['have_fat'] ?? '', 'have_roux' => $this->fields['have_roux'] ?? '', 'fill' => $this->fields['fill'] ?? ''],
            static fn(string $value): bool => $value !== '',
        ))[0] ?? 'yield';
        if ($named === 'fill') {
            return Given::pan();
        }
        if ($named === 'stock') {
            $volume = $this->volumeOf('stock', 'stock_unit', VolumeUnit::Litre, Given::LEAST_LIQUID_LITRES, Given::MOST_LIQUID_LITRES);

            return $volume === null ? null : Given::liquid($volume);
        }
        if ($named !== 'yield') {
            $mass = $this->massOf($named, $named . '_unit');

            return $mass === null ? null : ($named === 'have_fat' ? Given::fat($mass) : Given::readyRoux($mass));
        }
        $yield = $this->yield();

        return $yield === null ? null : Given::yield($yield);
    }

    private function massOf(string $field, string $unitField): ?Mass
    {
        $word = $this->fields[$unitField] ?? '';
        $unit = $word === '' ? MassUnit::Gram : $this->units->find($word);
        if (!$unit instanceof MassUnit) {
            $this->faults[] = new Fault($unitField, 'mass_unit', ['value' => mb_substr($word, 0, 40)]);

            return null;
        }
        $number = $this->number($field, $unit->amountIn(Mass::ofGrams(Given::LEAST_GRAMS)), $unit->amountIn(Mass::ofGrams(Given::MOST_GRAMS)), ' ' . $unit->value);

        return $number === null ? null : $unit->of($number);
    }

    private function volumeOf(string $field, string $unitField, VolumeUnit $usual, float $leastLitres, float $mostLitres): ?Volume
    {
        $unit = $this->volumeUnit($unitField, $usual);
        $number = $unit === null ? null : $this->required($field, $unit, $leastLitres, $mostLitres);

        return $unit === null || $number === null ? null : $unit->of($number);
    }

    private function yield(): ?Volume
    {
        if (($this->fields['covers'] ?? '') !== '') {
            return $this->portions();
        }
        if (($this->fields['amount'] ?? '') === '' && ($this->fields['unit'] ?? '') === '') {
            $this->faults[] = new Fault('amount', 'number', $this->range(Question::LEAST_LITRES, Question::MOST_LITRES, ' l'));

            return null;
        }

        return $this->volumeOf('amount', 'unit', VolumeUnit::Litre, Question::LEAST_LITRES, Question::MOST_LITRES);
    }

    private function portions(): ?Volume
    {
        $covers = $this->number('covers', 1.0, 5000.0, '');
        $unit = $this->volumeUnit('each_unit', VolumeUnit::Millilitre);
        $each = $unit === null ? null : $this->required('each', $unit, 0.005, 1.0);
        if ($covers === null || $unit === null || $each === null) {
            return null;
        }
        $yield = Volume::ofMillilitres($covers * $unit->of($each)->inMillilitres());
        if ($yield->inLitres() < Question::LEAST_LITRES || $yield->inLitres() > Question::MOST_LITRES) {
            $least = max(1.0, ceil(Question::LEAST_LITRES / $unit->of($each)->inLitres() - 1e-9));
            $this->faults[] = new Fault('covers', 'number', $this->range($least, floor(Question::MOST_LITRES / $unit->of($each)->inLitres() + 1e-9), ''));

            return null;
        }

        return $yield;
    }

    /** A number whose limits in litres are told in the unit it was written in. */
    private function required(string $field, VolumeUnit $unit, float $leastLitres, float $mostLitres): ?float
    {
        $least = $unit->amountIn(Volume::ofLitres($leastLitres));
        $most = $unit->amountIn(Volume::ofLitres($mostLitres));
        $number = $this->number($field, $least, $most, ' ' . $unit->value);
        if ($number === null && ($this->fields[$field] ?? '') === '') {
            $this->faults[] = new Fault($field, 'number', $this->range($least, $most, ' ' . $unit->value));
        }

        return $number;
    }

    private function volumeUnit(string $field, VolumeUnit $usual): ?VolumeUnit
    {
        $word = $this->fields[$field] ?? '';
        $unit = $word === '' ? $usual : $this->units->find($word);
        if (!$unit instanceof VolumeUnit) {
            $this->faults[] = new Fault($field, 'unit', ['value' => mb_substr($word, 0, 40)]);

            return null;
        }

        return $unit;
    }

    private function thickness(): ?EquivalentFlour
    {
        $value = $this->fields['thickness'] ?? '';
        $class = ThicknessClass::tryFrom(self::TRADE_WORDS[mb_strtolower($value)] ?? mb_strtolower($value));
        if ($class !== null && in_array($class, ThicknessClass::askable(), true)) {
            return $class->target();
        }
        if ($value !== '' && preg_match('/\A[\d.,-]/', $value) !== 1) {
            $this->faults[] = $this->notOneOf('thickness', array_column(ThicknessClass::askable(), 'value'));

            return null;
        }
        $grams = $this->number('thickness', Question::LEAST_THICKNESS, Question::MOST_THICKNESS, ' g flour per litre');

        return $grams === null ? null : EquivalentFlour::ofGramsPerLitre($grams);
    }

    private function pan(): ?Pan
    {
        $diameter = $this->number('diameter', Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm');
        $height = $this->number('height', Pan::LEAST_MILLIMETRES, Pan::MOST_HEIGHT_MILLIMETRES, ' mm');
        if ($diameter === null) {
            return null;
        }

        return Pan::of(Length::ofMillimetres($diameter), Length::ofMillimetres($height ?? max(Pan::LEAST_MILLIMETRES, round(0.6 * $diameter))));
    }

    private function refuseNoPan(?Given $given, ?Pan $pan): void
    {
        if ($given?->kind === GivenKind::Pan && $pan === null && ($this->fields['diameter'] ?? '') === '') {
            $this->faults[] = new Fault('diameter', 'pan_to_fill');
        }
    }

    private function refuseShallow(?Given $given, ?Pan $pan): void
    {
        $yield = $given?->volume;
        if ($given?->kind !== GivenKind::Yield || $yield === null || $pan === null || $yield->inLitres() >= Composer::leastYield($pan)->inLitres()) {
            return;
        }
        $most = floor($pan->brim()->inLitres() * 8.0) / 10.0;
        $this->faults[] = new Fault(($this->fields['covers'] ?? '') !== '' ? 'covers' : 'amount', 'shallow', [
            'least' => sprintf('%.2F', ceil(Composer::leastYield($pan)->inLitres() * 100.0) / 100.0),
            'most' => sprintf('%.1F', $most),
            'diameter' => (string) round($pan->diameter->inCentimetres(), 1),
        ]);
    }

    /** Null when empty (the usual applies) or faulty (a fault is noted). */
    private function number(string $field, float $least, float $most, string $unit): ?float
    {
        $text = $this->fields[$field] ?? '';
        $number = $text === '' ? null : Typed::number($text);
        if ($text !== '' && ($number === null || $number < $least - 1e-9 || $number > $most + 1e-9)) {
            $this->faults[] = new Fault($field, 'number', $this->range($least, $most, $unit));

            return null;
        }

        return $number;
    }

    /**
     * @template T of BackedEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    private function enum(string $field, string $enum): ?BackedEnum
    {
        $value = $this->choice($field, array_map(static fn(BackedEnum $case): string => (string) $case->value, $enum::cases()));

        return $value === null ? null : $enum::from($value);
    }

    /**
     * A larder name, or an everyday word for it: "milk", "beef stock", "ghee".
     *
     * @param list<string> $choices
     */
    private function ingredient(string $field, array $choices): ?string
    {
        $typed = mb_strtolower($this->fields[$field] ?? '');
        $meant = in_array($typed, $choices, true) ? $typed : (KitchenWords::read($typed)['id'] ?? '');

        return in_array($meant, $choices, true) ? $meant : $this->choice($field, $choices);
    }

    /** @param list<string> $choices */
    private function choice(string $field, array $choices): ?string
    {
        $value = mb_strtolower($this->fields[$field] ?? '');
        if ($value === '' || $choices === []) {
            return null;
        }
        if (!in_array($value, $choices, true)) {
            $this->faults[] = $this->notOneOf($field, $choices);

            return null;
        }

        return $value;
    }

    /** @param list<string> $choices */
    private function notOneOf(string $field, array $choices): Fault
    {
        return new Fault($field, 'choice', ['value' => mb_substr($this->fields[$field] ?? '', 0, 40), 'choices' => implode(', ', $choices)]);
    }

    /** @return array<string, string> */
    private function range(float $least, float $most, string $unit): array
    {
        return ['least' => Typed::plain($least), 'most' => Typed::plain($most), 'unit' => $unit];
    }
}
