<?php

declare(strict_types=1);

namespace App\Questions;

use App\Kitchen\Choices;
use App\Kitchen\Kitchen;
use BackedEnum;
use Lento\Assay\KitchenWords;
use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\CookOut;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\FlourWay;
use Lento\Compose\Choice\LateThickening;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\Pepper;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\SkinGuard;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\Choice\StrainWay;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\Given;
use Lento\Compose\GivenKind;
use Lento\Compose\Method;
use Lento\Compose\Part;
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
use Lento\Quantity\Temperature;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;
use Lento\Roux\Colour;
use Lento\Roux\HobHeat;
use Lento\Roux\OvenRoux;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/**
 * Turns what a cook typed, field by field, into a question for the core, and collects what is wrong with it.
 *
 * The same fields come from the form, from the address and from a request file: those of ComposeFields, where only one says how much, and
 * `fill` for a pan. An empty field is the kitchen's usual, or the base's.
 */
final class QuestionReader
{
    /** % of salt in a liquid: a paste stirred up double. */
    private const MOST_LIQUID_SALT = 5.0;

    /** Where a number is missing that is to be given, its field is told. */
    private const GIVEN_FIELDS = ['stock' => 'stock', 'fat' => 'have_fat', 'flour' => 'have_flour', 'roux' => 'have_roux'];

    /** What the trade calls coating. */
    private const TRADE_WORDS = ['nappe' => 'coating', 'nappé' => 'coating'];

    /** @var list<Fault> */
    private array $faults = [];

    private UnitNames $units;

    /** @param array<string, string> $fields */
    private function __construct(private readonly array $fields, private readonly Kitchen $kitchen)
    {
        $this->units = new UnitNames($kitchen->measures);
    }

    /** @param array<string, string> $fields */
    public static function read(array $fields, Kitchen $kitchen): Reading
    {
        // What the kitchen always does, unless this question says otherwise.
        return (new self([...$kitchen->usual(), ...array_filter($fields, static fn(string $value): bool => $value !== '')], $kitchen))->reading();
    }

    private function reading(): Reading
    {
        $base = $this->base();
        $given = $this->given();
        $pan = $this->pan();
        $liquid = $this->ingredient('liquid', $base === null ? [] : $this->kitchen->liquids($base));
        $thickness = $this->thickness();
        $colour = $this->enum('colour', Colour::class);
        $fat = $this->ingredient('fat', $this->kitchen->larder()->fatNames());
        $ratio = $this->number('ratio', Question::LEAST_RATIO, Question::MOST_RATIO, ' to 1');
        $minutes = $this->number('minutes', Question::LEAST_MINUTES, Question::MOST_MINUTES, ' min');
        $reduce = $this->number('reduce', Question::LEAST_REDUCTION, Question::MOST_REDUCTION, ' %');
        $level = $this->enum('level', SimmerLevel::class);
        $school = $this->enum('school', School::class);
        $heat = $this->heat($pan);
        $oven = $this->number('oven', OvenRoux::LEAST_AIR, OvenRoux::MOST_AIR, ' °C') ?? Typed::number($this->kitchen->setting('oven'));
        $liquidSalt = $this->number('liquid_salt', 0.0, self::MOST_LIQUID_SALT, ' %');
        $formula = $base === null ? null : $this->formula($base);
        $method = $this->method($formula === null ? new Method() : $formula->method);
        $this->refuseShallow($given, $pan);
        $this->refuseNoPan($given, $pan);
        if ($this->faults !== [] || $base === null || $given === null || $formula === null) {
            return Reading::faulty($this->faults === [] ? [new Fault('amount', 'missing')] : $this->faults);
        }

        return Reading::whole(Question::of(
            $base,
            $this->byRatio($given, $ratio ?? 1.0),
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
            $this->larder($liquid ?? $formula->liquids[0], $liquidSalt),
            formula: $formula,
            method: $method,
            reduceBy: $reduce === null ? null : $reduce / 100.0,
            oven: $oven === null ? null : Temperature::ofCelsius($oven),
            boilsAt: $this->kitchen->boilsAt(),
        ));
    }

    /** With flour on hand, the fat that goes with it says as much. */
    private function byRatio(Given $given, float $ratio): Given
    {
        return ($this->fields['have_flour'] ?? '') !== '' && $given->kind === GivenKind::Fat && $given->mass !== null ? Given::fat(Mass::ofKilograms($given->mass->kilograms * $ratio)) : $given;
    }

