<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\HouseFormulas;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Larder\Allergen;
use Lento\Larder\Ingredient;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
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

    /**
     * What stands in a pot, as it is believed to be now.
     *
     * @throws Missing if nothing can be foreseen of the pot
     */
    public static function inPot(Plan $plan, Sauce $sauce): self
    {
        $cooking = $plan->cooking ?? throw Missing::from('plan', 'cooking');
        $amounts = $plan->amounts();

        return new self(
            $sauce,
            Sauce::nothing(),
            $cooking->liquid,
            new Carries(
                Allergen::among(...array_map(static fn(Amount $amount): array => $amount->allergens, $amounts)),
                Allergen::among(...array_map(static fn(Amount $amount): array => $amount->readLabel, $amounts)),
                $plan->limitAt(count($plan->steps) - 1)->atMost,
            ),
            ($plan->promise->saltPercent ?? 0.0) > 0.0 ? ($plan->promise->saltPercent ?? 0.0) / 100.0 : HouseFormulas::SALT,
        );
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
