<?php

declare(strict_types=1);

namespace Tests\Core\Compose;

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\Given;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;
use UnexpectedValueException;

/** Questions whose sheets are kept: between them every base, given, school, colour, and most warnings. */
final readonly class Questions
{
    /** @return array<string, Sheet> */
    public static function answered(): array
    {
        return array_map((new Composer())->answer(...), self::all());
    }

    /**
     * A question by what is wished for, in one breath: `Questions::of(Base::Veloute, $litres, ['colour' => Colour::White])`.
     *
     * @param array<array-key, mixed> $wished by what RouxWish, SimmerWish, How and InKitchen call it
     */
    public static function of(Base $base, Given|Volume $given, array $wished): Question
    {
        $number = static fn(string $name): ?float => is_float($wished[$name] ?? null) ? $wished[$name] : null;
        $word = static fn(string $name): ?string => is_string($wished[$name] ?? null) ? $wished[$name] : null;

        return Question::of(
            $base,
            $given,
            $word('liquid'),
            self::one($wished, 'thickness', EquivalentFlour::class),
            new How(
                new RouxWish(
                    self::one($wished, 'colour', Colour::class),
                    $word('fat'),
                    $number('fatToFlour') ?? 1.0,
                    self::one($wished, 'heat', HobHeat::class) ?? HobHeat::Medium,
                    self::one($wished, 'oven', Temperature::class),
                ),
                new SimmerWish(
                    self::one($wished, 'simmerTime', Duration::class),
                    self::one($wished, 'simmerLevel', SimmerLevel::class),
                    $number('reduceBy'),
                ),
                self::one($wished, 'school', School::class) ?? School::ColdOnHot,
                self::one($wished, 'method', Method::class),
            ),
            new InKitchen(
                self::one($wished, 'pan', Pan::class),
                self::one($wished, 'larder', Larder::class),
                self::one($wished, 'kitchen', KitchenFactors::class),
                self::one($wished, 'formula', Formula::class),
                self::one($wished, 'boilsAt', Temperature::class),
            ),
        );
    }

    /**
     * @template T of object
     *
     * @param array<array-key, mixed> $wished
     * @param class-string<T> $class
     *
     * @return T|null
     */
    private static function one(array $wished, string $name, string $class): ?object
    {
        $value = $wished[$name] ?? null;

        return $value === null || $value instanceof $class ? $value : throw new UnexpectedValueException($name);
    }

    /** @return array<string, Question> */
    private static function all(): array
    {
        $litres = Volume::ofLitres(...);
        $minutes = Duration::ofMinutes(...);
        $thick = EquivalentFlour::ofGramsPerLitre(...);
        $browns = KitchenFactors::house()->afterSimmer(Mass::ofGrams(150.0), Mass::ofGrams(100.0));

        return [
            'a béchamel' => Question::of(Base::Bechamel, $litres(2.0)),
            'a gratin béchamel from cold milk, in a pan far too small' => Question::of(
                Base::Bechamel,
                $litres(3.0),
                thickness: $thick(85.0),
                how: new How(new RouxWish(fatToFlour: 1.8), school: School::ColdOnHot),
                in: new InKitchen(self::pan(180.0, 90.0)),
            ),
            'a binding of whole butter on a high flame' => Question::of(
                Base::Bechamel,
                $litres(1.0),
                thickness: $thick(125.0),
                how: new How(new RouxWish(Colour::White, heat: HobHeat::High), new SimmerWish(level: SimmerLevel::Boil)),
            ),
            'a velouté in covers' => Question::of(Base::Veloute, Given::portions(72, Volume::ofMillilitres(55.0))),
            'a fish velouté' => Question::of(Base::Veloute, $litres(3.0), 'fish-stock', in: new InKitchen(self::pan(280.0, 170.0))),
            'a velouté with a cool roux, in a wide pan' => Question::of(
                Base::Veloute,
                $litres(1.5),
                how: new How(
                    new RouxWish(fat: 'poultry-fat', fatToFlour: 0.7),
                    new SimmerWish(level: SimmerLevel::Brisk),
                    School::HotOnCold,
                ),
                in: new InKitchen(self::pan(400.0, 90.0)),
            ),
            'a soup of packed broth' => Question::of(
                Base::Veloute,
                $litres(8.0),
                'packed-broth',
                $thick(30.0),
                new How(simmer: new SimmerWish($minutes(240.0)), school: School::HotOnHot),
            ),
            'a broth boiled down too far' => Question::of(
                Base::Veloute,
                $litres(2.0),
                'packed-broth',
                how: new How(simmer: new SimmerWish($minutes(120.0), SimmerLevel::Brisk)),
                in: new InKitchen(self::pan(360.0, 200.0)),
            ),
            'warm pours, hardly simmered, in a pan nearly full' => Question::of(
                Base::Veloute,
                $litres(4.0),
                'shellfish-stock',
                how: new How(simmer: new SimmerWish($minutes(5.0)), school: School::WarmPours),
                in: new InKitchen(self::pan(240.0, 110.0)),
            ),
            'a roux into boiling stock, darker than its flame can' => Question::of(
                Base::Veloute,
                $litres(2.0),
                'veal-stock',
                how: new How(new RouxWish(Colour::Dark, heat: HobHeat::Low), school: School::RouxIntoBoiling),
            ),
            'milk that will not stay milk' => Question::of(
                Base::Bechamel,
                $litres(2.0),
                how: new How(simmer: new SimmerWish($minutes(480.0), SimmerLevel::Boil)),
                in: new InKitchen(self::pan(200.0, 160.0)),
            ),
            'an espagnole' => Question::of(Base::Espagnole, $litres(3.0)),
            'a dark espagnole that separates, in a steamy kitchen' => Question::of(
                Base::Espagnole,
                $litres(5.0),
                how: new How(new RouxWish(Colour::Dark, 'butter', 3.0, HobHeat::MediumHigh)),
                in: new InKitchen(kitchen: $browns),
            ),
            'from the stock' => Question::of(Base::Espagnole, Given::liquid($litres(4.0))),
            'from the dripping' => Question::of(
                Base::Veloute,
                Given::fat(Mass::ofGrams(90.0)),
                how: new How(new RouxWish(Colour::Brown, 'pan-drippings')),
            ),
            'from a ready roux' => Question::of(
                Base::Veloute,
                Given::readyRoux(Mass::ofGrams(200.0)),
                how: new How(school: School::HotOnCold),
            ),
            'from the pan' => Question::of(Base::Bechamel, Given::pan(), in: new InKitchen(self::pan(240.0, 140.0))),
            'a cauldron' => Question::of(Base::Espagnole, $litres(200.0)),
            'a cup' => Question::of(Base::Bechamel, $litres(0.1)),
        ];
    }

    private static function pan(float $diameter, float $height): Pan
    {
        return Pan::of(Length::ofMillimetres($diameter), Length::ofMillimetres($height));
    }
}
