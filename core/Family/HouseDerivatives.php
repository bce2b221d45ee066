<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Thickness\ThicknessClass;

/**
 * The derivatives Lento ships with, per litre of the sauce they are made from. Source: docs/sauces.md, classical repertoire in house
 * amounts.
 *
 * Where the repertoire names no share for a reduction ("reduced"), two thirds are boiled off; where it names none of the parts of a
 * mixture, they are taken in equal shares.
 */
final readonly class HouseDerivatives
{
    private const CHEESE_AT_MOST = 75.0;

    private const SHELLFISH_BUTTER_AT_MOST = 65.0;

    /** °C between which a liaison thickens without curdling, and below which it is kept after. */
    private const LIAISON = [72.0, 82.0];

    private const WHITE_POULTRY = ['chicken-stock', 'veal-stock'];

    /** @return array<string, Derivative> by id, parents before their children */
    public static function all(): array
    {
        return array_column([...self::ofBechamel(), ...self::ofVeloute(), ...self::ofFishVeloute(), ...self::ofDemiGlace()], null, 'id');
    }

    /** @return list<Derivative> */
    private static function ofBechamel(): array
    {
        return [
            self::bechamel('cream', ThicknessClass::Coating, Act::stirIn(self::cream(150.0)), Act::atTheEnd(self::lemon())),
            self::bechamel(
                'mornay',
                ThicknessClass::Gratin,
                Act::offTheBoil(
                    Dose::grams('hard-cheese', 100.0),
                    Dose::grams('grating-cheese', 50.0),
                    Dose::grams('butter', 30.0),
                )->between(null, self::CHEESE_AT_MOST),
            ),
            self::bechamel(
                'sharp-cheese',
                ThicknessClass::Gratin,
                Act::stirIn(Dose::grams('dry-mustard', 3.0)),
                Act::offTheBoil(Dose::grams('mature-cheese', 200.0))->between(null, self::CHEESE_AT_MOST),
            ),
            self::bechamel(
                'soubise',
                ThicknessClass::Gratin,
                Act::sweat(Dose::grams('butter', 50.0), Dose::grams('onion', 450.0)),
                Act::simmer(10.0),
            ),
            self::bechamel('mustard', ThicknessClass::Coating, Act::offTheBoil(Dose::grams('prepared-mustard', 80.0))),
            self::bechamel(
                'shellfish-butter',
                ThicknessClass::Coating,
                Act::stirIn(self::cream(120.0), Dose::grams('cayenne', 0.2, Fate::Flavours)),
                Act::offTheBoil(Dose::grams('shellfish-butter', 100.0))->between(null, self::SHELLFISH_BUTTER_AT_MOST),
            ),
            self::bechamel('parsley', ThicknessClass::Coating, Act::atTheEnd(Dose::grams('parsley', 40.0, Fate::StaysIn), self::lemon())),
            self::bechamel('egg', ThicknessClass::Coating, Act::atTheEnd(Dose::pieces('boiled-egg', 4.0, Fate::StaysIn))),
            self::bechamel('caper', ThicknessClass::Coating, Act::atTheEnd(Dose::grams('capers', 60.0, Fate::StaysIn), self::lemon())),
        ];
    }

    /** @return list<Derivative> */
    private static function ofVeloute(): array
    {
        return [
            self::veloute(
                'supreme',
                ['chicken-stock'],
                ThicknessClass::Coating,
                Act::reduce(0.25),
                Act::stirIn(self::cream(250.0)),
                Act::offTheBoil(Dose::grams('butter', 50.0)),
                Act::atTheEnd(self::lemon()),
            ),
            self::veloute(
                'allemande',
                self::WHITE_POULTRY,
                ThicknessClass::Coating,
                self::liaison(3.0, 120.0),
                Act::atTheEnd(self::lemon()),
            ),
            new Derivative(
                'poulette',
                'allemande',
                self::WHITE_POULTRY,
                [Act::sweat(Dose::grams('mushroom', 200.0, Fate::StaysIn)), Act::atTheEnd(Dose::grams('parsley', 15.0, Fate::StaysIn))],
                ThicknessClass::Coating,
            ),
            self::veloute(
                'aurore',
                [],
                ThicknessClass::Coating,
                Act::stirIn(Dose::grams('tomato-puree', 170.0)),
                Act::simmer(5.0),
                Act::offTheBoil(Dose::grams('butter', 40.0)),
            ),
            new Derivative(
                'ivory',
                'supreme',
                ['chicken-stock'],
                [Act::offTheBoil(Dose::grams('meat-glaze', 50.0))],
                ThicknessClass::Coating,
            ),
            self::veloute(
                'hungarian',
                self::WHITE_POULTRY,
                ThicknessClass::Coating,
                Act::sweat(Dose::grams('butter', 15.0), Dose::grams('onion', 60.0, Fate::StaysIn), Dose::grams('paprika', 8.0)),
                Act::reduceApart(2.0 / 3.0, Dose::millilitres('white-wine', 120.0)),
            ),
            self::veloute(
                'curry',
                ['chicken-stock'],
                ThicknessClass::Coating,
                Act::sweat(...self::mirepoix(100.0), ...[Dose::grams('curry-powder', 15.0)]),
                Act::simmer(10.0),
                Act::strain(),
                Act::stirIn(self::cream(120.0)),
            ),
            self::veloute(
                'tarragon',
                ['chicken-stock'],
                ThicknessClass::Coating,
                Act::atTheEnd(Dose::grams('tarragon', 20.0, Fate::StaysIn)),
            ),
            self::veloute(
                'green-herb',
                [],
                ThicknessClass::Coating,
                Act::reduceApart(
                    0.75,
                    Dose::millilitres('white-wine', 60.0),
                    Dose::millilitres('vinegar', 60.0),
                    Dose::grams('shallot', 30.0, Fate::StaysIn),
                ),
                Act::atTheEnd(Dose::grams('chervil', 15.0, Fate::StaysIn), Dose::grams('tarragon', 10.0, Fate::StaysIn)),
            ),
            self::veloute(
                'mushroom',
                [],
                ThicknessClass::Coating,
                Act::sweat(Dose::grams('butter', 40.0), Dose::grams('mushroom', 250.0, Fate::StaysIn)),
                Act::atTheEnd(self::lemon()),
            ),
            self::veloute(
                'mustard-tarragon',
                ['chicken-stock', 'fish-stock'],
                ThicknessClass::Coating,
                Act::offTheBoil(Dose::grams('prepared-mustard', 30.0), Dose::grams('butter', 30.0)),
                Act::atTheEnd(Dose::grams('tarragon', 10.0, Fate::StaysIn)),
            ),
        ];
    }

    /** @return list<Derivative> */
    private static function ofFishVeloute(): array
    {
        $fish = ['fish-stock', 'shellfish-stock'];

        return [
            self::veloute(
                'white-wine',
                $fish,
                ThicknessClass::Coating,
                Act::reduceApart(0.5, Dose::millilitres('white-wine', 250.0)),
                Act::stirIn(self::cream(150.0)),
                Act::offTheBoil(Dose::grams('butter', 50.0)),
                Act::atTheEnd(self::lemon()),
            ),
            self::veloute(
                'shallot-wine',
                $fish,
                ThicknessClass::Coating,
                Act::reduceApart(
                    2.0 / 3.0,
                    Dose::grams('shallot', 60.0, Fate::StaysIn),
                    Dose::millilitres('white-wine', 120.0),
                    Dose::millilitres('fish-stock', 120.0),
                ),
                Act::offTheBoil(Dose::grams('butter', 60.0)),
                Act::atTheEnd(Dose::grams('parsley', 15.0, Fate::StaysIn)),
            ),
            self::veloute(
                'normande',
                $fish,
                ThicknessClass::Coating,
                Act::stirIn(Dose::millilitres('mushroom-liquor', 120.0), Dose::millilitres('fish-stock', 120.0)),
                Act::reduce(1.0 / 3.0),
                self::liaison(4.0, 200.0),
                Act::offTheBoil(Dose::grams('butter', 60.0)),
            ),
        ];
    }

    /** @return list<Derivative> */
    private static function ofDemiGlace(): array
    {
        $white = Dose::millilitres('white-wine', 200.0);

        return [
            self::demiGlace(
                'red-wine-shallot',
                Act::reduceApart(
                    0.75,
                    Dose::millilitres('red-wine', 250.0),
                    Dose::grams('shallot', 60.0, Fate::StrainedOut),
                    Dose::pieces('thyme-sprig', 2.0, Fate::Flavours),
                    Dose::pieces('bay-leaf', 1.0, Fate::Flavours),
                    Dose::grams('black-pepper', 1.0, Fate::Flavours),
                ),
                Act::strain(),
                Act::offTheBoil(Dose::grams('butter', 50.0)),
            ),
            self::demiGlace(
                'hunters',
                Act::sweat(Dose::grams('mushroom', 180.0, Fate::StaysIn)),
                Act::reduceApart(2.0 / 3.0, Dose::grams('shallot', 50.0, Fate::StaysIn), $white),
                Act::stirIn(Dose::grams('tomato-dice', 200.0, Fate::StaysIn)),
                Act::atTheEnd(Dose::grams('herbs', 15.0, Fate::StaysIn)),
            ),
            self::demiGlace(
                'onion-mustard',
                Act::sweat(Dose::grams('onion', 120.0, Fate::StaysIn)),
                Act::reduceApart(2.0 / 3.0, $white),
                Act::offTheBoil(Dose::grams('dry-mustard', 8.0)),
                Act::atTheEnd(Dose::grams('sugar', 2.0), self::lemon()),
            ),
            new Derivative(
                'gherkin',
                'onion-mustard',
                [],
                [Act::atTheEnd(Dose::grams('gherkin', 60.0, Fate::StaysIn))],
                ThicknessClass::Coating,
            ),
            self::demiGlace(
                'devilled',
                Act::reduceApart(0.75, Dose::grams('shallot', 100.0, Fate::StaysIn), $white, Dose::millilitres('vinegar', 50.0)),
                Act::atTheEnd(Dose::grams('cayenne', 0.3, Fate::Flavours)),
            ),
            self::demiGlace('fortified-wine', Act::reduce(0.1), Act::offTheBoil(Dose::millilitres('fortified-wine', 100.0))),
            self::demiGlace(
                'pepper',
                Act::brown(...self::mirepoix(100.0)),
                Act::reduceApart(
                    2.0 / 3.0,
                    Dose::millilitres('vinegar', 100.0),
                    Dose::millilitres('red-wine', 200.0),
                    Dose::grams('black-pepper', 5.0, Fate::Flavours),
                ),
                Act::simmer(10.0),
                Act::strain(),
            ),
            self::demiGlace(
                'onion-vinegar',
                Act::brown(Dose::grams('onion', 150.0, Fate::StaysIn)),
                Act::reduceApart(2.0 / 3.0, Dose::millilitres('vinegar', 100.0)),
            ),
            self::demiGlace(
                'sharp',
                Act::reduceApart(
                    0.5,
                    Dose::grams('shallot', 100.0, Fate::StaysIn),
                    Dose::millilitres('vinegar', 120.0),
                    Dose::millilitres('white-wine', 120.0),
                ),
                Act::atTheEnd(
                    Dose::grams('gherkin', 20.0, Fate::StaysIn),
                    Dose::grams('capers', 20.0, Fate::StaysIn),
                    Dose::grams('herbs', 20.0, Fate::StaysIn),
                ),
            ),
            self::demiGlace(
                'mushroom-shallot',
                Act::sweat(Dose::grams('mushroom', 250.0, Fate::StaysIn), Dose::grams('shallot', 50.0, Fate::StaysIn)),
                Act::offTheBoil(Dose::millilitres('fortified-wine', 50.0)),
                Act::atTheEnd(self::lemon()),
            ),
        ];
    }

    /** @param non-empty-string $id */
    private static function bechamel(string $id, ThicknessClass $class, Act ...$acts): Derivative
    {
        return new Derivative($id, Base::Bechamel->value, [], self::listed($acts), $class);
    }

    /**
     * @param non-empty-string $id
     * @param list<string> $stocks
     */
    private static function veloute(string $id, array $stocks, ThicknessClass $class, Act ...$acts): Derivative
    {
        return new Derivative($id, Base::Veloute->value, $stocks, self::listed($acts), $class);
    }

    /** @param non-empty-string $id */
    private static function demiGlace(string $id, Act ...$acts): Derivative
    {
        return new Derivative($id, Base::DemiGlace->value, [], self::listed($acts), ThicknessClass::Coating);
    }

    /**
     * @param array<int|string, Act> $acts
     *
     * @return non-empty-list<Act>
     */
    private static function listed(array $acts): array
    {
        return $acts === [] ? [Act::strain()] : array_values($acts);
    }

    private static function cream(float $millilitres): Dose
    {
        return Dose::millilitres('double-cream', $millilitres);
    }

    private static function lemon(): Dose
    {
        return Dose::millilitres('lemon-juice', 5.0);
    }

    private static function liaison(float $yolks, float $cream): Act
    {
        return Act::offTheBoil(Dose::pieces('egg-yolk', $yolks), self::cream($cream))->between(...self::LIAISON);
    }

    /** @return list<Dose> two of onion, one of carrot, one of celery; strained out */
    private static function mirepoix(float $grams): array
    {
        return [
            Dose::grams('onion', 0.5 * $grams, Fate::StrainedOut),
            Dose::grams('carrot', 0.25 * $grams, Fate::StrainedOut),
            Dose::grams('celery', 0.25 * $grams, Fate::StrainedOut),
        ];
    }
}
