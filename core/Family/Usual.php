<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Vessel;

/** Acts that many derivatives share, as the house does them. Source: docs/sauces.md; temperatures and minutes are trade custom. */
final readonly class Usual
{
    /** °C that cheese, shellfish butter and soured cream may not pass. */
    private const CHEESE_AT_MOST = 75.0;

    private const SHELLFISH_BUTTER_AT_MOST = 65.0;

    private const SOURED_CREAM_AT_MOST = 80.0;

    /** °C at which mounted butter still holds. */
    private const BUTTER_AT_MOST = 80.0;

    /** °C between which a liaison thickens without curdling, and below which it is kept after. */
    private const LIAISON = [75.0, 82.0];

    /** g of butter for a gram of vegetables that are fried. */
    private const FAT = 0.1;

    /** Cold cream takes the sauce off its simmer: it is brought back. */
    public static function cream(float $millilitres): Act
    {
        return Act::of(ActKind::StirIn, Dose::millilitres('double-cream', $millilitres))->for(3.0)->saying('simmer-again');
    }

    public static function lemon(float $millilitres = 5.0): Act
    {
        return Act::of(ActKind::StirIn, Dose::millilitres('lemon-juice', $millilitres))->saying('last');
    }

    public static function butter(float $grams): Act
    {
        return Act::of(ActKind::WhiskIn, Dose::grams('butter', $grams))->between(null, self::BUTTER_AT_MOST);
    }

    public static function shellfishButter(float $grams): Act
    {
        return Act::of(ActKind::WhiskIn, Dose::grams('shellfish-butter', $grams))->between(null, self::SHELLFISH_BUTTER_AT_MOST);
    }

    public static function cheese(Dose ...$cheeses): Act
    {
        return Act::of(ActKind::MeltIn, ...$cheeses)->between(null, self::CHEESE_AT_MOST);
    }

    public static function liaison(float $yolks, float $cream): Act
    {
        return Act::of(ActKind::Bind, Dose::pieces('egg-yolk', $yolks), Dose::millilitres('double-cream', $cream))
            ->between(...self::LIAISON);
    }

    public static function souredCream(float $millilitres): Act
    {
        return Act::of(ActKind::StirIn, Dose::millilitres('soured-cream', $millilitres))
            ->between(null, self::SOURED_CREAM_AT_MOST)->for(2.0)->saying('temper');
    }

    /** Prepared mustard loses its bite at the boil; it does not split. */
    public static function mustard(float $grams): Act
    {
        return Act::of(ActKind::StirIn, Dose::grams('prepared-mustard', $grams))->between(null, 90.0)->saying('mustard');
    }

    public static function last(Dose ...$doses): Act
    {
        return Act::of(ActKind::StirIn, ...$doses)->saying('last');
    }

    public static function sweat(Dose ...$doses): Act
    {
        return Act::of(ActKind::Sweat, ...self::inButter($doses));
    }

    public static function brown(Dose ...$doses): Act
    {
        return Act::of(ActKind::Brown, ...self::inButter($doses));
    }

    public static function wine(float $millilitres, float $share = 2.0 / 3.0, string $wine = 'white-wine', Dose ...$more): Act
    {
        return Act::of(ActKind::ReduceApart, Dose::millilitres($wine, $millilitres), ...$more)
            ->in(Vessel::Pan)->downBy($share)->saying($wine === 'vinegar' ? 'vinegar' : 'wine');
    }

    /** Vinegar and wine together: fumes, not flames. */
    public static function vinegar(float $share, Dose ...$doses): Act
    {
        return Act::of(ActKind::ReduceApart, ...$doses)->in(Vessel::Pan)->downBy($share)->saying('vinegar');
    }

    public static function simmer(float $minutes, string $words = ''): Act
    {
        return Act::of(ActKind::Simmer)->for($minutes)->saying($words);
    }

    public static function strain(): Act
    {
        return Act::of(ActKind::Strain);
    }

    public static function prepare(string $words, float $minutes = 3.0): Act
    {
        return Act::of(ActKind::Prepare)->for($minutes)->saying($words);
    }

    public static function mushrooms(float $grams): Dose
    {
        return Dose::grams('mushroom', $grams, Fate::StaysIn);
    }

    public static function shallots(float $grams): Dose
    {
        return Dose::grams('shallot', $grams, Fate::StaysIn);
    }

    /** @return list<Dose> two of onion, one of carrot, one of celery */
    public static function mirepoix(float $grams): array
    {
        return [
            Dose::grams('onion', 0.5 * $grams, Fate::StaysIn),
            Dose::grams('carrot', 0.25 * $grams, Fate::StaysIn),
            Dose::grams('celery', 0.25 * $grams, Fate::StaysIn),
        ];
    }

    /**
     * @param array<int|string, Dose> $doses
     *
     * @return list<Dose> with the butter that they fry in, where they name none
     */
    private static function inButter(array $doses): array
    {
        $fats = ['butter', 'clarified-butter', 'vegetable-oil', 'olive-oil', 'fat-bacon'];
        $grams = 0.0;
        foreach ($doses as $dose) {
            if (in_array($dose->ingredient, $fats, true)) {
                return array_values($doses);
            }
            $grams += $dose->fate === Fate::StaysIn ? $dose->perLitre : 0.0;
        }

        return [Dose::grams('butter', round(max(10.0, self::FAT * $grams))), ...array_values($doses)];
    }
}
