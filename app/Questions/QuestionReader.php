<?php

declare(strict_types=1);

namespace App\Questions;

use App\Kitchen\Choices;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnPan;
use App\Typed\FieldFault;
use App\Typed\PartsField;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\CookOut;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\FlourWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\Pepper;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
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
use Lento\Heat\HobHeat;
use Lento\Keeping\SkinGuard;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Rescue\LateThickening;
use Lento\Roux\Colour;
use Lento\Roux\OvenRoux;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/**
 * Turns what a cook typed, field by field, into a question for the core, and collects what is wrong with it.
 *
 * The same fields come from the form, from the address and from a request file: those of ComposeFields, where only one says how much, and
 * `fill` for a pan. An empty field is the kitchen's usual, or the base's.
 */
final readonly class QuestionReader
{
    /** % of salt in a liquid: a paste stirred up double. */
    private const MOST_LIQUID_SALT = 5.0;

    /** What the trade calls coating. */
    private const TRADE_WORDS = ['nappe' => 'coating', 'nappé' => 'coating'];

    private function __construct(private TypedFields $fields, private Kitchen $kitchen) {}

    /** @param array<string, string> $fields */
    public static function read(array $fields, Kitchen $kitchen): ReadQuestion
    {
        // What the kitchen always does, unless this question says otherwise.
        return (new self(
            new TypedFields(
                [...$kitchen->usual(), ...array_filter($fields, static fn(string $value): bool => $value !== '')],
                $kitchen->measures,
            ),
            $kitchen,
        ))->reading();
    }

    private function reading(): ReadQuestion
    {
        $base = $this->base();
        $given = (new GivenReader($this->fields))->given();
        $pan = $this->pan();
        $liquid = $this->fields->ingredient('liquid', $base === null ? [] : $this->kitchen->liquids($base));
        $thickness = $this->thickness();
        $colour = $this->fields->enum('colour', Colour::class);
        $fat = $this->fields->ingredient('fat', $this->kitchen->larder()->fatNames());
        $ratio = $this->fields->number('ratio', Question::LEAST_RATIO, Question::MOST_RATIO, ' to 1');
        $minutes = $this->fields->number('minutes', Question::LEAST_MINUTES, Question::MOST_MINUTES, ' min');
        $reduce = $this->fields->number('reduce', Question::LEAST_REDUCTION, Question::MOST_REDUCTION, ' %');
        $level = $this->fields->enum('level', SimmerLevel::class);
        $school = $this->fields->enum('school', School::class);
        $heat = $this->heat($pan);
        $oven = $this->fields->number('oven', OvenRoux::LEAST_AIR, OvenRoux::MOST_AIR, ' °C')
        ?? TypedNumber::number($this->kitchen->setting('oven'));
        $liquidSalt = $this->fields->number('liquid_salt', 0.0, self::MOST_LIQUID_SALT, ' %');
        $formula = $base === null ? null : $this->formula($base);
        $method = $this->method($formula === null ? new Method() : $formula->method);
        $this->refuseShallow($given, $pan);
        $this->refuseNoPan($given, $pan);
        $faults = $this->fields->faults();
        if ($faults !== [] || $base === null || $given === null || $formula === null) {
            return ReadQuestion::faulty($faults === [] ? [new FieldFault('amount', 'missing')] : $faults);
        }

        return ReadQuestion::whole(Question::of(
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
            $this->larder($liquid ?? $formula->liquids[0], $liquidSalt),
            formula: $formula,
            method: $method,
            reduceBy: $reduce === null ? null : $reduce / 100.0,
            oven: $oven === null ? null : Temperature::ofCelsius($oven),
            boilsAt: $this->kitchen->boilsAt(),
        ));
    }

    private function larder(string $liquid, ?float $salt): Larder
    {
        $larder = $this->kitchen->larder();

        return $salt === null
            ? $larder
            : $larder->with($larder->ingredient($liquid)->similar($liquid === '' ? 'stock' : $liquid, salt: $salt / 100.0));
    }

    /** The formula with this question's own amounts. */
    private function formula(Base $base): ?Formula
    {
        $formula = $this->kitchen->formula($base);
        $salt = $this->fields->number('salt', 0.0, Formula::MOST_SALT_PERCENT, ' %');
        $known = array_column(array_map(static fn(Part $part): array => [$part->ingredient, $part], $formula->parts), 1, 0);
        $perLitre = [];
        foreach (PartsField::typed($this->fields->text('parts')) as $name => $text) {
            $number = TypedNumber::number($text);
            $part = $known[$name] ?? null;
            if ($part === null) {
                continue;
            }
            if ($number === null || $number < 0.0 || $number > Part::MOST) {
                $this->fields->note(
                    new FieldFault('parts', 'part', [
                        'part' => $name,
                        'most' => TypedNumber::plain(Part::MOST),
                        'unit' => $part->measure->value,
                    ]),
                );
            } elseif (abs($number - $part->perLitre) > 1e-9) {
                $perLitre[$name] = $number;
            }
        }

        return !$this->fields->faulty('parts', 'salt')
            ? $formula->with(salt: $salt === null ? null : $salt / 100.0, perLitre: $perLitre)
            : null;
    }

    private function method(Method $usual): Method
    {
        return new Method(
            $this->fields->enum('flour', FlourWay::class) ?? $usual->flour,
            $this->fields->enum('place', RouxPlace::class),
            $this->fields->enum('cookout', CookOut::class) ?? $usual->cookOut,
            $this->fields->enum('stirring', Stirring::class) ?? $usual->stirring,
            $this->fields->choice('browned', Choices::YES_NO) === 'yes',
            $this->fields->enum('aromatics', AromaticsWay::class),
            $this->fields->enum('strain', StrainWay::class),
            $this->fields->enum('pepper', Pepper::class) ?? $usual->pepper,
            $this->fields->enum('salting', SaltTime::class) ?? $usual->salt,
            $this->fields->enum('skin', SkinGuard::class) ?? $usual->skin,
            $this->fields->enum('milk', MilkWay::class) ?? $usual->milk,
            $this->fields->enum('late', LateThickening::class) ?? $usual->late,
            $this->fields->enum('finish', FinishWay::class) ?? $usual->finish,
        );
    }

    /** As asked for, or as much of it as the ring gives into this pan. */
    private function heat(?Pan $pan): ?HobHeat
    {
        $heat = $this->fields->enum('heat', HobHeat::class);
        $hob = $this->kitchen->hobs[(int) ($this->fields->text('hob'))] ?? $this->kitchen->firstHob();

        return $hob === null || $pan === null ? $heat : $hob->rated()->reaches($heat ?? HobHeat::Medium, $pan);
    }

    private function base(): ?Base
    {
        $name = $this->fields->text('sauce');
        if ($name === '') {
            $this->fields->note(new FieldFault('sauce', 'missing'));

            return null;
        }
        try {
            return Base::named($name);
        } catch (LentoException) {
            $this->fields->notOneOf('sauce', array_column(Base::cases(), 'value'));

            return null;
        }
    }

    private function thickness(): ?EquivalentFlour
    {
        $value = $this->fields->text('thickness');
        $class = ThicknessClass::tryFrom(self::TRADE_WORDS[mb_strtolower($value)] ?? mb_strtolower($value));
        if ($class !== null && in_array($class, ThicknessClass::askable(), true)) {
            return $class->target();
        }
        if ($value !== '' && preg_match('/\A[\d.,-]/', $value) !== 1) {
            $this->fields->notOneOf('thickness', array_column(ThicknessClass::askable(), 'value'));

            return null;
        }
        $grams = $this->fields->number('thickness', Question::LEAST_THICKNESS, Question::MOST_THICKNESS, ' g flour per litre');

        return $grams === null ? null : EquivalentFlour::ofGramsPerLitre($grams);
    }

    private function pan(): ?Pan
    {
        $own = $this->kitchen->pans[(int) $this->fields->text('pan')] ?? null;
        if ($own !== null && $this->isAsMeasured($own)) {
            return $own->measured();
        }
        $diameter = $this->fields->number('diameter', Pan::LEAST_MILLIMETRES, Pan::MOST_DIAMETER_MILLIMETRES, ' mm');
        $height = $this->fields->number('height', Pan::LEAST_MILLIMETRES, Pan::MOST_HEIGHT_MILLIMETRES, ' mm');
        if ($diameter === null) {
            return null;
        }

        return Pan::of(
            Length::ofMillimetres($diameter),
            Length::ofMillimetres($height ?? max(Pan::LEAST_MILLIMETRES, round(0.6 * $diameter))),
        );
    }

    /** Whether no other size was typed over the kitchen's own pan. */
    private function isAsMeasured(OwnPan $own): bool
    {
        return in_array($this->fields->text('diameter'), ['', (string) $own->millimetresWide], true)
            && in_array($this->fields->text('height'), ['', (string) $own->millimetresHigh], true);
    }

    private function refuseNoPan(?Given $given, ?Pan $pan): void
    {
        if ($given?->kind === GivenKind::Pan && $pan === null && $this->fields->text('diameter') === '') {
            $this->fields->note(new FieldFault('diameter', 'pan_to_fill'));
        }
    }

    private function refuseShallow(?Given $given, ?Pan $pan): void
    {
        $yield = $given?->volume;
        if (
            $given?->kind !== GivenKind::Yield
            || $yield === null
            || $pan === null
            || $yield->inLitres() >= Composer::leastYield($pan)->inLitres()
        ) {
            return;
        }
        $most = floor($pan->brim()->inLitres() * 8.0) / 10.0;
        $this->fields->note(new FieldFault($this->fields->text('covers') !== '' ? 'covers' : 'amount', 'shallow', [
            'least' => sprintf('%.2F', ceil(Composer::leastYield($pan)->inLitres() * 100.0) / 100.0),
            'most' => sprintf('%.1F', $most),
            'diameter' => (string) round($pan->diameter->inCentimetres(), 1),
        ]));
    }

}
