<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Larder\Ingredient;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Thickness\Sauce;

/** What a plan was reckoned with, so that a pot can be reckoned on from it whatever is known or changed meanwhile. */
final readonly class Cooking
{
    /**
     * @param Ingredient $liquid that it is made with, and thinned with
     * @param Sauce $perGram a gram of that liquid as sauce
     * @param RouxPlan|null $roux null for a sauce without one of its own
     */
    private function __construct(
        public Place $place,
        public Sauces $sauces,
        public Ways $ways,
        public Ingredient $liquid,
        public Sauce $perGram,
        public ?RouxPlan $roux,
    ) {}

    public static function of(Place $place, Sauces $sauces, Ways $ways, Ingredient $liquid, Sauce $perGram, ?RouxPlan $roux = null): self
    {
        return new self($place, $sauces, $ways, $liquid, $perGram, $roux);
    }

    /** The same in another pan. */
    public function in(Pan $pan): self
    {
        $place = new Place($pan, $this->place->kitchen, $this->place->boilsAt, $this->place->lid);

        return new self($place, $this->sauces, $this->ways, $this->liquid, $this->perGram, $this->roux);
    }

    /** As it goes in this pan, in this kitchen as it was known, at its height above the sea. */
    public function simmer(?SimmerLevel $level = null, ?float $evaporation = null): Simmer
    {
        return new Simmer(
            $this->place->pan,
            $level ?? $this->ways->level,
            $this->place->lid,
            $evaporation ?? $this->place->kitchen->evaporation->value,
            $this->place->boilsAt,
        );
    }
}
