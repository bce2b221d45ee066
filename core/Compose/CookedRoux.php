<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Roux\Roux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;

/** What the roux brings into the sauce once it is cooked, per gram of its flour, and the forecast of its minutes. */
final readonly class CookedRoux
{
    /** g of water a gram of flour, and how fast it goes with the shade: a guess, through a white and a blond roux of the house. */
    private const WATER_IF_RAW = 0.3;

    private const DRIES = 4.0;

    /**
     * @param float $waterPerFlour g of water left in the paste per g of flour
     * @param float $flourGrams it was cooked for; 0 where nothing was cooked
     * @param Duration|null $browning of the butter alone, before the flour
     */
    private function __construct(
        public Shade $shade,
        public float $waterPerFlour,
        public float $rawTaste,
        public ?RouxState $forecast,
        private float $flourGrams,
        public ?Duration $browning = null,
    ) {}

    /** Whether it stands for another amount of flour too: minutes and water go by the batch. */
    public function standsFor(float $flourGrams, float $within): bool
    {
        return abs($flourGrams - $this->flourGrams) <= $within * $flourGrams;
    }

    /**
     * @param RouxState $state when it is lifted off the heat
     * @param Shade $ends where its pan has carried it when the liquid meets it
     * @param Duration|null $browning of the butter alone, before the flour
     */
    public static function after(Roux $roux, RouxState $state, Shade $ends, ?Duration $browning = null): self
    {
        $flour = $roux->flour->kilograms;

        return new self(
            $ends,
            $flour > 0.0 ? $state->water->kilograms / $flour : 0.0,
            $state->rawTaste,
            $state,
            $roux->flour->inGrams(),
            $browning,
        );
    }

    /** How hot it is when it is to meet the liquid, before it is let down: a ready one has stood on the bench. */
    public function meetsAt(Question $question): Temperature
    {
        return $question->given->kind === GivenKind::ReadyRoux
            ? Temperature::ofCelsius(School::BENCH_CELSIUS)
            : $this->forecast->temperature ?? Temperature::ofCelsius($question->school->rouxCelsius());
    }

    /** To begin with, before it is cooked: how much water is left in it goes by its shade, about. */
    public static function guessed(Shade $shade): self
    {
        return new self($shade, self::WATER_IF_RAW * exp(-self::DRIES * $shade->value), 0.0, null, 0.0);
    }

    public static function byColourAlone(Shade $shade, float $flourGrams = 0.0): self
    {
        return new self($shade, 0.0, 0.0, null, $flourGrams);
    }
}