    private function larder(string $liquid, ?float $salt): Larder
    {
        $larder = $this->kitchen->larder();

        return $salt === null ? $larder : $larder->with($larder->ingredient($liquid)->similar($liquid === '' ? 'stock' : $liquid, salt: $salt / 100.0));
    }

    /** The formula with this question's own amounts. */
    private function formula(Base $base): ?Formula
    {
        $formula = $this->kitchen->formula($base);
        $salt = $this->number('salt', 0.0, Formula::MOST_SALT_PERCENT, ' %');
        $known = array_column(array_map(static fn(Part $part): array => [$part->ingredient, $part], $formula->parts), 1, 0);
        $perLitre = [];
        foreach (PartsField::typed($this->fields['parts'] ?? '') as $name => $text) {
            $number = Typed::number($text);
            $part = $known[$name] ?? null;
            if ($part === null) {
                continue;
            }
            if ($number === null || $number < 0.0 || $number > Part::MOST) {
                $this->faults[] = new Fault('parts', 'part', ['part' => $name, 'most' => Typed::plain(Part::MOST), 'unit' => $part->measure->value]);
            } elseif (abs($number - $part->perLitre) > 1e-9) {
                $perLitre[$name] = $number;
            }
        }

        return $this->faults === [] || array_filter($this->faults, static fn(Fault $fault): bool => in_array($fault->field, ['parts', 'salt'], true)) === [] ? $formula->with(salt: $salt === null ? null : $salt / 100.0, perLitre: $perLitre) : null;
    }

    private function method(Method $usual): Method
    {
        return new Method(
            $this->enum('flour', FlourWay::class) ?? $usual->flour,
            $this->enum('place', RouxPlace::class),
            $this->enum('cookout', CookOut::class) ?? $usual->cookOut,
            $this->enum('stirring', Stirring::class) ?? $usual->stirring,
            $this->choice('browned', Choices::YES_NO) === 'yes',
            $this->enum('aromatics', AromaticsWay::class),
            $this->enum('strain', StrainWay::class),
            $this->enum('pepper', Pepper::class) ?? $usual->pepper,
            $this->enum('salting', SaltTime::class) ?? $usual->salt,
            $this->enum('skin', SkinGuard::class) ?? $usual->skin,
            $this->enum('milk', MilkWay::class) ?? $usual->milk,
            $this->enum('late', LateThickening::class) ?? $usual->late,
            $this->enum('finish', FinishWay::class) ?? $usual->finish,
        );
    }

    /** As asked for, or as much of it as the ring gives into this pan. */
    private function heat(?Pan $pan): ?HobHeat
    {
        $heat = $this->enum('heat', HobHeat::class);
        $hob = $this->kitchen->hobs[(int) ($this->fields['hob'] ?? '0')] ?? $this->kitchen->firstHob();

        return $hob === null || $pan === null ? $heat : $hob->rated()->reaches($heat ?? HobHeat::Medium, $pan);
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
            ['stock' => $this->fields['stock'] ?? '', 'have_fat' => $this->fields['have_fat'] ?? '', 'have_flour' => $this->fields['have_flour'] ?? '', 'have_roux' => $this->fields['have_roux'] ?? '', 'fill' => $this->fields['fill'] ?? ''],
            static fn(string $value): bool => $value !== '',
        ))[0] ?? self::GIVEN_FIELDS[$this->fields['given'] ?? ''] ?? 'yield';
        if ($named === 'fill') {
            return Given::pan();
        }
        if ($named === 'stock') {
            $volume = $this->volumeOf('stock', 'stock_unit', VolumeUnit::Litre, Given::LEAST_LIQUID_LITRES, Given::MOST_LIQUID_LITRES);

            return $volume === null ? null : Given::liquid($volume);
        }
        if ($named !== 'yield') {
            $mass = $this->massOf($named, $named . '_unit');

            return $mass === null ? null : ($named === 'have_roux' ? Given::readyRoux($mass) : Given::fat($mass));
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
        [$least, $most] = [$unit->amountIn(Mass::ofGrams(Given::LEAST_GRAMS)), $unit->amountIn(Mass::ofGrams(Given::MOST_GRAMS))];
        $number = $this->number($field, $least, $most, ' ' . $unit->value);
        if ($number === null && ($this->fields[$field] ?? '') === '') {
            $this->faults[] = new Fault($field, 'number', $this->range($least, $most, ' ' . $unit->value));
        }

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
        $own = $this->kitchen->pans[(int) ($this->fields['pan'] ?? '0')] ?? null;
        if ($own !== null && ($this->fields['diameter'] ?? '') === '') {
            return $own->measured();
        }
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
