<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Thickness\ThicknessClass;

/** What the house makes of pan gravy. Source: docs/sauces.md. */
final readonly class OfGravy
{
    /** @return list<Derivative> */
    public static function all(): array
    {
        return [
            self::sauce('gravy-mustard', Usual::mustard(40.0)),
            self::sauce(
                'gravy-mushroom',
                Usual::brown(Usual::mushrooms(200.0)),
                Usual::simmer(5.0),
                Usual::last(Dose::grams('parsley', 8.0, Fate::StaysIn)),
            ),
            self::sauce(
                'gravy-cider',
                Usual::wine(250.0, 2.0 / 3.0, 'cider', Usual::shallots(30.0)),
                Usual::simmer(5.0),
                Usual::strain(),
            ),
            self::sauce(
                'gravy-redcurrant',
                Usual::wine(100.0, 0.5, 'port'),
                Act::of(ActKind::StirIn, Dose::grams('redcurrant-jelly', 40.0))->for(3.0)->saying('jelly'),
                Usual::simmer(5.0),
            ),
        ];
    }

    /** @param non-empty-string $id */
    private static function sauce(string $id, Act ...$acts): Derivative
    {
        return HouseDerivatives::sauce($id, Base::PanGravy, ThicknessClass::Pouring, [], ...$acts);
    }
}
