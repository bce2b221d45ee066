<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Vessel;
use Lento\Thickness\ThicknessClass;

/** What the house makes of demi-glace. Source: docs/sauces.md. */
final readonly class OfDemiGlace
{
    /** @return list<Derivative> */
    public static function all(): array
    {
        return [...self::ofWine(), ...self::ofOnions(), ...self::ofMushrooms(), ...self::ofVinegar()];
    }

    /** @return list<Derivative> */
    private static function ofWine(): array
    {
        return [
            self::sauce(
                'red-wine-shallot',
                Usual::wine(
                    250.0,
                    0.75,
                    'red-wine',
                    Usual::shallots(60.0),
                    Dose::tied('thyme-sprig', 2.0),
                    Dose::tied('bay-leaf', 1.0),
                    Dose::grams('black-pepper', 1.0, Fate::Flavours),
                ),
                Usual::simmer(10.0),
                Usual::strain(),
                Usual::butter(50.0),
            ),
            self::sauce(
                'red-wine-jus',
                Usual::wine(400.0, 0.75, 'red-wine', Usual::shallots(40.0), Dose::tied('thyme-sprig', 2.0)),
                Usual::simmer(15.0),
                Usual::strain(),
                Usual::butter(20.0),
            ),
            self::sauce(
                'port-jus',
                Usual::wine(250.0, 0.5, 'port', Usual::shallots(40.0)),
                Usual::simmer(10.0),
                Usual::strain(),
                Usual::butter(20.0),
            ),
            self::sauce(
                'fortified-wine',
                Act::of(ActKind::Reduce)->downBy(0.1),
                Act::of(ActKind::StirIn, Dose::millilitres('fortified-wine', 100.0))->between(null, 85.0)->saying('fortified'),
            ),
            self::sauce(
                'truffle',
                Usual::wine(80.0, 0.5, 'fortified-wine'),
                Act::of(ActKind::StirIn, Dose::grams('truffle', 40.0, Fate::StaysIn))->for(2.0)->saying('truffle'),
                Usual::butter(30.0),
            ),
            self::sauce(
                'orange',
                Usual::prepare('zest', 5.0),
                Act::of(
                    ActKind::ReduceApart,
                    Dose::millilitres('orange-juice', 150.0),
                    Dose::millilitres('vinegar', 20.0),
                    Dose::grams('sugar', 15.0),
                )->in(Vessel::Pan)->downBy(0.5)->saying('vinegar'),
                Usual::simmer(10.0),
                Usual::strain(),
                Usual::last(Dose::grams('orange-zest', 10.0, Fate::StaysIn), Dose::millilitres('lemon-juice', 5.0)),
            ),
            self::sauce(
                'tarragon-brown',
                Usual::wine(120.0, 2.0 / 3.0, 'white-wine', Dose::grams('tarragon-stalk', 15.0, Fate::Flavours)),
                Usual::simmer(10.0, 'stalks'),
                Usual::strain(),
                Usual::last(Dose::grams('tarragon', 15.0, Fate::StaysIn)),
            ),
        ];
    }

    /** @return list<Derivative> */
    private static function ofOnions(): array
    {
        return [
            self::sauce(
                'onion-mustard',
                Usual::prepare('slake-mustard', 10.0),
                Usual::sweat(Dose::grams('onion', 120.0, Fate::StaysIn)),
                Usual::wine(200.0),
                Usual::simmer(10.0),
                Act::of(ActKind::StirIn, Dose::grams('dry-mustard', 8.0), Dose::millilitres('water', 16.0))
                    ->between(null, 90.0)->saying('slaked'),
                Usual::last(Dose::grams('sugar', 2.0), Dose::millilitres('lemon-juice', 5.0)),
            ),
            HouseDerivatives::sauce(
                'gherkin',
                'onion-mustard',
                ThicknessClass::Pouring,
                [],
                Usual::prepare('rinse', 2.0),
                Usual::last(Dose::grams('gherkin', 60.0, Fate::StaysIn))->between(null, 90.0),
            ),
            self::sauce(
                'onion-vinegar',
                Usual::brown(Dose::grams('onion', 150.0, Fate::StaysIn)),
                Usual::vinegar(2.0 / 3.0, Dose::millilitres('vinegar', 100.0)),
                Usual::simmer(10.0),
            ),
        ];
    }

    /** @return list<Derivative> */
    private static function ofMushrooms(): array
    {
        return [
            self::sauce(
                'hunters',
                Usual::brown(Usual::mushrooms(180.0)),
                Usual::wine(200.0, 2.0 / 3.0, 'white-wine', Usual::shallots(50.0)),
                Act::of(ActKind::StirIn, Dose::grams('tomato-dice', 200.0, Fate::StaysIn))->saying('whisked'),
                Usual::simmer(5.0),
                Usual::butter(30.0),
                Usual::last(Dose::grams('herbs', 15.0, Fate::StaysIn)),
            ),
            self::sauce(
                'mushroom-shallot',
                Usual::brown(Usual::mushrooms(250.0)),
                Usual::sweat(Usual::shallots(50.0)),
                Usual::simmer(5.0),
                Act::of(ActKind::StirIn, Dose::millilitres('fortified-wine', 50.0))->between(null, 85.0)->saying('fortified'),
                Usual::lemon(),
            ),
            self::sauce(
                'diane',
                Usual::brown(Usual::mushrooms(150.0)),
                Usual::sweat(Usual::shallots(40.0)),
                Usual::wine(60.0, 0.5, 'brandy')->saying('brandy'),
                Usual::cream(200.0),
                Act::of(ActKind::StirIn, Dose::grams('worcestershire-style', 10.0))->saying('whisked'),
                Usual::last(Dose::grams('parsley', 10.0, Fate::StaysIn)),
            ),
            self::sauce(
                'stroganov',
                Usual::brown(Usual::mushrooms(200.0)),
                Usual::sweat(Dose::grams('onion', 80.0, Fate::StaysIn)),
                Act::of(ActKind::StirIn, Dose::grams('paprika', 4.0))->saying('paprika'),
                Usual::simmer(5.0),
                Usual::souredCream(150.0),
                Act::of(ActKind::StirIn, Dose::grams('prepared-mustard', 15.0))->between(null, 80.0)->saying('mustard'),
            ),
        ];
    }

    /** @return list<Derivative> */
    private static function ofVinegar(): array
    {
        $white = Dose::millilitres('white-wine', 200.0);

        return [
            self::sauce(
                'devilled',
                Usual::vinegar(0.75, $white, Dose::millilitres('vinegar', 50.0), Usual::shallots(100.0)),
                Act::of(ActKind::StirIn, Dose::grams('black-pepper', 3.0, Fate::Flavours))->saying('crushed'),
                Usual::simmer(8.0, 'pepper'),
                Usual::strain(),
                Act::of(ActKind::StirIn, Dose::grams('cayenne', 0.3, Fate::Flavours))->saying('spice'),
            ),
            self::sauce(
                'pepper',
                Usual::brown(...Usual::mirepoix(100.0)),
                Usual::vinegar(2.0 / 3.0, Dose::millilitres('vinegar', 100.0), Dose::millilitres('red-wine', 200.0)),
                Usual::simmer(10.0),
                Act::of(ActKind::StirIn, Dose::grams('black-pepper', 5.0, Fate::Flavours))->saying('crushed'),
                Usual::simmer(8.0, 'pepper'),
                Usual::strain(),
            ),
            self::sauce(
                'peppercorn-cream',
                Usual::sweat(Usual::shallots(40.0)),
                Usual::wine(60.0, 0.5, 'brandy')->saying('brandy'),
                Act::of(ActKind::StirIn, Dose::grams('green-peppercorn', 20.0, Fate::StaysIn))->saying('crushed'),
                Usual::simmer(8.0, 'pepper'),
                Usual::cream(200.0),
            ),
            self::sauce(
                'sharp',
                Usual::prepare('rinse', 2.0),
                Usual::vinegar(
                    0.5,
                    Dose::millilitres('vinegar', 120.0),
                    Dose::millilitres('white-wine', 120.0),
                    Usual::shallots(100.0),
                ),
                Usual::simmer(10.0),
                Usual::last(
                    Dose::grams('gherkin', 20.0, Fate::StaysIn),
                    Dose::grams('capers', 20.0, Fate::StaysIn),
                    Dose::grams('herbs', 20.0, Fate::StaysIn),
                ),
            ),
        ];
    }

    /** @param non-empty-string $id */
    private static function sauce(string $id, Act ...$acts): Derivative
    {
        return HouseDerivatives::sauce($id, Base::DemiGlace, ThicknessClass::Pouring, [], ...$acts);
    }
}
