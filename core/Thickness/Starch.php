<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Exception\OutOfRange;
use Lento\Larder\Thickener;
use Lento\Numerics\Curve;

/** The thickener of a sauce and how far it has been cooked. Masses in grams: this is the inner loop of the model. */
final readonly class Starch
{
    /** °C below which no starch swells, and K over which it does around its own temperature. */
    public const SWELLS_ABOVE = 58.0;

    private const SWELLS_WITHIN = 4.5;

    /** A long simmer has taken 63 % of what it will ever take after so long. */
    private const LONG_SIMMER_MINUTES = 60.0;

    private function __construct(
        public float $grams = 0.0,
        /** g of plain white-roux flour that would thicken as much, before cooking. */
        public float $strengthGrams = 0.0,
        /** the same at full strength, to know the mean strength left. */
        public float $plainGrams = 0.0,
        public float $dryGrams = 0.0,
        /** g of flour weighted by its raw taste. */
        public float $rawGrams = 0.0,
        public float $longSimmerLoss = 0.0,
        public float $swellingCelsius = 76.0,
        /** gelatinised fraction, 0 to 1. */
        public float $gelatinised = 0.0,
        /** what acid and reheating have left of the thickening, 0 to 1. */
        public float $acidLeft = 1.0,
        public float $simmeredMinutes = 0.0,
        /** 1 raw, below 0.15 cooked out. */
        public float $rawTaste = 0.0,
    ) {}

    public static function none(): self
    {
        return new self();
    }

    /**
     * As it was written down.
     *
     * @param array<string, float> $parts by property; what is left out is as of none
     *
     * @throws OutOfRange if one is no number, or so far off that it is none of a sauce
     */
    public static function ofParts(array $parts): self
    {
        foreach ($parts as $name => $value) {
            OutOfRange::refuse('part-of-a-sauce', $value, 0.0, Sauce::MOST_GRAMS, 'g', $name);
        }

        return new self(...$parts);
    }

    /** More thickener; new starch dilutes the gelatinised fraction and brings its own raw taste. */
    public function plus(Thickener $kind, float $grams, float $strength, float $rawTaste, float $gelatinised): self
    {
        $added = $grams * $kind->power * $strength;
        $total = $this->strengthGrams + $added;
        $mixed = fn(float $old, float $new): float => $total > 0.0 ? ($old * $this->strengthGrams + $new * $added) / $total : $old;
        $rawAdded = $grams * $kind->rawTaste;
        $rawTotal = $this->rawGrams + $rawAdded;

        return new self(
            $this->grams + $grams,
            $total,
            $this->plainGrams + $grams * $kind->power,
            $this->dryGrams + $grams * (1.0 - $kind->water - $kind->fat),
            $rawTotal,
            $mixed($this->longSimmerLoss, $kind->longSimmerLoss),
            $mixed($this->swellingCelsius, $kind->swelling->inCelsius()),
            $mixed($this->gelatinised, $gelatinised),
            $this->acidLeft,
            $this->simmeredMinutes,
            $rawTotal > 0.0 ? ($this->rawTaste * $this->rawGrams + $rawTaste * $rawAdded) / $rawTotal : $this->rawTaste,
        );
    }

    public function times(float $factor): self
    {
        return $this->scaled($factor, $factor);
    }

    /** The starches of two sauces together; states mix by how much each thickens, raw taste by how much flour it stands for. */
    public function mixedWith(self $other): self
    {
        if ($other->grams <= 0.0) {
            return $this;
        }
        if ($this->grams <= 0.0) {
            return $other;
        }
        $strength = $this->strengthGrams + $other->strengthGrams;
        $share = $strength > 0.0 ? $other->strengthGrams / $strength : 0.5;
        $raw = $this->rawGrams + $other->rawGrams;
        $rawShare = $raw > 0.0 ? $other->rawGrams / $raw : 0.5;

        return new self(
            $this->grams + $other->grams,
            $strength,
            $this->plainGrams + $other->plainGrams,
            $this->dryGrams + $other->dryGrams,
            $raw,
            $this->longSimmerLoss + $share * ($other->longSimmerLoss - $this->longSimmerLoss),
            $this->swellingCelsius + $share * ($other->swellingCelsius - $this->swellingCelsius),
            $this->gelatinised + $share * ($other->gelatinised - $this->gelatinised),
            $this->acidLeft + $share * ($other->acidLeft - $this->acidLeft),
            $this->simmeredMinutes + $share * ($other->simmeredMinutes - $this->simmeredMinutes),
            $this->rawTaste + $rawShare * ($other->rawTaste - $this->rawTaste),
        );
    }

    public function cooked(float $gelatinised, float $acidLeft, float $simmeredMinutes, float $rawTaste): self
    {
        return new self(
            $this->grams,
            $this->strengthGrams,
            $this->plainGrams,
            $this->dryGrams,
            $this->rawGrams,
            $this->longSimmerLoss,
            $this->swellingCelsius,
            $gelatinised,
            $acidLeft,
            $simmeredMinutes,
            $rawTaste,
        );
    }

    public function strengthened(float $factor): self
    {
        return $this->scaled(1.0, $factor);
    }

    /** @return float mean strength left of the roux, 0 to 1 */
    public function strength(): float
    {
        return $this->plainGrams > 0.0 ? $this->strengthGrams / $this->plainGrams : 1.0;
    }

    /** @return float 1 raw flour, 0 cooked out; pure starches have little of it to begin with */
    public function tastesRaw(): float
    {
        return $this->grams > 0.0 ? $this->rawTaste * $this->rawGrams / $this->grams : 0.0;
    }

    /** @return float g of flour-equivalent thickening now: swollen, less what the long simmer and acid took */
    public function thickeningGrams(): float
    {
        return $this->thickeningWhen($this->gelatinised, $this->acidLeft, $this->simmeredMinutes);
    }

    /** @internal the same for another state of cooking, for the simmer's inner loop */
    public function thickeningWhen(float $gelatinised, float $acidLeft, float $simmeredMinutes): float
    {
        return $this->strengthGrams
            * $gelatinised
            * (1.0 - $this->longSimmerLoss * (1.0 - exp(-$simmeredMinutes / self::LONG_SIMMER_MINUTES)))
            * $acidLeft;
    }

    /**
     * Where gelatinisation ends if it is held at one temperature for ever: a step centred on the swelling temperature, zero below 58 °C.
     *
     * @return float fraction, 0 to 1
     */
    public static function gelatinisedAtRest(float $celsius, float $swellingCelsius): float
    {
        if ($celsius <= self::SWELLS_ABOVE) {
            return 0.0;
        }
        $floor = Curve::sigmoid((self::SWELLS_ABOVE - $swellingCelsius) / self::SWELLS_WITHIN);

        return Curve::clamp((Curve::sigmoid(($celsius - $swellingCelsius) / self::SWELLS_WITHIN) - $floor) / (1.0 - $floor), 0.0, 1.0);
    }

    private function scaled(float $mass, float $strength): self
    {
        return new self(
            $mass * $this->grams,
            $strength * $this->strengthGrams,
            $mass * $this->plainGrams,
            $mass * $this->dryGrams,
            $mass * $this->rawGrams,
            $this->longSimmerLoss,
            $this->swellingCelsius,
            $this->gelatinised,
            $this->acidLeft,
            $this->simmeredMinutes,
            $this->rawTaste,
        );
    }
}
