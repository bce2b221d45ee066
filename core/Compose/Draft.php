<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Pot\ComingUp;
use Lento\Pot\Cooking;
use Lento\Pot\PouringIn;
use Lento\Pot\QuietSurface;
use Lento\Quantity\Duration;
use Lento\Thickness\Sauce;
use Lento\Thickness\Starch;

/** One round's answer of the Composer: amounts in grams, and the sauce they make before and after the simmer. */
final readonly class Draft
{
    /** °C at which thick bubbles break; half way there from where starch swells; at which a pot steams about as much as on all that way. */
    private const BOILED = 98.5;

    private const ON_THE_WAY = 80.0;

    private const STEAMS_AS_AT = 88.0;

    /** Share of the water that a first guess leaves. */
    private const LEFT_AT_LEAST = 0.05;

    public float $flourGrams;

    public float $liquidGrams;

    public float $saltGrams;

    public float $evaporatedGrams;

    public float $spiritGrams;

    public Sauce $start;

    public Sauce $read;

    public Sauce $end;

    public Sauce $finished;

    /**
     * @param float $litres the yield it was drafted for
     * @param Duration $simmered how long
     * @param PouringIn|null $poured how the liquid met the roux; null where there is none, or nothing is known of it yet
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public float $litres,
        Weights $weights,
        public CookedRoux $roux,
        Stages $stages,
        public Duration $simmered,
        public ?PouringIn $poured = null,
    ) {
        OutOfRange::refuse('yield', $litres, 0.0, 1e6, 'l');
        $this->flourGrams = $weights->flourGrams;
        $this->liquidGrams = $weights->liquidGrams;
        $this->saltGrams = $weights->saltGrams;
        $this->evaporatedGrams = $weights->evaporatedGrams;
        $this->spiritGrams = $weights->spiritGrams;
        $this->start = $stages->start;
        $this->read = $stages->read;
        $this->end = $stages->end;
        $this->finished = $stages->finished;
    }

    /** A simmer that takes the free surface's steam, and swells the starch as its heat and time will. */
    public static function guess(MassBalance $balance): self
    {
        $question = $balance->question;
        $roux = CookedRoux::guessed($question->shade());
        $litres = $question->yield->inLitres();
        $flour = $question->thickness->gramsPerLitre / $roux->shade->strength() * $litres;
        $sauce = $balance->start($flour, $question->yield->inMillilitres(), $balance->rouxPerGram($roux));
        $minutes = $question->simmerTime->inMinutes();
        $steam = $question->reduceBy === null
            ? $question->simmerLevel->flux() * $question->kitchen->evaporation->value * $question->pan->areaSquareCentimetres() * $minutes
            : $question->yield->inMillilitres() * $question->reduceBy / (1.0 - $question->reduceBy);
        $celsius = $question->simmerLevel->celsius();
        $cooking = Cooking::at($celsius, $sauce->pH());
        // It has come to the boil before, swollen and steamed there.
        $swollen = Starch::gelatinisedAtRest(self::BOILED, $sauce->starch->swellingCelsius);
        $area = $question->pan->areaSquareCentimetres();
        $quiet = QuietSurface::flux(self::ON_THE_WAY);
        $net = ComingUp::flux($sauce) - PanHeat::LOSS_PER_CM2 * (self::ON_THE_WAY - PanHeat::AMBIENT) - $quiet * HeatCapacity::STEAM / 60.0;
        $heat = $sauce->heatCapacity() + $question->pan->mass()->inGrams() * PanHeat::METAL_CAPACITY;
        $up = $heat * (self::BOILED - Starch::SWELLS_ABOVE) / (60.0 * $net * $area);
        $steam += QuietSurface::flux(self::STEAMS_AS_AT) * $area * $up;
        $minutes += $up;

        $end = $sauce->cooked(
            max(self::LEFT_AT_LEAST * $sauce->waterGrams, $sauce->waterGrams - $steam),
            $sauce->alcoholGrams,
            0.0,
            $sauce->starch->cooked($swollen, exp(-$cooking->acid * $minutes), $minutes, 0.0),
        );

        $salt = $question->formula->salt * $sauce->grams();

        return new self($litres, new Weights(0.0, 0.0, $salt, $steam), $roux, new Stages($sauce, $end, $end, $end), $question->simmerTime);
    }

    /** @return float g of water that it loses after the simmer, while it is seasoned and cools for a finish */
    public function steamedCoolingOff(): float
    {
        return $this->read->waterGrams - $this->end->waterGrams;
    }

    /** @return float g of water and spirit that it loses, from the first pour to its finish */
    public function steamedOff(): float
    {
        return $this->evaporatedGrams + $this->spiritGrams;
    }

    /** @return float g of that on the way to the boil, before the simmer begins */
    public function steamedComingUp(): float
    {
        $after = $this->start->waterGrams + $this->start->alcoholGrams - $this->end->waterGrams - $this->end->alcoholGrams;

        return max(0.0, $this->steamedOff() - $after);
    }

    public function with(CookedRoux $roux): self
    {
        return new self(
            $this->litres,
            new Weights($this->flourGrams, $this->liquidGrams, $this->saltGrams, $this->evaporatedGrams, $this->spiritGrams),
            $roux,
            new Stages($this->start, $this->read, $this->end, $this->finished),
            $this->simmered,
            $this->poured,
        );
    }

    /** The starch as the last simmer left it, for the next round to foresee. */
    public function cookedStarch(Starch $starch): Starch
    {
        $end = $this->end->starch;

        return $starch->cooked($end->gelatinised, $end->acidLeft, $end->simmeredMinutes, $end->rawTaste);
    }

    public function gramsPerMillilitre(): float
    {
        return $this->end->grams() / $this->end->millilitres();
    }

    /** @return float the larger of the shares by which flour and liquid have moved */
    public function movedFrom(self $other): float
    {
        return max(
            abs($this->flourGrams - $other->flourGrams) / max(1e-9, $this->flourGrams),
            abs($this->liquidGrams - $other->liquidGrams) / max(1e-9, abs($this->liquidGrams)),
            abs($this->litres - $other->litres) / $this->litres,
        );
    }
}
