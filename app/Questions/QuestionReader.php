<?php

declare(strict_types=1);

namespace App\Questions;

use App\Kitchen\Choices;
use App\Kitchen\Kitchen;
use App\Kitchen\OwnPan;
use App\Typed\FieldFault;
use App\Typed\Fields;
use App\Typed\Number;
use App\Typed\OneOf;
use App\Typed\TypedNumber;
use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\ButterWay;
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
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\SimmerWish;
use Lento\Heat\HobHeat;
use Lento\Keeping\SkinGuard;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Procedure\Extra;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\UnitNames;
use Lento\Rescue\LateThickening;
use Lento\Roux\Colour;
use Lento\Roux\OvenRoux;

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

    private ?Base $base;

    private ?Formula $usual;

    private GivenReader $givenReader;

    private HeldReader $heldReader;

    private Fields $fields;

    /** @param array<string, string> $typed */
    private function __construct(array $typed, private Kitchen $kitchen)
    {
        $this->base = SauceName::meant($typed['sauce'] ?? '');
        $this->usual = $this->base === null ? null : $kitchen->formula($this->base);
        $this->givenReader = new GivenReader($typed, new UnitNames($kitchen->measures), $kitchen->larder());
        $this->heldReader = new HeldReader($this->givenReader, $this->usual, $kitchen->larder(), $kitchen->measures);
        $this->fields = Fields::read($typed, $this->rules($typed));
    }

    /** @param array<string, string> $fields */
    public static function read(array $fields, Kitchen $kitchen): ReadQuestion
    {
        // What the kitchen always does, unless this question says otherwise.
        return (new self(
            [...$kitchen->usual(), ...array_filter($fields, static fn(string $value): bool => $value !== '')],
            $kitchen,
        ))->reading();
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, list<mixed>>
     */
    private function rules(array $typed): array
    {
        $own = $this->kitchen->pans[(int) ($typed['pan'] ?? '')] ?? null;
        $millimetres = static fn(float $most): array => [Number::between(Pan::LEAST_MILLIMETRES, $most, ' mm')];

        return [
            'sauce' => ['required', new SauceName()],
            ...$this->givenReader->rules(),
            ...$this->heldReader->rules(),
            ...$own !== null && self::isAsMeasured($own, $typed)
                ? []
                : [
                    'diameter' => $millimetres(Pan::MOST_DIAMETER_MILLIMETRES),
                    'height' => $millimetres(Pan::MOST_HEIGHT_MILLIMETRES),
                ],
            'liquid' => [$this->liquids()],
            'thickness' => [ThicknessWord::askable()],
            'colour' => [OneOf::cases(Colour::cases())],
            'fat' => [$this->fats()],
            'ratio' => [Number::between(Question::LEAST_RATIO, Question::MOST_RATIO, ' to 1')],
            'minutes' => [Number::between(Question::LEAST_MINUTES, Question::MOST_MINUTES, ' min')],
            'reduce' => [Number::between(Question::LEAST_REDUCTION, Question::MOST_REDUCTION, ' %')],
            'level' => [OneOf::cases(SimmerLevel::cases())],
            'school' => [OneOf::cases(School::cases())],
            'heat' => [OneOf::cases(HobHeat::cases())],
            'oven' => [Number::between(OvenRoux::LEAST_AIR, OvenRoux::MOST_AIR, ' °C')],
            'liquid_salt' => [Number::between(0.0, self::MOST_LIQUID_SALT, ' %')],
            'salt' => [Number::between(0.0, Formula::MOST_SALT_PERCENT, ' %')],
            'parts' => $this->usual === null ? [] : [new PartAmounts($this->usual)],
            'more' => [new MoreRule($this->kitchen->additions())],
            'flour' => [OneOf::cases(FlourWay::cases())],
            'place' => [OneOf::cases(RouxPlace::cases())],
            'cookout' => [OneOf::cases(CookOut::cases())],
            'stirring' => [OneOf::cases(Stirring::cases())],
            'browned' => [OneOf::of(Choices::YES_NO)],
            'aromatics' => [OneOf::cases(AromaticsWay::cases())],
            'strain' => [OneOf::cases(StrainWay::cases())],
            'pepper' => [OneOf::cases(Pepper::cases())],
            'salting' => [OneOf::cases(SaltTime::cases())],
            'skin' => [OneOf::cases(SkinGuard::cases())],
            'milk' => [OneOf::cases(MilkWay::cases())],
            'late' => [OneOf::cases(LateThickening::cases())],
            'finish' => [OneOf::cases(FinishWay::cases())],
        ];
    }

    private function liquids(): LarderWord
    {
        return new LarderWord($this->base === null ? [] : $this->kitchen->liquids($this->base));
    }

    private function fats(): LarderWord
    {
        return new LarderWord($this->kitchen->larder()->fatNames());
    }

    private function reading(): ReadQuestion
    {
        $faults = array_values($this->fields->faults);
        $given = $this->givenReader->given($this->fields);
        if ($given instanceof FieldFault) {
            [$faults, $given] = [[...$faults, $given], null];
        }
        $pan = $this->pan();
        $liquid = $this->liquids()->meant($this->fields->text('liquid'));
        $fat = $this->fats()->meant($this->fields->text('fat'));
        $held = $faults === [] && $this->usual !== null
            ? $this->heldReader->held($this->fields, $fat ?? $this->usual->fat, $liquid ?? $this->usual->liquids[0])
            : null;
        $faults = [
            ...$faults,
            ...$held instanceof FieldFault ? [$held] : [],
            ...array_filter([$this->shallow($given, $pan), $this->noPan($given, $pan)], static fn(?FieldFault $one): bool => $one !== null),
        ];
        if ($faults !== [] || $held instanceof FieldFault || $this->base === null || $given === null || $this->usual === null) {
            return ReadQuestion::faulty($faults === [] ? [FieldFault::of('amount', 'missing')] : $faults);
        }
        $formula = $this->formula($this->usual);
        [$minutes, $reduce] = [$this->fields->number('minutes'), $this->fields->number('reduce')];
        $oven = $this->fields->number('oven') ?? TypedNumber::number($this->kitchen->setting('oven'));

        return ReadQuestion::whole(
            Question::of(
                $this->base,
                $given,
                $liquid,
                ThicknessWord::askable()->meant($this->fields->text('thickness')),
                new How(
                    new RouxWish(
                        $this->fields->enum('colour', Colour::class),
                        $fat,
                        $this->ratio(),
                        $this->heat($pan),
                        $oven === null ? null : Temperature::ofCelsius($oven),
                        $held,
                    ),
                    new SimmerWish(
                        $minutes === null ? null : Duration::ofMinutes($minutes),
                        $this->fields->enum('level', SimmerLevel::class),
                        $reduce === null ? null : $reduce / 100.0,
                    ),
                    $this->fields->enum('school', School::class) ?? School::ColdOnHot,
                    $this->method($formula->method),
                ),
                new InKitchen(
                    $pan,
                    $this->larder($liquid ?? $formula->liquids[0], $this->fields->number('liquid_salt')),
                    formula: $formula,
                    boilsAt: $this->kitchen->boilsAt(),
                    tools: $this->kitchen->tools($this->fields->text('hob')),
                ),
            ),
        );
    }

    /** Fat to flour: as chosen, or as the two of a formula have it whose liquid is free. */
    private function ratio(): float
    {
        [$fat, $flour] = $this->givenReader->isFormula()
            ? [$this->givenReader->fat($this->fields), $this->givenReader->flour($this->fields)]
            : [null, null];

        return $fat !== null && $flour !== null
            ? max(Question::LEAST_RATIO, min(Question::MOST_RATIO, $fat->inGrams() / $flour->inGrams()))
            : $this->fields->number('ratio') ?? 1.0;
    }

    private function larder(string $liquid, ?float $salt): Larder
    {
        $larder = $this->kitchen->larder();

        return $salt === null
            ? $larder
            : $larder->with($larder->ingredient($liquid)->similar($liquid === '' ? 'stock' : $liquid, salt: $salt / 100.0));
    }

    /** The formula with this question's own amounts. */
    private function formula(Formula $usual): Formula
    {
        $salt = $this->fields->number('salt');

        return $usual
            ->salted($salt === null ? null : $salt / 100.0)
            ->having((new PartAmounts($usual))->changed($this->fields->text('parts')))
            ->with(...array_map(
                // A formula that is held has all the fat that is written, and no more.
                fn(Extra $extra): Extra => $this->givenReader->isFormula() ? $extra->inHeldFat() : $extra,
                $this->kitchen->additions()->read($this->fields->text('more')),
            ));
    }

    private function method(Method $usual): Method
    {
        $browned = $this->fields->word('browned');

        // What is left out is the formula's, whose own choices stand first.
        return Method::of(...array_filter([
            $usual->flour,
            $usual->cookOut,
            $usual->stirring,
            $usual->pepper,
            $usual->salt,
            $usual->skin,
            $usual->milk,
            $usual->late,
            $usual->finish,
            $browned === 'yes' ? ButterWay::Browned : null,
            $this->fields->enum('flour', FlourWay::class),
            $this->fields->enum('place', RouxPlace::class),
            $this->fields->enum('cookout', CookOut::class),
            $this->fields->enum('stirring', Stirring::class),
            $this->fields->enum('aromatics', AromaticsWay::class),
            $this->fields->enum('strain', StrainWay::class),
            $this->fields->enum('pepper', Pepper::class),
            $this->fields->enum('salting', SaltTime::class),
            $this->fields->enum('skin', SkinGuard::class),
            $this->fields->enum('milk', MilkWay::class),
            $this->fields->enum('late', LateThickening::class),
            $this->fields->enum('finish', FinishWay::class),
        ]));
    }

    /** Under a roux, where nobody says: a white one that is cooked long takes a low flame, or it is white no longer. */
    public static function usualHeat(?Colour $colour, ?CookOut $cookOut): HobHeat
    {
        return $colour === Colour::White && $cookOut === CookOut::Long ? HobHeat::Low : HobHeat::Medium;
    }

    /** As asked for, or as much of it as the ring gives into this pan. */
    private function heat(?Pan $pan): HobHeat
    {
        $heat = $this->fields->enum('heat', HobHeat::class) ?? self::usualHeat(
            $this->fields->enum('colour', Colour::class) ?? $this->usual?->colour,
            $this->fields->enum('cookout', CookOut::class),
        );
        $hob = $this->kitchen->hobs[(int) ($this->fields->text('hob'))] ?? $this->kitchen->firstHob();

        return $hob === null || $pan === null ? $heat : $hob->rated()->reaches($heat, $pan);
    }

    private function pan(): ?Pan
    {
        $own = $this->kitchen->pans[(int) $this->fields->text('pan')] ?? null;
        $typed = ['diameter' => $this->fields->text('diameter'), 'height' => $this->fields->text('height')];
        if ($own !== null && self::isAsMeasured($own, $typed)) {
            return $own->measured();
        }
        $diameter = $this->fields->number('diameter');

        return $diameter === null
            ? null
            : Pan::of(
                Length::ofMillimetres($diameter),
                Length::ofMillimetres($this->fields->number('height') ?? max(Pan::LEAST_MILLIMETRES, round(0.6 * $diameter))),
            );
    }

    /**
     * Whether no other size was typed over the kitchen's own pan.
     *
     * @param array<string, string> $typed
     */
    private static function isAsMeasured(OwnPan $own, array $typed): bool
    {
        return in_array($typed['diameter'] ?? '', ['', (string) $own->millimetresWide], true)
            && in_array($typed['height'] ?? '', ['', (string) $own->millimetresHigh], true);
    }

    private function noPan(?Given $given, ?Pan $pan): ?FieldFault
    {
        return $given?->kind === GivenKind::Pan && $pan === null && $this->fields->text('diameter') === ''
            ? FieldFault::of('diameter', 'pan_to_fill')
            : null;
    }

    private function shallow(?Given $given, ?Pan $pan): ?FieldFault
    {
        $yield = $given?->kind === GivenKind::Yield ? $given->volume : null;
        if ($yield === null || $pan === null || $yield->inLitres() >= Composer::leastYield($pan)->inLitres()) {
            return null;
        }
        $most = floor($pan->brim()->inLitres() * 8.0) / 10.0;

        return FieldFault::of($this->fields->text('covers') !== '' ? 'covers' : 'amount', 'shallow', [
            'least' => sprintf('%.2F', ceil(Composer::leastYield($pan)->inLitres() * 100.0) / 100.0),
            'most' => sprintf('%.1F', $most),
            'diameter' => (string) round($pan->diameter->inCentimetres(), 1),
        ]);
    }
}
