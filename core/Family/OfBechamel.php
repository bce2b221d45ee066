<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Thickness\ThicknessClass;

/** What the house makes of béchamel. Source: docs/sauces.md. */
final readonly class OfBechamel
{
    /** @return list<Derivative> */
    public static function all(): array
    {
        return [
            self::sauce('cream', ThicknessClass::Coating, Usual::cream(150.0), Usual::lemon()),
            self::sauce(
                'mornay',
                ThicknessClass::Gratin,
                Usual::cheese(Dose::grams('hard-cheese', 100.0), Dose::grams('grating-cheese', 50.0)),
                Act::of(ActKind::WhiskIn, Dose::grams('butter', 30.0))->between(null, 75.0),
            ),
            self::sauce(
                'sharp-cheese',
                ThicknessClass::Gratin,
                Usual::prepare('slake-mustard', 10.0),
                Usual::cheese(Dose::grams('mature-cheese', 160.0)),
                Act::of(ActKind::StirIn, Dose::grams('dry-mustard', 4.0), Dose::millilitres('water', 8.0))
                    ->between(null, 75.0)->saying('slaked'),
            ),
            self::sauce(
                'soubise',
                ThicknessClass::Gratin,
                Act::of(ActKind::Sweat, Dose::grams('butter', 50.0), Dose::grams('onion', 450.0, Fate::StaysIn))
                    ->for(25.0)->saying('stew'),
                Usual::simmer(10.0),
                Act::of(ActKind::RubThrough),
            ),
            self::sauce('mustard', ThicknessClass::Coating, Usual::mustard(80.0)),
            self::sauce(
                'shellfish-butter',
                ThicknessClass::Coating,
                Usual::cream(120.0),
                Act::of(ActKind::StirIn, Dose::grams('cayenne', 0.2, Fate::Flavours))->saying('spice'),
                Usual::shellfishButter(100.0),
            ),
            self::sauce(
                'cardinal',
                ThicknessClass::Coating,
                Usual::cream(100.0),
                Act::of(ActKind::StirIn, Dose::grams('cayenne', 0.2, Fate::Flavours))->saying('spice'),
                Usual::shellfishButter(80.0),
                Usual::last(Dose::grams('lobster-meat', 60.0, Fate::StaysIn)),
            ),
            self::sauce(
                'parsley',
                ThicknessClass::Coating,
                Usual::prepare('blanch-parsley', 5.0),
                Usual::last(Dose::grams('parsley', 40.0, Fate::StaysIn), Dose::millilitres('lemon-juice', 5.0)),
            ),
            self::sauce(
                'egg',
                ThicknessClass::Coating,
                Usual::prepare('boil-eggs', 12.0),
                Usual::last(Dose::pieces('boiled-egg', 4.0, Fate::StaysIn)),
            ),
            self::sauce(
                'caper',
                ThicknessClass::Coating,
                Usual::prepare('rinse', 2.0),
                Usual::last(Dose::grams('capers', 60.0, Fate::StaysIn), Dose::millilitres('lemon-juice', 5.0)),
            ),
            self::sauce(
                'white-onion',
                ThicknessClass::Coating,
                Act::of(ActKind::Sweat, Dose::grams('butter', 30.0), Dose::grams('onion', 250.0, Fate::StaysIn))
                    ->for(20.0)->saying('stew'),
                Usual::simmer(10.0),
                Usual::cream(60.0),
            ),
            self::sauce(
                'anchovy',
                ThicknessClass::Coating,
                Usual::prepare('pound-anchovy', 3.0),
                Act::of(ActKind::StirIn, Dose::grams('anchovy', 25.0))->saying('whisked'),
                Usual::butter(30.0),
                Usual::lemon(),
            ),
            self::sauce(
                'horseradish',
                ThicknessClass::Coating,
                Usual::cream(60.0),
                Act::of(ActKind::StirIn, Dose::grams('horseradish', 60.0, Fate::StaysIn))->between(null, 85.0)->saying('bite'),
                Usual::lemon(),
            ),
        ];
    }

    /** @param non-empty-string $id */
    private static function sauce(string $id, ThicknessClass $class, Act ...$acts): Derivative
    {
        return HouseDerivatives::sauce($id, Base::Bechamel, $class, [], ...$acts);
    }
}
