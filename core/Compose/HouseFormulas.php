<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\StrainWay;
use Lento\Plan\When;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Roux\Colour;
use Lento\Thickness\ThicknessClass;

/**
 * The formulas Lento ships with, per litre finished. Source: docs/sauces.md, classical repertoire in house amounts.
 *
 * Brown roux is made with clarified butter or the roast's fat: whole butter smokes before it is brown. An espagnole gives off a third of
 * its stock, which a bare simmer cannot do in its time.
 */
final readonly class HouseFormulas
{
    private const MILKS = ['whole-milk', 'semi-skimmed-milk', 'skimmed-milk'];

    private const POULTRY = ['chicken-stock', 'game-stock', 'packed-broth', 'vegetable-stock'];

    private const MIREPOIX = ['onion' => 0.5, 'carrot' => 0.25, 'celery' => 0.25];

    private const SALT = 0.0075;

    public static function of(Base $base): Formula
    {
        return match ($base) {
            Base::Bechamel => self::formula($base, self::MILKS, Colour::White, 'butter', ThicknessClass::Coating, 20.0, parts: [
                Part::grams('onion', 40.0, When::Infuse, Treatment::Flavours),
                Part::pieces('clove', 1.0, When::Infuse),
                Part::pieces('bay-leaf', 0.5, When::Infuse),
                self::pepper('white-pepper', 0.3),
                Part::grams('nutmeg', 0.2, When::Season, Treatment::Flavours),
            ], method: Method::of(AromaticsWay::Infused)),
            Base::Veloute => self::formula(
                $base,
                ['chicken-stock', 'veal-stock', 'fish-stock', 'shellfish-stock', 'vegetable-stock', 'game-stock', 'packed-broth'],
                Colour::Blond,
                'butter',
                ThicknessClass::Coating,
                30.0,
                parts: [...self::whiteMirepoix(), self::pepper('white-pepper', 0.3)],
                method: Method::of(AromaticsWay::None),
            ),
            Base::Espagnole => self::formula(
                $base,
                ['brown-stock', 'veal-stock', 'game-stock'],
                Colour::Brown,
                'clarified-butter',
                ThicknessClass::Pouring,
                90.0,
                SimmerLevel::Simmer,
                0.0,
                [
                    ...self::mirepoix(125.0, Treatment::Browned),
                    Part::grams('tomato-paste', 30.0, When::Roux, Treatment::StirredIn),
                    Part::millilitres('red-wine', 60.0, When::Roux, Treatment::Reduced)->optional(),
                    Part::pieces('bay-leaf', 1.0, When::Simmer),
                    Part::pieces('thyme-sprig', 2.0, When::Simmer),
                    Part::pieces('parsley-stalk', 4.0, When::Simmer),
                    Part::pieces('peppercorn', 5.0, When::Simmer),
                ],
            ),
            Base::DemiGlace => self::formula(
                $base,
                ['brown-stock', 'veal-stock', 'game-stock'],
                Colour::Brown,
                'clarified-butter',
                ThicknessClass::Coating,
                80.0,
                SimmerLevel::Brisk,
                beside: ['espagnole' => 0.5],
                method: Method::of(AromaticsWay::None),
            ),
            Base::Tomato => self::formula(
                $base,
                ['chicken-stock', 'veal-stock', 'vegetable-stock', 'packed-broth'],
                Colour::Blond,
                'butter',
                ThicknessClass::Pouring,
                60.0,
                beside: ['tomato-puree' => 0.6],
                parts: [
                    Part::grams('fat-bacon', 40.0, When::Roux, Treatment::Rendered)->optional(),
                    ...self::mirepoix(90.0, Treatment::Sweated),
                    Part::grams('garlic', 5.0, When::Roux, Treatment::Flavours),
                    Part::grams('sugar', 3.0, When::Simmer, Treatment::StirredIn),
                    Part::pieces('thyme-sprig', 2.0, When::Simmer),
                    Part::pieces('bay-leaf', 1.0, When::Simmer),
                ],
            ),
            Base::PanGravy => self::formula(
                $base,
                ['brown-stock', 'chicken-stock', 'veal-stock', 'game-stock', 'packed-broth'],
                Colour::Blond,
                'pan-drippings',
                ThicknessClass::Pouring,
                15.0,
                parts: [
                    Part::millilitres('white-wine', 50.0, When::Roux, Treatment::Reduced)->optional(),
                    self::pepper('black-pepper', 0.3),
                ],
                method: Method::of(AromaticsWay::None),
            ),
            Base::OnionGravy => self::formula(
                $base,
                ['brown-stock', 'veal-stock', 'vegetable-stock', 'packed-broth'],
                Colour::Brown,
                'clarified-butter',
                ThicknessClass::Pouring,
                20.0,
                parts: [
                    Part::grams('onion', 300.0, When::Roux, Treatment::LongBrowned),
                    Part::pieces('thyme-sprig', 2.0, When::Simmer),
                    self::pepper('black-pepper', 0.3),
                    Part::millilitres('vinegar', 5.0, When::Finish, Treatment::Finishes),
                ],
                method: Method::of(StrainWay::LeftIn),
            ),
            Base::GibletGravy => self::formula(
                $base,
                self::POULTRY,
                Colour::Brown,
                'poultry-fat',
                ThicknessClass::Pouring,
                25.0,
                parts: [
                    Part::grams('giblets', 150.0, When::Roux, Treatment::DicedBack),
                    Part::grams('onion', 80.0, When::Roux, Treatment::Browned),
                    Part::millilitres('white-wine', 50.0, When::Roux, Treatment::Reduced),
                    self::pepper('black-pepper', 0.3),
                ],
            ),
            Base::MilkGravy => self::formula(
                $base,
                self::MILKS,
                Colour::Blond,
                'pan-drippings',
                ThicknessClass::Gratin,
                8.0,
                parts: [self::pepper('black-pepper', 2.0)],
                method: Method::of(AromaticsWay::None),
            ),
            Base::ChilliGravy => self::formula(
                $base,
                self::POULTRY,
                Colour::Blond,
                'butter',
                ThicknessClass::Pouring,
                15.0,
                parts: [
                    Part::grams('onion', 120.0, When::Roux, Treatment::Sweated),
                    Part::grams('green-chilli', 150.0, When::Roux, Treatment::Sweated),
                    Part::grams('cumin', 3.0, When::Roux, Treatment::Flavours),
                    Part::grams('hot-chilli', 2.0, When::Simmer, Treatment::Flavours)->optional(),
                    Part::millilitres('soured-cream', 100.0, When::Finish, Treatment::Finishes),
                ],
                method: Method::of(StrainWay::LeftIn),
            ),
            Base::WineSauce => self::formula(
                $base,
                ['fish-stock', 'chicken-stock', 'shellfish-stock', 'vegetable-stock'],
                Colour::White,
                'butter',
                ThicknessClass::Pouring,
                10.0,
                SimmerLevel::Brisk,
                beside: ['white-wine' => 2.0 / 7.0],
                parts: [
                    Part::grams('shallot', 40.0, When::Roux, Treatment::Sweated),
                    Part::millilitres('double-cream', 250.0, When::Finish, Treatment::Finishes),
                    Part::millilitres('lemon-juice', 10.0, When::Finish, Treatment::Finishes),
                    Part::grams('butter', 25.0, When::Finish, Treatment::Finishes),
                ],
                reduceBy: 1.0 / 3.0,
            ),
        };
    }

    /**
     * @param non-empty-list<string> $liquids
     * @param list<Part> $parts
     * @param array<string, float> $beside
     */
    private static function formula(
        Base $base,
        array $liquids,
        Colour $colour,
        string $fat,
        ThicknessClass $thickness,
        float $minutes,
        SimmerLevel $level = SimmerLevel::Bare,
        float $salt = self::SALT,
        array $parts = [],
        array $beside = [],
        ?Method $method = null,
        ?float $reduceBy = null,
    ): Formula {
        return Formula::of($base, $liquids, $thickness->target(), $beside, $parts, $method ?? Method::of())
            ->ofRoux($colour, $fat)
            ->simmering(Duration::ofMinutes($minutes), $level, $reduceBy)
            ->salted($salt);
    }

    private static function pepper(string $kind, float $grams): Part
    {
        return Part::grams($kind, $grams, When::Season, Treatment::Flavours);
    }

    /** @return list<Part> for those who want some in a pale sauce */
    private static function whiteMirepoix(): array
    {
        return [
            Part::grams('onion', 40.0, When::Roux, Treatment::Sweated)->optional(),
            Part::grams('celery', 20.0, When::Roux, Treatment::Sweated)->optional(),
        ];
    }

    /** @return list<Part> two of onion, one of carrot, one of celery */
    private static function mirepoix(float $grams, Treatment $treatment): array
    {
        return array_map(
            static fn(string $id): Part => Part::grams($id, self::MIREPOIX[$id] * $grams, When::Roux, $treatment),
            array_keys(self::MIREPOIX),
        );
    }
}
