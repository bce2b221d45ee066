<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Place;
use Lento\Procedure\Tools;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;

/** Where a service is cooked: its larder, its pans, what is known of how it cooks, and how it asks for a base. */
final readonly class Workplace
{
    /** What stands in the pot before the simmer over what comes out: an espagnole gives off a third, a demi-glace half. */
    private const POT_OVER_YIELD = ['espagnole' => 1.55, 'demi-glace' => 2.2];

    private const USUAL_POT_OVER_YIELD = 1.2;

    /**
     * @param Temperature|null $boilsAt of water, where the kitchen lies high
     * @param array<string, Formula> $formulas the kitchen's own, by base; the house's for the others
     * @param Asking|null $asking how the kitchen composes a base; the house's way if null
     */
    public function __construct(
        public Larder $larder,
        public PanShelf $pans,
        public KitchenFactors $kitchen,
        public ?Temperature $boilsAt = null,
        private array $formulas = [],
        private ?Asking $asking = null,
    ) {}

    public function formula(Base $base): Formula
    {
        return $this->formulas[$base->value] ?? Formula::house($base);
    }

    public static function house(): self
    {
        return new self(Larder::house(), PanShelf::of([]), KitchenFactors::house());
    }

    public function simmer(Pan $pan, SimmerLevel $level): Simmer
    {
        return new Simmer($pan, $level, evaporation: $this->kitchen->evaporation->value, boilsAt: $this->boilsAt);
    }

    public function question(Base $base, string $liquid, Volume $yield, EquivalentFlour $thickness): Question
    {
        $pan = $this->panFor($base, $yield);

        return $this->asking?->question($base, $liquid, $yield, $thickness, $pan) ?? Question::of(
            $base,
            $yield,
            $liquid,
            $thickness,
            in: new InKitchen($pan, $this->larder, $this->kitchen, $this->formula($base), $this->boilsAt, $this->tools()),
        );
    }

    /** Where the acts of a derivative are done, in this pan. */
    public function place(Pan $pan): Place
    {
        $tools = $this->tools();

        return new Place(
            $pan,
            $this->larder,
            fn(SimmerLevel $level): Simmer => $this->simmer($pan, $level),
            $tools->secondPan(...),
            $tools->ring,
        );
    }

    public function tools(): Tools
    {
        return new Tools($this->pans->all());
    }

    /** The pan a base is made in: holds it before the simmer, and is not too wide for so little. */
    public function panFor(Base $base, Volume $yield): Pan
    {
        $inThePot = Volume::ofLitres(
            $yield->inLitres()
                * (self::POT_OVER_YIELD[$base->value] ?? self::USUAL_POT_OVER_YIELD / (1.0 - ($this->formula($base)->reduceBy ?? 0.0))),
        );
        $pan = $this->pans->for($inThePot);

        return Composer::leastYield($pan)->cubicMetres > $yield->cubicMetres
            ? Pan::suiting($inThePot, min(1.0, $yield->cubicMetres / $inThePot->cubicMetres))
            : $pan;
    }
}
