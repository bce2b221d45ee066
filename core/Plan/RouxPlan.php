<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Heat\HobHeat;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Lento\Roux\BrownedButter;
use Lento\Roux\Colour;
use Lento\Roux\HobRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;

/** The roux of a pot: what was weighed, where and how hot it is cooked, when it is lifted and what it ends as. */
final readonly class RouxPlan
{
    /**
     * @param bool $watched whether it is cooked on the hob of this pot, so that its colour can be followed
     * @param bool $browned whether its butter is browned before the flour
     * @param Shade $ends in the sauce, when its pan has carried it on
     * @param RouxState|null $lifted as it should be when it is lifted; null where only the eye tells
     * @param Temperature $meets at which the liquid meets it
     * @param Risk $specks of burnt specks
     * @param Mass $beside vegetables that share its pan
     */
    private function __construct(
        public Roux $roux,
        public Colour $colour,
        public HobHeat $heat,
        public bool $watched,
        public bool $browned,
        public Shade $ends,
        public ?RouxState $lifted,
        public Temperature $meets,
        public Risk $specks,
        public Mass $beside,
    ) {}

    /** Baked, or ready made: nobody watches it in this pot. */
    public static function of(Roux $roux, Colour $colour, HobHeat $heat, Shade $ends, Temperature $meets, ?RouxState $lifted): self
    {
        return new self($roux, $colour, $heat, false, false, $ends, $lifted, $meets, Risk::Low, Mass::ofGrams(0.0));
    }

    /**
     * The same cooked on the hob of this pot, so that its colour can be followed as far as a forecast goes.
     *
     * @param Mass|null $beside vegetables that share its pan; none if null
     */
    public function watched(bool $browned, Risk $specks, ?Mass $beside = null): self
    {
        return new self(
            $this->roux,
            $this->colour,
            $this->heat,
            $this->lifted !== null,
            $browned,
            $this->ends,
            $this->lifted,
            $this->meets,
            $specks,
            $beside ?? $this->beside,
        );
    }

    /** Whether it goes on to darken, once lifted, by more than an eye misses. */
    public function carriesOn(): bool
    {
        return $this->lifted !== null && $this->ends->value - $this->lifted->shade->value > 0.05;
    }

    /**
     * In its pan on the hob, its butter browned first where the plan has it so.
     *
     * @param float $browning speed of this kitchen over the house figure
     */
    public function onHob(Place $place, HobHeat $heat, float $browning): HobRoux
    {
        [$pan, $roux] = [$place->pan, $this->roux];
        $browned = $this->browned ? BrownedButter::inPan($roux->fatKind, $roux->fat, $pan->diameter, $pan->mass(), $this->heat) : null;
        $inPan = $browned === null ? $roux : Roux::of($roux->flourKind, $roux->flour, $browned->fat, $browned->left);

        $bottom = new PanBottom($pan->diameter, $pan->mass(), beside: $this->beside);

        return HobRoux::inPan($inPan, $bottom, $heat, $browning, $browned?->temperature);
    }
}
