<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/**
 * What flavours a base without thickening it, per litre finished. Source: the house formulas, docs/sauces.md.
 *
 * Vegetables are strained out again and leave with their own water; the strainer holds back 0.35 g of sauce per gram of raw vegetable.
 */
final readonly class Aromatics
{
    /** g a piece, weighed by eye: what matters is the count. */
    private const PIECE_GRAMS = ['clove' => 0.1, 'bay-leaf' => 0.2, 'thyme-sprig' => 1.0, 'parsley-stalk' => 2.0, 'peppercorn' => 0.05];

    private const MIREPOIX = ['onion' => 62.5, 'carrot' => 31.25, 'celery' => 31.25];

    private const TOMATO_PASTE = 30.0;

    /** @param list<Amount> $amounts */
    private function __construct(public array $amounts, public Mass $vegetables, public Mass $tomatoPaste) {}

    public static function for(Base $base, Volume $yield, Larder $larder): self
    {
        $litres = $yield->inLitres();

        return match ($base) {
            Base::Bechamel => new self([
                self::weighed($larder->ingredient('onion'), 40.0 * $litres, When::Infuse),
                self::counted('clove', $litres, When::Infuse),
                self::counted('bay-leaf', 0.5 * $litres, When::Infuse),
                self::weighed($larder->ingredient('pepper'), 0.3 * $litres, When::Season, 'white-pepper'),
                self::weighed($larder->ingredient('pepper'), 0.2 * $litres, When::Season, 'nutmeg'),
            ], Mass::ofGrams(0.0), Mass::ofGrams(0.0)),
            Base::Veloute => new self([
                self::weighed($larder->ingredient('pepper'), 0.3 * $litres, When::Season, 'white-pepper'),
            ], Mass::ofGrams(0.0), Mass::ofGrams(0.0)),
            Base::Espagnole => new self([
                ...array_map(static fn(string $id): Amount => self::weighed($larder->ingredient($id), self::MIREPOIX[$id] * $litres, When::Roux), array_keys(self::MIREPOIX)),
                self::weighed($larder->ingredient('tomato-paste'), self::TOMATO_PASTE * $litres, When::Roux),
                self::counted('bay-leaf', $litres, When::Simmer),
                self::counted('thyme-sprig', 2.0 * $litres, When::Simmer),
                self::counted('parsley-stalk', 4.0 * $litres, When::Simmer),
                self::counted('peppercorn', 5.0 * $litres, When::Simmer),
            ], Mass::ofGrams(array_sum(self::MIREPOIX) * $litres), Mass::ofGrams(self::TOMATO_PASTE * $litres)),
        };
    }

    private static function weighed(Ingredient $kind, float $grams, When $when, ?string $name = null): Amount
    {
        $mass = Mass::ofGrams($grams);

        return new Amount($name ?? $kind->id, $mass, $kind->density->volumeOf($mass), $when, allergens: $kind->allergens);
    }

    private static function counted(string $name, float $pieces, When $when): Amount
    {
        return new Amount($name, Mass::ofGrams(self::PIECE_GRAMS[$name] * $pieces), null, $when, $pieces);
    }
}
