<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Thickness\ThicknessClass;

/** What the house makes of fish velouté. Source: docs/sauces.md. */
final readonly class OfFishVeloute
{
    private const FISH = ['fish-stock', 'shellfish-stock'];

    /** @return list<Derivative> */
    public static function all(): array
    {
        return [
            self::sauce('white-wine', Usual::wine(250.0, 0.5), Usual::cream(150.0), Usual::butter(50.0), Usual::lemon()),
            self::sauce(
                'shallot-wine',
                Usual::wine(120.0, 2.0 / 3.0, 'white-wine', Dose::millilitres('fish-stock', 120.0), Usual::shallots(60.0)),
                Usual::butter(60.0),
                Usual::last(Dose::grams('parsley', 15.0, Fate::StaysIn)),
            ),
            self::sauce(
                'normande',
                Act::of(ActKind::StirIn, Dose::millilitres('mushroom-liquor', 120.0), Dose::millilitres('fish-stock', 120.0))
                    ->saying('whisked'),
                Act::of(ActKind::Reduce)->downBy(1.0 / 3.0),
                Usual::liaison(4.0, 200.0),
                Act::of(ActKind::WhiskIn, Dose::grams('butter', 60.0))->between(null, 80.0),
            ),
            self::sauce(
                'green-herb',
                Usual::vinegar(
                    0.75,
                    Dose::millilitres('white-wine', 60.0),
                    Dose::millilitres('vinegar', 60.0),
                    Usual::shallots(30.0),
                ),
                Usual::strain(),
                Usual::last(Dose::grams('chervil', 15.0, Fate::StaysIn), Dose::grams('tarragon', 10.0, Fate::StaysIn)),
            ),
            self::sauce(
                'dill',
                Usual::wine(100.0),
                Usual::cream(120.0),
                Usual::last(Dose::grams('dill', 20.0, Fate::StaysIn), Dose::millilitres('lemon-juice', 5.0)),
            ),
        ];
    }

    /** @param non-empty-string $id */
    private static function sauce(string $id, Act ...$acts): Derivative
    {
        return HouseDerivatives::sauce($id, Base::Veloute, ThicknessClass::Coating, self::FISH, ...$acts);
    }
}
