<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Mass;

/**
 * The pack a kitchen buys a thing in, and how many of them an amount takes.
 *
 * House choices, to be changed by whoever buys otherwise: a lemon gives about 45 ml, a bunch of herbs 30 g of leaves, an egg one yolk.
 */
final readonly class BoughtAs
{
    private const LEMON_MILLILITRES = 45.0;

    private const BUNCH_GRAMS = 30.0;

    /** g a pack; what is not named here is bought by weight. */
    private const PACKS = [
        'butter' => 250.0,
        'rich-butter' => 250.0,
        'clarified-butter' => 500.0,
        'shellfish-butter' => 250.0,
        'plain-flour' => 1000.0,
        'salt' => 1000.0,
        'sugar' => 1000.0,
        'lard' => 250.0,
        'prepared-mustard' => 370.0,
        'capers' => 100.0,
        'gherkin' => 340.0,
        'tomato-paste' => 200.0,
        'dry-mustard' => 50.0,
        'paprika' => 50.0,
        'curry-powder' => 50.0,
    ];

    /** ml a bottle or carton. */
    private const BOTTLES = [
        'whole-milk' => 1000.0,
        'semi-skimmed-milk' => 1000.0,
        'skimmed-milk' => 1000.0,
        'double-cream' => 500.0,
        'whipping-cream' => 500.0,
        'soured-cream' => 200.0,
        'white-wine' => 750.0,
        'red-wine' => 750.0,
        'fortified-wine' => 750.0,
        'vinegar' => 500.0,
        'tomato-puree' => 500.0,
        'packed-broth' => 1000.0,
        'vegetable-oil' => 1000.0,
        'olive-oil' => 750.0,
    ];

    private const BUNCHES = ['parsley', 'tarragon', 'chervil', 'herbs'];

    private const SPRIGS_A_BUNCH = ['thyme-sprig' => 20.0, 'parsley-stalk' => 20.0];

    private const BY_THE_PIECE = ['egg-yolk' => 18.0, 'boiled-egg' => 50.0];

    private function __construct(public Pack $pack, public float $size) {}

    public static function of(string $ingredient): self
    {
        return match (true) {
            isset(self::PACKS[$ingredient]) => new self(Pack::Packet, self::PACKS[$ingredient]),
            isset(self::BOTTLES[$ingredient]) => new self(Pack::Bottle, self::BOTTLES[$ingredient]),
            $ingredient === 'lemon-juice' => new self(Pack::Lemon, self::LEMON_MILLILITRES),
            in_array($ingredient, self::BUNCHES, true) => new self(Pack::Bunch, self::BUNCH_GRAMS),
            isset(self::SPRIGS_A_BUNCH[$ingredient]) => new self(Pack::BunchOfSprigs, self::SPRIGS_A_BUNCH[$ingredient]),
            isset(self::BY_THE_PIECE[$ingredient]) => new self(Pack::Egg, self::BY_THE_PIECE[$ingredient]),
            default => new self(Pack::Loose, 0.0),
        };
    }

    /**
     * @param float|null $millilitres what the mass fills, where it is measured by volume
     * @param float|null $pieces where it is counted
     *
     * @return int<0, max> packs that hold it; 0 for what is bought loose
     */
    public function packs(Mass $mass, ?float $millilitres, ?float $pieces): int
    {
        $much = match ($this->pack) {
            Pack::Bottle, Pack::Lemon => $millilitres ?? $mass->inGrams(),
            Pack::BunchOfSprigs => $pieces ?? $mass->inGrams(),
            default => $mass->inGrams(),
        };

        return $this->size <= 0.0 ? 0 : max(0, (int) ceil($much / $this->size - 1e-6));
    }
}
