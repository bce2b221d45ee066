<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Pot\SimmerLevel;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Procedure;
use Lento\Procedure\Vessel;

/**
 * In what order, in which pan and with what the house makes its bases and gravies; amounts per litre finished.
 *
 * Vegetables, paste, wine and onions are never in the pan while a roux browns: they have a second pan, or come before the flour where the
 * roux stays white. Source: docs/sauces.md, procedures, classical repertoire in house amounts.
 */
final readonly class HouseProcedures
{
    private const MIREPOIX = ['onion' => 0.5, 'carrot' => 0.25, 'celery' => 0.25];

    /** °C: infused milk; brown stock that is jelly when cold; below which soured cream does not curdle. */
    private const INFUSES = 85.0;

    private const STOCK_RUNS = 50.0;

    private const SOURED_CREAM_AT_MOST = 80.0;

    /** g of fat for a gram of vegetables in a second pan: enough to cover its floor. */
    private const FAT_APART = 0.06;

    public static function of(Base $base): Procedure
    {
        return match ($base) {
            Base::Bechamel => self::bechamel(),
            Base::Veloute => self::veloute(),
            Base::Espagnole => self::espagnole(),
            Base::DemiGlace => self::demiGlace(),
            Base::Tomato => self::tomato(),
            Base::PanGravy => self::panGravy(),
            Base::OnionGravy => self::onionGravy(),
            Base::GibletGravy => self::gibletGravy(),
            Base::MilkGravy => self::milkGravy(),
            Base::ChilliGravy => self::chilliGravy(),
            Base::WineSauce => self::wineSauce(),
        };
    }

    private static function bechamel(): Procedure
    {
        return Procedure::of(
            Act::of(
                ActKind::Infuse,
                Dose::grams('onion', 40.0, Fate::Flavours),
                Dose::tied('clove', 1.0),
                Dose::tied('bay-leaf', 0.5),
            )->until(self::INFUSES),
            ...self::roux(),
            ...[
                Act::of(ActKind::Pour),
                Act::of(ActKind::Boil),
                Act::of(ActKind::Simmer)->saying('floor'),
                self::seasoned('white-pepper', 0.3, Dose::grams('nutmeg', 0.2, Fate::Flavours)),
                Act::of(ActKind::Strain),
            ],
        );
    }

    private static function veloute(): Procedure
    {
        return Procedure::of(
            Act::of(
                ActKind::Sweat,
                Dose::grams('onion', 40.0, Fate::StaysIn)->optional(),
                Dose::grams('celery', 20.0, Fate::StaysIn)->optional(),
            )->in(Vessel::SecondPan),
            ...self::roux(),
            ...[
                Act::of(ActKind::Pour),
                Act::of(ActKind::Boil),
                Act::of(ActKind::Skim),
                Act::of(ActKind::StirIn, Dose::grams('mushroom', 50.0, Fate::StaysIn)->optional())->saying('trimmings'),
                Act::of(ActKind::Simmer),
                self::seasoned('white-pepper', 0.3),
                Act::of(ActKind::Strain)->saying('cloth'),
            ],
        );
    }

    private static function espagnole(): Procedure
    {
        return Procedure::of(
            Act::of(ActKind::Brown, ...self::mirepoix(125.0), ...[self::fatFor(125.0)])->in(Vessel::SecondPan),
            Act::of(ActKind::Brown, Dose::grams('tomato-paste', 30.0))->in(Vessel::SecondPan)->for(2.0)->saying('paste'),
            Act::of(ActKind::Deglaze, Dose::millilitres('red-wine', 80.0)->optional())
                ->in(Vessel::SecondPan)->downBy(2.0 / 3.0)->saying('stock'),
            ...self::roux(),
            ...[
                Act::of(ActKind::Warm)->in(Vessel::SecondPan)->until(self::STOCK_RUNS),
                Act::of(ActKind::Pour),
                Act::of(ActKind::Boil),
                Act::of(ActKind::Skim),
                Act::of(
                    ActKind::StirIn,
                    Dose::tied('bay-leaf', 1.0),
                    Dose::tied('thyme-sprig', 2.0),
                    Dose::tied('parsley-stalk', 4.0),
                    Dose::tied('peppercorn', 5.0),
                )->saying('vegetables'),
                Act::of(ActKind::Reduce)->at(SimmerLevel::Simmer),
                Act::of(ActKind::TakeOut)->saying('sachet'),
                Act::of(ActKind::Strain)->saying('unpressed'),
            ],
        );
    }

    private static function demiGlace(): Procedure
    {
        return Procedure::of(
            Act::of(ActKind::Warm)->until(self::STOCK_RUNS)->saying('together'),
            Act::of(ActKind::Boil),
            Act::of(ActKind::Skim),
            Act::of(ActKind::Reduce),
            Act::of(ActKind::Strain)->saying('cloth'),
        );
    }

    private static function tomato(): Procedure
    {
        return Procedure::of(
            Act::of(ActKind::Melt),
            Act::of(ActKind::Render, Dose::grams('fat-bacon', 40.0, Fate::StaysIn)->optional()),
            Act::of(ActKind::Sweat, ...self::mirepoix(90.0), ...[Dose::grams('garlic', 5.0, Fate::StaysIn)]),
            Act::of(ActKind::Colour),
            Act::of(ActKind::LetDown),
            Act::of(ActKind::Pour),
            Act::of(ActKind::Boil),
            Act::of(ActKind::Skim),
            Act::of(
                ActKind::StirIn,
                Dose::grams('sugar', 3.0),
                Dose::tied('thyme-sprig', 2.0),
                Dose::tied('bay-leaf', 1.0),
            )->saying('sachet'),
            Act::of(ActKind::Simmer),
            Act::of(ActKind::TakeOut)->saying('sachet'),
            Act::of(ActKind::RubThrough),
            self::salted(),
        );
    }

    private static function panGravy(): Procedure
    {
        return Procedure::of(
            Act::of(ActKind::Melt)->in(Vessel::RoastingTin)->saying('drippings'),
            Act::of(ActKind::Colour)->in(Vessel::RoastingTin)->saying('scraping'),
            Act::of(ActKind::LetDown)->in(Vessel::RoastingTin),
            Act::of(ActKind::Deglaze, Dose::millilitres('white-wine', 50.0)->optional())
                ->in(Vessel::RoastingTin)->downBy(0.5)->saying('tin'),
            Act::of(ActKind::Pour)->in(Vessel::RoastingTin),
            Act::of(ActKind::Boil),
            Act::of(ActKind::StirIn, Dose::millilitres('roast-juices', 60.0))->saying('juices'),
            Act::of(ActKind::Simmer),
            Act::of(ActKind::Strain),
            self::seasoned('black-pepper', 0.3)->saying('juices'),
        );
    }

    private static function onionGravy(): Procedure
    {
        return Procedure::of(
            Act::of(ActKind::Melt),
            Act::of(ActKind::BrownDeep, Dose::grams('onion', 300.0, Fate::StaysIn)),
            Act::of(ActKind::Deglaze)->saying('twice'),
            Act::of(ActKind::Colour)->for(4.0)->saying('onions'),
            Act::of(ActKind::Pour),
            Act::of(ActKind::Boil),
            Act::of(ActKind::Skim),
            Act::of(ActKind::StirIn, Dose::tied('thyme-sprig', 2.0))->saying('sachet'),
            Act::of(ActKind::Simmer),
            Act::of(ActKind::TakeOut)->saying('sachet'),
            self::seasoned('black-pepper', 0.3),
            Act::of(ActKind::StirIn, Dose::millilitres('vinegar', 5.0))->saying('tasted'),
        );
    }

    private static function gibletGravy(): Procedure
    {
        return Procedure::of(
            Act::of(
                ActKind::Brown,
                Dose::grams('giblets', 150.0, Fate::PutBack),
                Dose::grams('onion', 80.0, Fate::StaysIn),
                self::fatFor(120.0),
            )->in(Vessel::StockPot)->saying('giblets'),
            Act::of(ActKind::Simmer)->in(Vessel::StockPot)->for(75.0)->saying('giblets'),
            Act::of(ActKind::Strain)->in(Vessel::StockPot)->saying('giblets'),
            ...self::roux(),
            ...[
                Act::of(ActKind::Deglaze, Dose::millilitres('white-wine', 50.0))->downBy(0.5)->saying('roux'),
                Act::of(ActKind::Pour),
                Act::of(ActKind::Boil),
                Act::of(ActKind::Skim),
                Act::of(ActKind::Simmer),
                Act::of(ActKind::StirIn, Dose::grams('liver', 30.0, Fate::PutBack))->for(5.0)->saying('liver'),
                self::seasoned('black-pepper', 0.3),
                Act::of(ActKind::Strain),
                Act::of(ActKind::StirIn)->saying('back'),
            ],
        );
    }

    private static function milkGravy(): Procedure
    {
        return Procedure::of(
            Act::of(ActKind::Melt)->saying('pan-fat'),
            Act::of(ActKind::Colour),
            Act::of(ActKind::LetDown),
            Act::of(ActKind::Pour),
            Act::of(ActKind::Boil),
            Act::of(ActKind::Simmer)->saying('floor'),
            self::seasoned('black-pepper', 2.0),
        );
    }

    private static function chilliGravy(): Procedure
    {
        return Procedure::of(
            Act::of(
                ActKind::Prepare,
                Dose::grams('dried-chilli', 12.0, Fate::Flavours),
                Dose::grams('coriander-seed', 4.0, Fate::Flavours),
            )->in(Vessel::SecondPan)->for(4.0)->saying('toast'),
            Act::of(ActKind::Sweat, Dose::grams('red-onion', 100.0, Fate::StaysIn), self::fatFor(100.0))->in(Vessel::SecondPan),
            ...self::roux(),
            ...[
                Act::of(ActKind::Pour),
                Act::of(ActKind::Boil),
                Act::of(ActKind::Skim),
                Act::of(ActKind::StirIn)->saying('spiced-onion'),
                Act::of(ActKind::Simmer),
                self::salted(),
                Act::of(ActKind::StirIn, Dose::millilitres('soured-cream', 90.0))
                    ->between(null, self::SOURED_CREAM_AT_MOST)->for(2.0)->saying('temper'),
            ],
        );
    }

    private static function wineSauce(): Procedure
    {
        return Procedure::of(
            Act::of(ActKind::ReduceApart, Dose::millilitres('white-wine', 250.0))->downBy(2.0 / 3.0),
            Act::of(ActKind::Melt),
            Act::of(ActKind::Sweat, Dose::grams('shallot', 50.0, Fate::StaysIn)),
            Act::of(ActKind::Colour),
            Act::of(ActKind::LetDown),
            Act::of(ActKind::Pour)->saying('wine'),
            Act::of(ActKind::Boil),
            Act::of(ActKind::Skim),
            Act::of(ActKind::Reduce),
            Act::of(ActKind::Strain),
            Act::of(ActKind::StirIn, Dose::millilitres('double-cream', 220.0))->for(2.0)->saying('simmer-again'),
            Act::of(ActKind::WhiskIn, Dose::grams('butter', 40.0)),
            Act::of(ActKind::StirIn, Dose::millilitres('lemon-juice', 8.0))->saying('last'),
            self::salted(),
        );
    }

    /** @return list<Act> */
    private static function roux(): array
    {
        return [Act::of(ActKind::Melt), Act::of(ActKind::Colour), Act::of(ActKind::LetDown)];
    }

    private static function salted(): Act
    {
        return Act::of(ActKind::Season);
    }

    private static function seasoned(string $pepper, float $grams, Dose ...$more): Act
    {
        return Act::of(ActKind::Season, Dose::grams($pepper, $grams, Fate::Flavours), ...$more);
    }

    private static function fatFor(float $grams): Dose
    {
        return Dose::grams(Dose::ITS_FAT, self::FAT_APART * $grams);
    }

    /** @return list<Dose> two of onion, one of carrot, one of celery */
    private static function mirepoix(float $grams): array
    {
        return array_map(
            static fn(string $id): Dose => Dose::grams($id, self::MIREPOIX[$id] * $grams, Fate::StaysIn),
            array_keys(self::MIREPOIX),
        );
    }
}
