<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Heat\HeatCapacity;
use Lento\Larder\Fat;
use Lento\Larder\Thickener;
use Lento\Quantity\Mass;
use Lento\Roux\HeatedPaste;
use Lento\Roux\Shade;
use Lento\Thickness\Sauce;

/** Fat, and flour in it, before any liquid: what it is made of and how far it has browned. */
final readonly class Paste
{
    /**
     * @param Sauce $parts as weighed in, raw, with all their water
     * @param float $dryHeat J/K of it without its water
     * @param float $smokesAt °C of the fat that smokes first
     * @param float $dose min at 160 °C
     * @param float $decay of the raw taste
     */
    private function __construct(
        public Sauce $parts,
        public float $dryHeat,
        public float $fatWater,
        public float $flourWater,
        public float $smokesAt,
        public float $dose,
        public float $decay,
    ) {}

    public static function nothing(): self
    {
        return new self(Sauce::nothing(), 0.0, 0.0, 0.0, INF, 0.0, 0.0);
    }

    public function withFat(Fat $fat, Mass $mass): self
    {
        $grams = $mass->inGrams();

        return new self(
            $this->parts->withFat($fat, $mass),
            $this->dryHeat + $fat->dryHeat() * $grams,
            $this->fatWater + $fat->water * $grams,
            $this->flourWater,
            min($this->smokesAt, $fat->smokes->inCelsius()),
            $this->dose,
            $this->decay,
        );
    }

    /** @param float $strength this kitchen's flour against the house figure */
    public function withFlour(Thickener $flour, Mass $mass, float $strength): self
    {
        $grams = $mass->inGrams();
        $water = $flour->water * $grams;

        return new self(
            $this->parts->withThickener($flour, $mass, $strength),
            $this->dryHeat + HeatCapacity::FLOUR_IN_ROUX * ($grams - $water),
            $this->fatWater,
            $this->flourWater + $water,
            $this->smokesAt,
            $this->dose,
            $this->decay,
        );
    }

    public function heated(float $fatWater, float $flourWater, float $dose, float $decay): self
    {
        return new self($this->parts, $this->dryHeat, $fatWater, $flourWater, $this->smokesAt, $dose, $decay);
    }

    public function hasFlour(): bool
    {
        return $this->parts->starch->grams > 0.0;
    }

    public function shade(): Shade
    {
        return Shade::afterDose($this->dose);
    }

    /** @param float $waterBeside g in vegetables that share the pan */
    public function inPan(float $panHeat, float $area, float $waterBeside = 0.0): HeatedPaste
    {
        return new HeatedPaste($panHeat + $this->dryHeat, $area, $waterBeside);
    }

    /** J/K, water and all. */
    public function heatCapacity(): float
    {
        return $this->dryHeat + HeatCapacity::WATER * ($this->fatWater + $this->flourWater);
    }

    /** What it brings into the sauce: strength by its shade, the raw taste and the water that are left. */
    public function asSauce(): Sauce
    {
        $starch = $this->parts->starch->strengthened($this->shade()->strength());
        $lost = $this->parts->waterGrams - $this->fatWater - $this->flourWater;

        return $this->parts
            ->withoutWater(Mass::ofGrams(max(0.0, $lost)))
            ->cooked(
                max(0.0, $this->fatWater + $this->flourWater),
                0.0,
                0.0,
                $starch->cooked($starch->gelatinised, $starch->acidLeft, $starch->simmeredMinutes, exp(-$this->decay)),
            );
    }
}
