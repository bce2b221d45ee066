<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\StrainWay;
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

    private const BROWN_STOCKS = ['brown-stock', 'veal-stock', 'game-stock', 'beef-stock', 'mutton-stock'];

    private const WHITE_STOCKS = [
        'chicken-stock',
        'veal-stock',
        'fish-stock',
        'shellfish-stock',
        'vegetable-stock',
        'game-stock',
        'beef-stock',
        'mutton-stock',
        'ham-stock',
        'packed-broth',
        'water',
        'cider',
        'brown-stock',
    ];

    private const ANY_STOCK = [
        'brown-stock',
        'chicken-stock',
        'veal-stock',
        'game-stock',
        'beef-stock',
        'mutton-stock',
        'ham-stock',
        'vegetable-stock',
        'packed-broth',
        'water',
        'cider',
        'beer',
    ];


    /** Share of the mass that a sauce is salted to where it is served. */
    public const SALT = 0.0075;

    public static function of(Base $base): Formula
    {
        $white = Colour::White;
        $pouring = ThicknessClass::Pouring;
        $coating = ThicknessClass::Coating;

        return match ($base) {
            Base::Bechamel => self::formula(
                $base,
                self::MILKS,
                $white,
                'butter',
                $coating,
                18.0,
                method: Method::of(AromaticsWay::Infused),
            ),
            Base::Veloute => self::formula(
                $base,
                self::WHITE_STOCKS,
                Colour::Blond,
                'butter',
                $coating,
                30.0,
                method: Method::of(AromaticsWay::None),
            ),
            // A third of the pot goes, in no less than an hour and a half.
            Base::Espagnole => self::formula(
                $base,
                self::BROWN_STOCKS,
                Colour::Brown,
                'clarified-butter',
                $pouring,
                90.0,
                SimmerLevel::Simmer,
                0.0,
                reduceBy: 1.0 / 3.0,
            ),
            Base::DemiGlace => self::formula(
                $base,
                self::BROWN_STOCKS,
                Colour::Brown,
                'clarified-butter',
                $pouring,
                60.0,
                SimmerLevel::Brisk,
                0.0,
                beside: ['espagnole' => 0.5],
                method: Method::of(AromaticsWay::None),
                reduceBy: 0.5,
            ),
            Base::Tomato => self::formula(
                $base,
                [...self::POULTRY, 'veal-stock', 'water'],
                $white,
                'butter',
                $pouring,
                60.0,
                beside: ['tomato-puree' => 0.6],
            ),
            Base::PanGravy => self::formula(
                $base,
                self::ANY_STOCK,
                Colour::Blond,
                'pan-drippings',
                $pouring,
                15.0,
                method: Method::of(AromaticsWay::None),
            ),
            Base::OnionGravy => self::formula(
                $base,
                [...self::BROWN_STOCKS, 'vegetable-stock', 'packed-broth', 'beer', 'water'],
                $white,
                'clarified-butter',
                $pouring,
                20.0,
                method: Method::of(StrainWay::LeftIn),
            ),
            Base::GibletGravy => self::formula($base, self::POULTRY, Colour::Brown, 'poultry-fat', $pouring, 20.0),
            Base::MilkGravy => self::formula(
                $base,
                self::MILKS,
                Colour::Blond,
                'pan-drippings',
                ThicknessClass::Gratin,
                9.0,
                method: Method::of(AromaticsWay::None, StrainWay::LeftIn),
            ),
            Base::ChilliGravy => self::formula(
                $base,
                [...self::POULTRY, 'water'],
                Colour::Blond,
                'butter',
                $pouring,
                15.0,
                method: Method::of(StrainWay::LeftIn),
            ),
            Base::WineSauce => self::formula(
                $base,
                ['fish-stock', 'chicken-stock', 'shellfish-stock', 'vegetable-stock'],
                $white,
                'butter',
                $pouring,
                10.0,
                SimmerLevel::Brisk,
                reduceBy: 0.25,
            ),
        };
    }

    /**
     * @param non-empty-list<string> $liquids
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
        array $beside = [],
        ?Method $method = null,
        ?float $reduceBy = null,
    ): Formula {
        return Formula::of($base, $liquids, $thickness->target(), $beside, HouseProcedures::of($base), $method ?? Method::of())
            ->ofRoux($colour, $fat)
            ->simmering(Duration::ofMinutes($minutes), $level, $reduceBy)
            ->salted($salt);
    }
}
