<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Thickness\ThicknessClass;

/** What the house makes of velouté. Source: docs/sauces.md. */
final readonly class OfVeloute
{
    private const WHITE_POULTRY = ['chicken-stock', 'veal-stock'];

    private const CHICKEN = ['chicken-stock'];

    /** @return list<Derivative> */
    public static function all(): array
    {
        return [...self::bound(), ...self::ofVegetables(), ...self::ofHerbs()];
    }

    /** @return list<Derivative> */
    private static function bound(): array
    {
        return [
            self::sauce(
                'supreme',
                self::CHICKEN,
                Act::of(ActKind::Reduce)->downBy(0.25),
                Usual::cream(250.0),
                Usual::butter(50.0),
                Usual::lemon(),
            ),
            self::sauce('allemande', self::WHITE_POULTRY, Usual::liaison(3.0, 120.0), Usual::lemon()),
            HouseDerivatives::sauce(
                'poulette',
                'allemande',
                ThicknessClass::Coating,
                self::WHITE_POULTRY,
                Usual::sweat(Usual::mushrooms(200.0)),
                Usual::last(Dose::grams('parsley', 15.0, Fate::StaysIn))->between(null, 82.0),
            ),
            self::sauce(
                'aurore',
                [],
                Act::of(ActKind::StirIn, Dose::grams('tomato-puree', 170.0))->saying('whisked'),
                Usual::simmer(5.0),
                Usual::butter(40.0),
            ),
            HouseDerivatives::sauce(
                'ivory',
                'supreme',
                ThicknessClass::Coating,
                self::CHICKEN,
                Act::of(ActKind::StirIn, Dose::grams('meat-glaze', 50.0))->between(null, 80.0)->saying('whisked'),
            ),
            self::sauce(
                'bonne-femme',
                ['fish-stock', 'chicken-stock'],
                Usual::sweat(Usual::mushrooms(150.0), Usual::shallots(40.0)),
                Usual::wine(120.0),
                Usual::liaison(2.0, 80.0),
                Usual::last(Dose::grams('parsley', 10.0, Fate::StaysIn), Dose::millilitres('lemon-juice', 5.0))->between(null, 82.0),
            ),
        ];
    }

    /** @return list<Derivative> */
    private static function ofVegetables(): array
    {
        return [
            self::sauce(
                'hungarian',
                self::WHITE_POULTRY,
                Usual::sweat(Dose::grams('butter', 20.0), Dose::grams('onion', 60.0, Fate::StaysIn)),
                Act::of(ActKind::StirIn, Dose::grams('paprika', 8.0))->saying('paprika'),
                Usual::wine(120.0),
                Usual::simmer(5.0),
            ),
            self::sauce(
                'curry',
                self::CHICKEN,
                Usual::sweat(...Usual::mirepoix(100.0)),
                Act::of(ActKind::StirIn, Dose::grams('curry-powder', 15.0))->saying('bloom'),
                Usual::simmer(30.0),
                Usual::strain(),
                Usual::cream(120.0),
            ),
            self::sauce(
                'mushroom',
                [],
                Usual::sweat(Dose::grams('butter', 40.0), Usual::mushrooms(250.0)),
                Usual::lemon(),
            ),
            self::sauce(
                'chicken-leek',
                self::CHICKEN,
                Usual::sweat(Dose::grams('butter', 30.0), Dose::grams('leek', 200.0, Fate::StaysIn)),
                Usual::simmer(8.0),
                Act::of(ActKind::StirIn, Dose::grams('chicken-meat', 200.0, Fate::StaysIn))->for(3.0)->saying('heat-through'),
                Usual::cream(100.0),
            ),
        ];
    }

    /** @return list<Derivative> */
    private static function ofHerbs(): array
    {
        return [
            self::sauce(
                'tarragon',
                self::CHICKEN,
                Usual::prepare('stalks', 3.0),
                Act::of(ActKind::StirIn, Dose::grams('tarragon-stalk', 15.0, Fate::Flavours))->saying('stalks'),
                Usual::simmer(10.0, 'stalks'),
                Usual::strain(),
                Usual::last(Dose::grams('tarragon', 20.0, Fate::StaysIn)),
            ),
            self::sauce(
                'mustard-tarragon',
                ['chicken-stock', 'fish-stock'],
                Usual::mustard(30.0),
                Usual::butter(30.0),
                Usual::last(Dose::grams('tarragon', 10.0, Fate::StaysIn)),
            ),
            self::sauce(
                'lemon',
                [],
                Usual::cream(100.0),
                Usual::butter(30.0),
                Usual::last(Dose::millilitres('lemon-juice', 30.0)),
            ),
            self::sauce(
                'saffron',
                [],
                Usual::prepare('saffron', 10.0),
                Usual::wine(100.0, 0.5),
                Act::of(ActKind::StirIn, Dose::grams('saffron', 0.4, Fate::Flavours), Dose::millilitres('water', 30.0))->saying('saffron'),
                Usual::simmer(5.0),
                Usual::cream(120.0),
            ),
        ];
    }

    /**
     * @param non-empty-string $id
     * @param list<string> $stocks
     */
    private static function sauce(string $id, array $stocks, Act ...$acts): Derivative
    {
        return HouseDerivatives::sauce($id, Base::Veloute, ThicknessClass::Coating, $stocks, ...$acts);
    }
}
