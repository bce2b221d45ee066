<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Thickness\ThicknessClass;

/** What the house makes of tomato sauce. Source: docs/sauces.md. */
final readonly class OfTomato
{
    /** @return list<Derivative> */
    public static function all(): array
    {
        return [
            self::sauce(
                'provencale',
                Usual::sweat(
                    Dose::grams('olive-oil', 25.0),
                    Dose::grams('garlic', 15.0, Fate::StaysIn),
                    Usual::shallots(40.0),
                ),
                Usual::wine(120.0),
                Act::of(ActKind::StirIn, Dose::grams('tomato-dice', 200.0, Fate::StaysIn))->saying('whisked'),
                Usual::simmer(10.0),
                Usual::last(Dose::grams('olive', 40.0, Fate::StaysIn), Dose::grams('herbs', 15.0, Fate::StaysIn)),
            ),
            self::sauce(
                'portugaise',
                Usual::sweat(
                    Dose::grams('olive-oil', 25.0),
                    Dose::grams('onion', 150.0, Fate::StaysIn),
                    Dose::grams('garlic', 8.0, Fate::StaysIn),
                ),
                Act::of(
                    ActKind::StirIn,
                    Dose::grams('tomato-dice', 250.0, Fate::StaysIn),
                    Dose::grams('meat-glaze', 20.0),
                )->saying('whisked'),
                Usual::simmer(10.0),
                Usual::last(Dose::grams('parsley', 15.0, Fate::StaysIn)),
            ),
            self::sauce(
                'spiced-pepper',
                Usual::sweat(
                    Dose::grams('vegetable-oil', 25.0),
                    Dose::grams('onion', 100.0, Fate::StaysIn),
                    Dose::grams('sweet-pepper', 150.0, Fate::StaysIn),
                    Dose::grams('celery', 60.0, Fate::StaysIn),
                ),
                Act::of(ActKind::StirIn, Dose::grams('paprika', 5.0), Dose::grams('cayenne', 0.5, Fate::Flavours))->saying('bloom'),
                Usual::simmer(20.0),
                Usual::lemon(8.0),
            ),
            self::sauce(
                'minced-meat',
                Act::of(
                    ActKind::Brown,
                    Dose::grams('olive-oil', 20.0),
                    Dose::grams('minced-beef', 400.0, Fate::StaysIn),
                    ...Usual::mirepoix(100.0),
                )->saying('mince'),
                Usual::wine(150.0, 2.0 / 3.0, 'red-wine'),
                Usual::simmer(45.0, 'mince'),
            ),
        ];
    }

    /** @param non-empty-string $id */
    private static function sauce(string $id, Act ...$acts): Derivative
    {
        return HouseDerivatives::sauce($id, Base::Tomato, ThicknessClass::Pouring, [], ...$acts);
    }
}
