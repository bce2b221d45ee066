<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/**
 * So much of one thing: for each litre finished in a base or gravy, for each litre of its base in a derivative.
 *
 * Whole spices and herbs are linear to 5 l, then grow with the power 0.75, for a big pot draws more out of them. Source: the procedures of
 * the house, docs/sauces.md, custom of the trade.
 */
final readonly class Dose
{
    /** Stands for the fat that its roux is made with. */
    public const ITS_FAT = 'its-fat';

    /** Per litre: more than this is another sauce. */
    public const MOST = 1000.0;

    /** l to which whole spices and herbs grow with the pot, and the power with which they grow from there. */
    private const LINEAR_TO = 5.0;

    private const POWER = 0.75;

    /** g a piece: a yolk and a shelled egg by the house's table, the rest weighed by eye. Source: docs/sauces.md, ingredient data. */
    private const PIECE_GRAMS = [
        'egg-yolk' => 18.0,
        'boiled-egg' => 50.0,
        'clove' => 0.1,
        'bay-leaf' => 0.2,
        'thyme-sprig' => 1.0,
        'parsley-stalk' => 2.0,
        'peppercorn' => 0.05,
        'juniper-berry' => 0.15,
    ];

    private const WHOLE_SPICES = ['clove', 'bay-leaf', 'thyme-sprig', 'parsley-stalk', 'peppercorn', 'juniper-berry'];

    private const IN_HALVES = ['bay-leaf', 'boiled-egg', 'thyme-sprig', 'parsley-stalk'];

    /** Spices weigh like ground pepper. */
    private const SPICES = ['white-pepper', 'black-pepper', 'nutmeg', 'cumin', 'hot-chilli', 'cayenne', 'coriander-seed', 'saffron'];

    /**
     * @param float $perLitre g, ml or pieces; 0 leaves it out
     * @param float $usual the house's amount
     * @param bool $optional left out unless the cook asks for it
     * @param bool $tied in a sachet, or by a string: it comes out again
     * @param bool $inAll of this one pot, however much of it there is, and not for each litre
     * @param bool $own a cook's own, beside the formula: no choice of the house's leaves it out
     */
    private function __construct(
        public string $ingredient,
        public Measure $measure,
        public float $perLitre,
        public Fate $fate,
        public float $usual,
        public bool $optional = false,
        public bool $tied = false,
        public bool $inAll = false,
        public bool $own = false,
    ) {}

    public static function grams(string $ingredient, float $perLitre, Fate $fate = Fate::Joins): self
    {
        return new self($ingredient, Measure::Grams, $perLitre, $fate, $perLitre);
    }

    public static function millilitres(string $ingredient, float $perLitre, Fate $fate = Fate::Joins): self
    {
        return new self($ingredient, Measure::Millilitres, $perLitre, $fate, $perLitre);
    }

    public static function pieces(string $ingredient, float $perLitre, Fate $fate = Fate::Joins): self
    {
        return new self($ingredient, Measure::Pieces, $perLitre, $fate, $perLitre);
    }

    /** Pieces that are tied up and taken out again. */
    public static function tied(string $ingredient, float $perLitre): self
    {
        return new self($ingredient, Measure::Pieces, $perLitre, Fate::Flavours, $perLitre, tied: true);
    }

    /**
     * As it was written down.
     *
     * @param array{float, float} $perLitre what it is, and what it usually is
     *
     * @throws OutOfRange outside 0 to 1000 per litre
     */
    public static function kept(string $ingredient, Measure $measure, array $perLitre, Fate $fate, bool $tied): self
    {
        OutOfRange::refuse('amount-per-litre', $perLitre[0], 0.0, self::MOST, $measure->value . '/l');

        return new self($ingredient, $measure, $perLitre[0], $fate, $perLitre[1], $perLitre[0] <= 0.0, $tied);
    }

    /** So much of it in this one pot, however much sauce that is. */
    public static function inAll(string $ingredient, Measure $measure, float $amount, Fate $fate): self
    {
        return new self($ingredient, $measure, $amount, $fate, $amount, inAll: true);
    }

    public static function counted(string $ingredient, Measure $measure, float $perLitre, Fate $fate = Fate::Joins): self
    {
        return new self($ingredient, $measure, $perLitre, $fate, $perLitre);
    }

    /** The same, left out unless the cook asks for it. */
    public function optional(): self
    {
        return $this->but(perLitre: 0.0, optional: true);
    }

    /** The same, a cook's own. */
    public function ofTheCook(): self
    {
        return $this->but(own: true);
    }

    /** @throws OutOfRange outside 0 to 1000 per litre */
    public function of(float $perLitre): self
    {
        if (!is_finite($perLitre) || $perLitre < 0.0 || $perLitre > self::MOST) {
            throw OutOfRange::between(
                'amount-per-litre',
                is_finite($perLitre) ? $perLitre : 0.0,
                0.0,
                self::MOST,
                $this->measure->value . '/l',
                of: $this->ingredient,
            );
        }

        return $this->but(perLitre: $perLitre, optional: false);
    }

    public function named(string $ingredient): self
    {
        return $this->but(ingredient: $ingredient);
    }

    private function but(?string $ingredient = null, ?float $perLitre = null, ?bool $optional = null, ?bool $own = null): self
    {
        return new self(
            $ingredient ?? $this->ingredient,
            $this->measure,
            $perLitre ?? $this->perLitre,
            $this->fate,
            $this->usual,
            $optional ?? $this->optional,
            $this->tied,
            $this->inAll,
            $own ?? $this->own,
        );
    }

    /** Whether it stands for the fat of the roux, whichever that is. */
    public function isItsFat(): bool
    {
        return $this->ingredient === self::ITS_FAT;
    }

    /** @throws Unknown where the larder has none of it; what only flavours needs no place in it */
    public function kind(Larder $larder): Ingredient|Fat|null
    {
        $id = in_array($this->ingredient, self::SPICES, true) ? 'pepper' : $this->ingredient;
        if ($this->fate === Fate::Flavours && !$larder->has($id)) {
            return null;
        }
        $kind = $larder->any($id);

        return $kind instanceof Ingredient || $kind instanceof Fat ? $kind : throw Unknown::name('ingredient', $this->ingredient);
    }

    /** @return float g, ml or pieces for so much sauce */
    public function amount(Volume $of): float
    {
        $litres = $of->inLitres();
        if ($this->inAll) {
            return $this->perLitre;
        }

        return $this->perLitre
            * ($this->measure === Measure::Pieces && $this->fate === Fate::Flavours && $litres > self::LINEAR_TO
                ? self::LINEAR_TO * ($litres / self::LINEAR_TO) ** self::POWER
                : $litres);
    }

    /** @return Mass for so much sauce */
    public function mass(Volume $of, Larder $larder): Mass
    {
        $amount = $this->amount($of);

        return match ($this->measure) {
            Measure::Pieces => Mass::ofGrams($amount * self::piece($this->ingredient)->inGrams()),
            Measure::Millilitres
                => $this->kind($larder)?->density->massOf(Volume::ofMillilitres($amount)) ?? Mass::ofGrams($amount),
            Measure::Grams => Mass::ofGrams($amount),
        };
    }

    /** Whether it only flavours, and weighs like ground pepper. */
    public static function isSpice(string $ingredient): bool
    {
        return in_array($ingredient, self::SPICES, true) || self::isWholeSpice($ingredient);
    }

    /** @return list<string> ids of what only flavours, in the larder or not */
    public static function spices(): array
    {
        return [...self::SPICES, ...self::WHOLE_SPICES];
    }

    public static function comesInPieces(string $ingredient): bool
    {
        return isset(self::PIECE_GRAMS[$ingredient]);
    }

    /** Whether it is a spice or a herb that is counted while there are few of them, and weighed where there are many. */
    public static function isWholeSpice(string $ingredient): bool
    {
        return in_array($ingredient, self::WHOLE_SPICES, true);
    }

    /** Whether half of one is of use: a leaf can be torn, a peppercorn cannot. */
    public static function comesInHalves(string $ingredient): bool
    {
        return in_array($ingredient, self::IN_HALVES, true);
    }

    /** @return Mass of one piece of it, where it is counted */
    public static function piece(string $ingredient): Mass
    {
        return Mass::ofGrams(self::PIECE_GRAMS[$ingredient] ?? 1.0);
    }
}
