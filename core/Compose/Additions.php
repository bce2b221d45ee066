<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\Pepper;
use Lento\Compose\Choice\StrainWay;
use Lento\Finish\Alcohol;
use Lento\Finish\Finishing;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Plan\Amount;
use Lento\Plan\Measured;
use Lento\Plan\When;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;

/**
 * Everything in the pot besides roux, liquid and salt: weighed for a yield, and sorted by where the books of the pot count it.
 *
 * Vegetables that are strained out leave with their own water; the strainer holds back 0.35 g of sauce per gram of raw vegetable. Left in,
 * they add the room they take; blended, they become sauce. Source: the house formulas, docs/sauces.md.
 */
final readonly class Additions
{
    /** g a piece, weighed by eye: what matters is the count. */
    private const PIECE_GRAMS = ['clove' => 0.1, 'bay-leaf' => 0.2, 'thyme-sprig' => 1.0, 'parsley-stalk' => 2.0, 'peppercorn' => 0.05];

    /** Spices weigh like ground pepper. */
    private const SPICES = ['white-pepper', 'black-pepper', 'nutmeg', 'cumin', 'hot-chilli'];

    /** Boiled down to this share of its volume before it joins. */
    private const REDUCED_TO = 0.5;

    /**
     * @param list<Amount> $amounts
     * @param Mass $strained raw vegetables that the strainer keeps
     * @param Volume $pieces room that vegetables take which stay in
     * @param Sauce $joining what becomes sauce before the simmer
     * @param list<array{Ingredient|Fat, Mass}> $finishes in the order they go in
     * @param Sauce $finishing all of these together
     */
    private function __construct(
        public array $amounts,
        public Mass $strained,
        public Volume $pieces,
        public Sauce $joining,
        public array $finishes,
        public Sauce $finishing,
    ) {}

    public static function for(Formula $formula, Method $method, Volume $yield, Larder $larder): self
    {
        [$amounts, $strained, $pieces, $joining, $finishes, $finishing] = [[], 0.0, 0.0, Sauce::nothing(), [], Sauce::nothing()];
        foreach (self::parts($formula, $method) as $part) {
            $kind = $part->measure === PartMeasure::Pieces ? null : self::kind($part->ingredient, $larder);
            $amount = self::amount($part, $kind, $yield);
            $amounts[] = $amount;
            $grams = $amount->mass->inGrams();
            if ($part->treatment === Treatment::Finishes && $kind !== null) {
                $finishes[] = [$kind, $amount->mass];
                $finishing = self::finished($finishing, $kind, $amount->mass);
            } elseif ($part->treatment === Treatment::StirredIn && $kind instanceof Ingredient) {
                $joining = $joining->with($kind, $amount->mass);
            } elseif ($part->treatment === Treatment::Reduced && $kind instanceof Ingredient) {
                $joining = $joining->plus(self::reduced($kind, $amount->mass, $larder));
            } elseif ($part->treatment === Treatment::DicedBack && $kind instanceof Ingredient) {
                $pieces += self::room($kind, $grams * $part->treatment->left());
            } elseif ($part->treatment === Treatment::Rendered && $kind instanceof Ingredient) {
                $strained += $grams;
            } elseif ($part->treatment->isVegetable() && $kind instanceof Ingredient) {
                $left = $grams * $part->treatment->left();
                match ($method->strain) {
                    StrainWay::LeftIn => $pieces += self::room($kind, $left),
                    StrainWay::Blended => $joining = $joining->with($kind, Mass::ofGrams($left)),
                    default => $strained += $grams,
                };
            }
        }

        return new self($amounts, Mass::ofGrams($strained), Volume::ofMillilitres($pieces), $joining, $finishes, $finishing);
    }

    /**
     * @return list<Finishing> one after the other, with their limits and what they do
     */
    public function finish(Sauce $sauce): array
    {
        $done = [];
        foreach ($this->finishes as [$kind, $mass]) {
            $done[] = $finishing = Finishing::of($sauce, $kind, $mass, Finishing::usualTemperature($kind));
            $sauce = $finishing->sauce;
        }

        return $done;
    }

    /** @return list<Part> of the formula, as the method has them; what is left out is gone */
    public static function parts(Formula $formula, Method $method): array
    {
        $parts = [];
        foreach ([...$formula->parts, ...self::finishesOf($method->finish, $formula)] as $part) {
            $part = self::byMilk(self::byAromatics(self::byPepper($part, $method->pepper), $method->aromatics), $method->milk);
            if ($part !== null && $part->perLitre > 0.0) {
                $parts[] = $part;
            }
        }

        return $parts;
    }

    private static function byPepper(Part $part, Pepper $pepper): ?Part
    {
        return match (true) {
            !in_array($part->ingredient, ['white-pepper', 'black-pepper'], true) => $part,
            $pepper === Pepper::None => null,
            $pepper === Pepper::Black => $part->named('black-pepper'),
            default => $part,
        };
    }

    /** Asked for by name, even those that the formula leaves out come in. */
    private static function byAromatics(?Part $part, ?AromaticsWay $way): ?Part
    {
        $aromatic = $part !== null
        && ($part->treatment->isVegetable()
            || (in_array($part->when, [When::Infuse, When::Simmer], true) && $part->treatment === Treatment::Flavours));
        if ($part === null || $way === null || !$aromatic) {
            return $part;
        }
        $part = $part->optional ? $part->of($part->usual) : $part;

        return match ($way) {
            AromaticsWay::None => null,
            AromaticsWay::Infused => $part->usedWhen(When::Infuse),
            AromaticsWay::Sachet => $part->usedWhen(When::Simmer),
            AromaticsWay::Sweated => $part->measure === PartMeasure::Pieces ? $part->usedWhen(When::Simmer) : $part->usedWhen(When::Roux),
            AromaticsWay::Apart => $part->measure === PartMeasure::Pieces ? $part->usedWhen(When::Simmer) : $part->usedWhen(When::Apart),
        };
    }

    /** Milk that goes in as it is leaves its flavourings to the simmer. */
    private static function byMilk(?Part $part, MilkWay $milk): ?Part
    {
        return $part !== null && $part->when === When::Infuse && $milk !== MilkWay::Infused ? $part->usedWhen(When::Simmer) : $part;
    }

    /** @return list<Part> beyond the formula's own; g and ml per litre by custom of the trade */
    private static function finishesOf(FinishWay $way, Formula $formula): array
    {
        $own = array_map(
            static fn(Part $part): string => $part->treatment === Treatment::Finishes ? $part->ingredient : '',
            $formula->parts,
        );
        $parts = match ($way) {
            FinishWay::BySauce => [],
            FinishWay::Butter => [Part::grams('butter', 40.0, When::Finish, Treatment::Finishes)],
            FinishWay::Cream => [Part::millilitres('double-cream', 100.0, When::Finish, Treatment::Finishes)],
            FinishWay::Liaison => [
                Part::grams('egg-yolk', 36.0, When::Finish, Treatment::Finishes),
                Part::millilitres('double-cream', 80.0, When::Finish, Treatment::Finishes),
            ],
        };

        return array_values(array_filter($parts, static fn(Part $part): bool => !in_array($part->ingredient, $own, true)));
    }

    private static function kind(string $name, Larder $larder): Ingredient|Fat
    {
        $kind = $larder->any(in_array($name, self::SPICES, true) ? 'pepper' : $name);

        return $kind instanceof Fat || $kind instanceof Ingredient ? $kind : $larder->ingredient($name);
    }

    private static function amount(Part $part, Ingredient|Fat|null $kind, Volume $yield): Amount
    {
        $much = $part->perLitre * $yield->inLitres();
        if ($kind === null) {
            return new Amount(
                $part->ingredient,
                Mass::ofGrams(self::PIECE_GRAMS[$part->ingredient] * $much),
                new Measured(null, $much),
                $part->when,
            );
        }
        $mass = $part->measure === PartMeasure::Millilitres ? $kind->density->massOf(Volume::ofMillilitres($much)) : Mass::ofGrams($much);

        return new Amount($part->ingredient, $mass, new Measured($kind->density->volumeOf($mass)), $part->when, $kind->allergens);
    }

    /** @return float ml that it takes in the pot */
    private static function room(Ingredient $kind, float $grams): float
    {
        return Sauce::nothing()->with($kind, Mass::ofGrams($grams))->millilitres();
    }

    private static function finished(Sauce $sauce, Ingredient|Fat $kind, Mass $mass): Sauce
    {
        return $kind instanceof Fat
            ? $sauce->mounted($kind, $mass, Mass::ofGrams(0.0))
            : Finishing::stirredIn($sauce, $kind, $mass, Finishing::usualTemperature($kind));
    }

    /** Wine loses its spirit sooner than its water. */
    private static function reduced(Ingredient $wine, Mass $mass, Larder $larder): Sauce
    {
        $whole = Sauce::nothing()->with($wine, $mass);
        $alcohol = $whole->alcoholGrams * Alcohol::left(Treatment::Reduced->time());
        $perGram = Sauce::nothing()->with($larder->ingredient('water'), Mass::ofGrams(1.0))->millilitres();
        $gone = (1.0 - self::REDUCED_TO) * $whole->millilitres() / $perGram - ($whole->alcoholGrams - $alcohol);

        return $whole->cooked(max(0.0, $whole->waterGrams - max(0.0, $gone)), $alcohol, 0.0, $whole->starch);
    }
}
