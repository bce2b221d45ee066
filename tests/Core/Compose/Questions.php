<?php

declare(strict_types=1);

namespace Tests\Core\Compose;

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Given;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Heat\HobHeat;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;

/** Questions whose sheets are kept: between them every base, given, school, colour, and most warnings. */
final readonly class Questions
{
    /** @return array<string, Sheet> */
    public static function answered(): array
    {
        return array_map((new Composer())->answer(...), self::all());
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
                fatToFlour: 1.8,
                school: School::ColdOnHot,
                pan: self::pan(180.0, 90.0),
            ),
            'a binding of whole butter on a high flame' => Question::of(
                Base::Bechamel,
                $litres(1.0),
                thickness: $thick(125.0),
                colour: Colour::White,
                simmerLevel: SimmerLevel::Boil,
                heat: HobHeat::High,
            ),
            'a velouté in covers' => Question::of(Base::Veloute, Given::portions(72, Volume::ofMillilitres(55.0))),
            'a fish velouté' => Question::of(Base::Veloute, $litres(3.0), liquid: 'fish-stock', pan: self::pan(280.0, 170.0)),
            'a velouté with a cool roux, in a wide pan' => Question::of(
                Base::Veloute,
                $litres(1.5),
                fat: 'poultry-fat',
                fatToFlour: 0.7,
                school: School::HotOnCold,
                pan: self::pan(400.0, 90.0),
                simmerLevel: SimmerLevel::Brisk,
            ),
            'a soup of packed broth' => Question::of(
                Base::Veloute,
                $litres(8.0),
                liquid: 'packed-broth',
                thickness: $thick(30.0),
                simmerTime: $minutes(240.0),
                school: School::HotOnHot,
            ),
            'a broth boiled down too far' => Question::of(
                Base::Veloute,
                $litres(2.0),
                liquid: 'packed-broth',
                simmerLevel: SimmerLevel::Brisk,
                simmerTime: $minutes(120.0),
                pan: self::pan(360.0, 200.0),
            ),
            'warm pours, hardly simmered, in a pan nearly full' => Question::of(
                Base::Veloute,
                $litres(4.0),
                liquid: 'shellfish-stock',
                simmerTime: $minutes(5.0),
                school: School::WarmPours,
                pan: self::pan(240.0, 110.0),
            ),
            'a roux into boiling stock, darker than its flame can' => Question::of(
                Base::Veloute,
                $litres(2.0),
                liquid: 'veal-stock',
                colour: Colour::Dark,
                school: School::RouxIntoBoiling,
                heat: HobHeat::Low,
            ),
            'milk that will not stay milk' => Question::of(
                Base::Bechamel,
                $litres(2.0),
                simmerLevel: SimmerLevel::Boil,
                simmerTime: $minutes(480.0),
                pan: self::pan(200.0, 160.0),
            ),
            'an espagnole' => Question::of(Base::Espagnole, $litres(3.0)),
            'a dark espagnole that separates, in a steamy kitchen' => Question::of(
                Base::Espagnole,
                $litres(5.0),
                colour: Colour::Dark,
                fat: 'butter',
                fatToFlour: 3.0,
                heat: HobHeat::MediumHigh,
                kitchen: $browns,
            ),
            'from the stock' => Question::of(Base::Espagnole, Given::liquid($litres(4.0))),
            'from the dripping' => Question::of(
                Base::Veloute,
                Given::fat(Mass::ofGrams(90.0)),
                fat: 'pan-drippings',
                colour: Colour::Brown,
            ),
            'from a ready roux' => Question::of(Base::Veloute, Given::readyRoux(Mass::ofGrams(200.0)), school: School::HotOnCold),
            'from the pan' => Question::of(Base::Bechamel, Given::pan(), pan: self::pan(240.0, 140.0)),
            'a cauldron' => Question::of(Base::Espagnole, $litres(200.0)),
            'a cup' => Question::of(Base::Bechamel, $litres(0.1)),
        ];
    }

    private static function pan(float $diameter, float $height): Pan
    {
        return Pan::of(Length::ofMillimetres($diameter), Length::ofMillimetres($height));
    }
}
