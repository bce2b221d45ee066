<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\OutOfRange;
use Lento\Larder\Ingredient;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/**
 * A sauce that others are made from: so much of it, the pieces that stay in it, the liquid it is thinned with, the allergens it carries.
 */
final readonly class Stem
{
    /**
     * @param Ingredient $liquid it was made with, to thin it with
     * @param Carries $carries what it hands on
     * @param float $saltShare of the mass, that it and what is made of it are salted to at the end
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public Sauce $sauce,
        public Sauce $pieces,
        public Ingredient $liquid,
        public Carries $carries,
        public float $saltShare,
    ) {
        OutOfRange::refuse('salt-share', $saltShare, 0.0, 1.0, '');
    }

    public function volume(): Volume
    {
        return Volume::ofMillilitres($this->sauce->millilitres() + $this->pieces->millilitres());
    }

    /** A ladle of it. */
    public function taken(Volume $volume): self
    {
        $share = $volume->cubicMetres / $this->volume()->cubicMetres;

        return new self($this->sauce->times($share), $this->pieces->times($share), $this->liquid, $this->carries, $this->saltShare);
    }

    /** The same with its starch so many times as strong: what it would be, composed thicker or thinner. */
    public function withStarch(float $factor): self
    {
        return new self($this->sauce->starchTimes($factor), $this->pieces, $this->liquid, $this->carries, $this->saltShare);
    }

    public function thickness(): EquivalentFlour
    {
        return EquivalentFlour::of($this->sauce);
    }
}
