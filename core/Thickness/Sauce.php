<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Thickener;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/**
 * What a sauce is made of and how far it is cooked. Immutable: adding or simmering gives another sauce.
 *
 * Masses are grams, because these are the numbers of the model's inner loop; what crosses to the outside does so as Mass or Volume.
 * Source: docs/model.md, D.
 */
final readonly class Sauce
{
    /** g/ml near 60 °C: water (and alcohol), fat, solids. */
    private const WATER_DENSITY = 0.985;

    private const FAT_DENSITY = 0.90;

    private const SOLIDS_DENSITY = 1.50;

    /** Milk solids per aqueous mass of whole milk: the dairy index is 1 there. */
    private const MILK_SOLIDS_OF_MILK = 0.091;

    /** g flour-equivalent per g cooked yolk, fitted to "8 yolks a litre of custard just coats". */
    private const YOLK_THICKENING = 0.33;

    /** Share of the thickening left by each cooling and reheating, whisked smooth; an estimate. */
    private const REHEATED = 0.96;

    /** No pot holds more than a few hundred kilograms of anything; its buffer is counted in mmol times ml. */
    public const MOST_GRAMS = 1e12;

    private function __construct(
        public float $waterGrams,
        public float $fatGrams,
        public float $solidsGrams,
        public float $milkSolidsGrams,
        public float $gelatinGrams,
        public float $saltGrams,
        public float $alcoholGrams,
        /** fat that came as fat, not as the globules of milk or cream. */
        private float $addedFatGrams,
        private float $skimmedFatGrams,
        /** g flour-equivalent of tomato, cheese and the like. */
        private float $otherThickeningGrams,
        public float $yolkGrams,
        /** how far the yolk has set, 0 to 1. */
        public float $yolkSet,
        private float $buffer,
        private float $bufferTimesPh,
        public Starch $starch,
    ) {}

    public static function nothing(): self
    {
        return new self(0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, Starch::none());
    }

    /**
     * All that it is made of, to be written down and read again by ofParts().
     *
     * @return array<string, float> g, but for yolk_set and the acids
     */
    public function parts(): array
    {
        return [
            'water' => $this->waterGrams,
            'fat' => $this->fatGrams,
            'solids' => $this->solidsGrams,
            'milk_solids' => $this->milkSolidsGrams,
            'gelatin' => $this->gelatinGrams,
            'salt' => $this->saltGrams,
            'alcohol' => $this->alcoholGrams,
            'added_fat' => $this->addedFatGrams,
            'skimmed_fat' => $this->skimmedFatGrams,
            'other_thickening' => $this->otherThickeningGrams,
            'yolk' => $this->yolkGrams,
            'yolk_set' => $this->yolkSet,
            'buffer' => $this->buffer,
            'buffer_times_ph' => $this->bufferTimesPh,
        ];
    }

    /**
     * @param array<string, float> $parts as parts() has them; what is left out is none
     *
     * @throws OutOfRange if one is no number, or so far off that it is none of a sauce
     */
    public static function ofParts(array $parts, Starch $starch): self
    {
        $part = static function (string $name) use ($parts): float {
            $value = $parts[$name] ?? 0.0;

            return is_finite($value) && abs($value) <= self::MOST_GRAMS
                ? $value
                : throw OutOfRange::between('part-of-a-sauce', is_finite($value) ? $value : 0.0, -self::MOST_GRAMS, self::MOST_GRAMS, 'g');
        };

        return new self(
            $part('water'),
            $part('fat'),
            $part('solids'),
            $part('milk_solids'),
            $part('gelatin'),
            $part('salt'),
            $part('alcohol'),
            $part('added_fat'),
            $part('skimmed_fat'),
            $part('other_thickening'),
            $part('yolk'),
            $part('yolk_set'),
            $part('buffer'),
            $part('buffer_times_ph'),
            $starch,
        );
    }

    public function with(Ingredient $kind, Mass $mass): self
    {
        $g = $mass->inGrams();

        return new self(
            $this->waterGrams + $g * $kind->water,
            $this->fatGrams + $g * $kind->fat,
            $this->solidsGrams + $g * $kind->solids,
            $this->milkSolidsGrams + $g * $kind->milkSolids,
            $this->gelatinGrams + $g * $kind->gelatin,
            $this->saltGrams + $g * $kind->salt,
            $this->alcoholGrams + $g * $kind->alcohol,
            $this->addedFatGrams,
            $this->skimmedFatGrams,
            $this->otherThickeningGrams + $g * $kind->thickening,
            $this->yolkGrams + $g * $kind->yolk,
            $this->yolkSet,
            $this->buffer + $g * $kind->buffer,
            $this->bufferTimesPh + $g * $kind->buffer * $kind->pH,
            $this->starch,
        );
    }

    public function withFat(Fat $kind, Mass $mass): self
    {
        $g = $mass->inGrams();

        return $this->mixed(
            $this->waterGrams + $g * $kind->water,
            $this->fatGrams + $g * $kind->fat,
            $this->solidsGrams + $g * $kind->solids,
            $this->addedFatGrams + $g * $kind->fat,
            $this->starch,
        );
    }

    /**
     * @param float $strength strength left, 0 to 1
     * @param float $rawTaste 0 to 1
     * @param float $gelatinised 0 to 1; 1 for "as if fully cooked"
     */
    public function withThickener(Thickener $kind, Mass $mass, float $strength = 1.0, float $rawTaste = 1.0, float $gelatinised = 0.0): self
    {
        $g = $mass->inGrams();

        return $this->mixed(
            $this->waterGrams + $g * $kind->water,
            $this->fatGrams + $g * $kind->fat,
            $this->solidsGrams + $g * (1.0 - $kind->water - $kind->fat),
            $this->addedFatGrams,
            $this->starch->plus($kind, $g, $strength, $rawTaste, $gelatinised),
        );
    }

    /** So many times as much of the same: a ladle of it, or a bigger pot. */
    public function times(float $factor): self
    {
        return new self(
            $factor * $this->waterGrams,
            $factor * $this->fatGrams,
            $factor * $this->solidsGrams,
            $factor * $this->milkSolidsGrams,
            $factor * $this->gelatinGrams,
            $factor * $this->saltGrams,
            $factor * $this->alcoholGrams,
            $factor * $this->addedFatGrams,
            $factor * $this->skimmedFatGrams,
            $factor * $this->otherThickeningGrams,
            $factor * $this->yolkGrams,
            $this->yolkSet,
            $factor * $this->buffer,
            $factor * $this->bufferTimesPh,
            $this->starch->times($factor),
        );
    }

    /** Two sauces poured together. */
    public function plus(self $other): self
    {
        $yolk = $this->yolkGrams + $other->yolkGrams;

        return new self(
            $this->waterGrams + $other->waterGrams,
            $this->fatGrams + $other->fatGrams,
            $this->solidsGrams + $other->solidsGrams,
            $this->milkSolidsGrams + $other->milkSolidsGrams,
            $this->gelatinGrams + $other->gelatinGrams,
            $this->saltGrams + $other->saltGrams,
            $this->alcoholGrams + $other->alcoholGrams,
            $this->addedFatGrams + $other->addedFatGrams,
            $this->skimmedFatGrams + $other->skimmedFatGrams,
            $this->otherThickeningGrams + $other->otherThickeningGrams,
            $yolk,
            $yolk > 0.0 ? ($this->yolkSet * $this->yolkGrams + $other->yolkSet * $other->yolkGrams) / $yolk : 0.0,
            $this->buffer + $other->buffer,
            $this->bufferTimesPh + $other->bufferTimesPh,
            $this->starch->mixedWith($other->starch),
        );
    }

    /** Less water: steam gone, or a roux that was cooked dry. Never below nothing. */
    public function withoutWater(Mass $mass): self
    {
        return $this->mixed(
            max(0.0, $this->waterGrams - $mass->inGrams()),
            $this->fatGrams,
            $this->solidsGrams,
            $this->addedFatGrams,
            $this->starch,
        );
    }

    /** One step of simmering, worked out by Pot\Simmer. */
    public function cooked(float $waterGrams, float $alcoholGrams, float $yolkSet, Starch $starch): self
    {
        return new self(
            $waterGrams,
            $this->fatGrams,
            $this->solidsGrams,
            $this->milkSolidsGrams,
            $this->gelatinGrams,
            $this->saltGrams,
            $alcoholGrams,
            $this->addedFatGrams,
            $this->skimmedFatGrams,
            $this->otherThickeningGrams,
            $this->yolkGrams,
            $yolkSet,
            $this->buffer,
            $this->bufferTimesPh,
            $starch,
        );
    }

    /** The same sauce whose thickeners do so many times as much: how a measured thickness is believed. */
    public function strengthened(float $factor): self
    {
        return $this->replaced(starch: $this->starch->strengthened($factor), otherThickeningGrams: $this->otherThickeningGrams * $factor);
    }

    /** The same with only its starch so many times as strong: what it would be, made thicker or thinner. */
    public function starchTimes(float $factor): self
    {
        return $this->replaced(starch: $this->starch->strengthened($factor));
    }

    /** The same after a boil that has swollen its starch at least so far. */
    public function boiledThrough(float $gelatinised): self
    {
        $starch = $this->starch;

        return $starch->strengthGrams <= 0.0
            ? $this
            : $this->replaced(
                starch: $starch->cooked(
                    max($starch->gelatinised, $gelatinised),
                    $starch->acidLeft,
                    $starch->simmeredMinutes,
                    $starch->rawTaste,
                ),
            );
    }

    /** The same mass with another amount of salt in its solids, where only that is known of it. */
    public function salted(Mass $salt): self
    {
        return $this->replaced(saltGrams: $salt->inGrams());
    }

    /** Less a share of its dry flour, as lumps that a strainer kept; the water in them is counted with the sauce that clings. */
    public function withoutStarch(float $share): self
    {
        return $this->replaced(
            solidsGrams: $this->solidsGrams - $share * $this->starch->dryGrams,
            starch: $this->starch->times(1.0 - $share),
        );
    }

    /** The same after a night in the cold and a careful warming: a little of its thickness is lost for good. */
    public function reheated(): self
    {
        $starch = $this->starch;

        return $this->replaced(
            starch: $starch->cooked($starch->gelatinised, $starch->acidLeft * self::REHEATED, $starch->simmeredMinutes, $starch->rawTaste),
        );
    }

    /** Cold butter whisked in at the end: it stays emulsified like cream, except what the sauce does not carry. */
    public function mounted(Fat $butter, Mass $mass, Mass $floats): self
    {
        $with = $this->withFat($butter, $mass);

        return $with->replaced(addedFatGrams: $this->addedFatGrams + $butter->fat * $floats->inGrams());
    }

    /** Fat taken off the top with a ladle. */
    public function skimmed(Mass $fat): self
    {
        $grams = min($fat->inGrams(), $this->freeFatGrams($this->dairy()));

        return $this->replaced(fatGrams: $this->fatGrams - $grams, skimmedFatGrams: $this->skimmedFatGrams + $grams);
    }

    public function mass(): Mass
    {
        return Mass::ofGrams($this->grams());
    }

    public function volume(): Volume
    {
        return Volume::ofMillilitres($this->millilitres());
    }

    public function grams(): float
    {
        return $this->waterGrams + $this->fatGrams + $this->solidsGrams + $this->alcoholGrams;
    }

    public function millilitres(): float
    {
        return ($this->waterGrams + $this->alcoholGrams) / self::WATER_DENSITY
            + $this->fatGrams / self::FAT_DENSITY
            + $this->solidsGrams / self::SOLIDS_DENSITY;
    }

    /** @return float J/K, from the parts */
    public function heatCapacity(): float
    {
        return HeatCapacity::of($this->waterGrams, $this->fatGrams, $this->solidsGrams, $this->alcoholGrams);
    }

    /** @return float ±0.4 */
    public function pH(): float
    {
        return $this->buffer > 0.0 ? $this->bufferTimesPh / $this->buffer : 7.0;
    }

    /** @return float milk solids against whole milk, 0 to 1.3 */
    public function dairy(): float
    {
        return self::dairyOf($this->milkSolidsGrams, $this->aqueousGrams($this->waterGrams, $this->alcoholGrams));
    }

    /** @return float % of fat in its milk or cream, as far as the fat that came with milk solids tells; 0 where there are none */
    public function creamFatPercent(): float
    {
        if ($this->milkSolidsGrams <= 0.0) {
            return 0.0;
        }
        // The watery part of milk and of cream alike holds nine parts in a hundred of solids.
        $watery = $this->milkSolidsGrams / self::MILK_SOLIDS_OF_MILK;
        $fat = max(0.0, $this->fatGrams - $this->addedFatGrams);

        return 100.0 * $fat / ($fat + $watery);
    }

    /** The oil that will stand on top. */
    public function freeFat(): Mass
    {
        return Mass::ofGrams($this->freeFatGrams($this->dairy()));
    }

    /** @return float % of the mass */
    public function saltPercent(): float
    {
        return $this->grams() > 0.0 ? 100.0 * $this->saltGrams / $this->grams() : 0.0;
    }

    /** @internal what the flow law needs, in one go */
    public function suspension(): Suspension
    {
        [$thickening, $dairy, $fat, $gelatin] = $this->inWater(
            $this->waterGrams,
            $this->alcoholGrams,
            $this->starch->thickeningGrams(),
            $this->yolkSet,
        );

        return new Suspension($thickening, $dairy, $fat, $gelatin);
    }

    /**
     * @internal its apparent viscosity at 10 1/s, hot, with what a simmer changes: suspension() and Flow::apparent() in plain numbers
     *
     * @param float $starchGrams g flour-equivalent that the starch thickens as much as
     * @param float $warmth of one temperature, as is $solvent: Flow::warmth(), Flow::waterViscosity()
     *
     * @return float Pa s
     */
    public function apparentWith(
        float $waterGrams,
        float $alcoholGrams,
        float $starchGrams,
        float $yolkSet,
        float $warmth,
        float $solvent,
    ): float {
        [$thickening, $dairy, $fat, $gelatin] = $this->inWater($waterGrams, $alcoholGrams, $starchGrams, $yolkSet);

        return Flow::apparentOf($thickening, $dairy, $fat, $gelatin, $warmth, $solvent);
    }

    /** @return array{float, float, float, float} what a Suspension is made of */
    private function inWater(float $waterGrams, float $alcoholGrams, float $starchGrams, float $yolkSet): array
    {
        $aqueous = ($waterGrams + $alcoholGrams) / self::WATER_DENSITY + $this->solidsGrams / self::SOLIDS_DENSITY;
        if ($aqueous <= 1e-9) {
            return [0.0, 0.0, 0.0, 0.0];
        }
        $aqueousGrams = $this->aqueousGrams($waterGrams, $alcoholGrams);
        $dairy = $this->milkSolidsGrams > 0.0 ? self::dairyOf($this->milkSolidsGrams, $aqueousGrams) : 0.0;
        $boundFat = $this->fatGrams > 0.0 ? ($this->fatGrams - $this->freeFatGrams($dairy)) / self::FAT_DENSITY : 0.0;
        $fat = $boundFat / ($aqueous + $boundFat);
        $gelatin = 100.0 * $this->gelatinGrams / $aqueousGrams;

        return [
            1000.0 / $aqueous * ($starchGrams + $this->otherThickeningGrams + self::YOLK_THICKENING * $this->yolkGrams * $yolkSet),
            $dairy,
            $fat < 0.0 ? 0.0 : ($fat > 0.6 ? 0.6 : $fat),
            $gelatin > 40.0 ? 40.0 : $gelatin,
        ];
    }

    private function aqueousGrams(float $waterGrams, float $alcoholGrams): float
    {
        $grams = $waterGrams + $alcoholGrams + $this->solidsGrams - $this->starch->dryGrams;

        return $grams < 1e-9 ? 1e-9 : $grams;
    }

    private static function dairyOf(float $milkSolidsGrams, float $aqueousGrams): float
    {
        $milk = $milkSolidsGrams / (self::MILK_SOLIDS_OF_MILK * $aqueousGrams);

        return $milk > 1.3 ? 1.3 : $milk;
    }

    private function freeFatGrams(float $dairy): float
    {
        $free = FreeFat::grams($this->starch->grams, $this->addedFatGrams, $this->starch->strength(), $dairy) - $this->skimmedFatGrams;

        return $free < 0.0 ? 0.0 : $free;
    }

    private function mixed(float $waterGrams, float $fatGrams, float $solidsGrams, float $addedFatGrams, Starch $starch): self
    {
        return $this->replaced(
            waterGrams: $waterGrams,
            fatGrams: $fatGrams,
            solidsGrams: $solidsGrams,
            addedFatGrams: $addedFatGrams,
            starch: $starch,
        );
    }

    /** All else stays. */
    private function replaced(
        ?float $waterGrams = null,
        ?float $fatGrams = null,
        ?float $solidsGrams = null,
        ?float $addedFatGrams = null,
        ?float $skimmedFatGrams = null,
        ?float $otherThickeningGrams = null,
        ?float $saltGrams = null,
        ?Starch $starch = null,
    ): self {
        return new self(
            $waterGrams ?? $this->waterGrams,
            $fatGrams ?? $this->fatGrams,
            $solidsGrams ?? $this->solidsGrams,
            $this->milkSolidsGrams,
            $this->gelatinGrams,
            $saltGrams ?? $this->saltGrams,
            $this->alcoholGrams,
            $addedFatGrams ?? $this->addedFatGrams,
            $skimmedFatGrams ?? $this->skimmedFatGrams,
            $otherThickeningGrams ?? $this->otherThickeningGrams,
            $this->yolkGrams,
            $this->yolkSet,
            $this->buffer,
            $this->bufferTimesPh,
            $starch ?? $this->starch,
        );
    }
}
