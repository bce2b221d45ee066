<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\PartMeasure;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** So much of one thing for each litre of the sauce that is taken. */
final readonly class Dose
{
    /** Per litre: more than this is another sauce. */
    public const MOST = 1000.0;

    /** g a piece: a yolk and a shelled egg by the house's table, the rest weighed by eye. Source: docs/sauces.md, ingredient data. */
    private const PIECE_GRAMS = ['egg-yolk' => 18.0, 'boiled-egg' => 50.0, 'bay-leaf' => 0.2, 'thyme-sprig' => 1.0];

    private function __construct(public string $ingredient, public PartMeasure $measure, public float $perLitre, public Fate $fate) {}

    public static function grams(string $ingredient, float $perLitre, Fate $fate = Fate::Joins): self
    {
        return new self($ingredient, PartMeasure::Grams, $perLitre, $fate);
    }

    public static function millilitres(string $ingredient, float $perLitre, Fate $fate = Fate::Joins): self
    {
        return new self($ingredient, PartMeasure::Millilitres, $perLitre, $fate);
    }

    public static function pieces(string $ingredient, float $perLitre, Fate $fate = Fate::Joins): self
    {
        return new self($ingredient, PartMeasure::Pieces, $perLitre, $fate);
    }

    public static function counted(string $ingredient, PartMeasure $measure, float $perLitre): self
    {
        return new self($ingredient, $measure, $perLitre, Fate::Joins);
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

        return new self($this->ingredient, $this->measure, $perLitre, $this->fate);
    }

    /** @throws Unknown where the larder has none of it; what only flavours needs no place in it */
    public function kind(Larder $larder): Ingredient|Fat|null
    {
        if ($this->fate === Fate::Flavours) {
            return null;
        }
        $kind = $larder->any($this->ingredient);

        return $kind instanceof Ingredient || $kind instanceof Fat ? $kind : throw Unknown::name('ingredient', $this->ingredient);
    }

    /** @return Mass for so much of the parent */
    public function mass(Volume $taken, Larder $larder): Mass
    {
        $amount = $this->perLitre * $taken->inLitres();
        if ($this->measure === PartMeasure::Pieces) {
            return Mass::ofGrams($amount * (self::PIECE_GRAMS[$this->ingredient] ?? 1.0));
        }

        return $this->measure === PartMeasure::Millilitres
            ? $this->kind($larder)?->density->massOf(Volume::ofMillilitres($amount)) ?? Mass::ofGrams($amount)
            : Mass::ofGrams($amount);
    }

    /** @return Mass of one piece of it, where it is counted */
    public static function piece(string $ingredient): Mass
    {
        return Mass::ofGrams(self::PIECE_GRAMS[$ingredient] ?? 1.0);
    }
}
