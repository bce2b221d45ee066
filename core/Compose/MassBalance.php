<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\NotReachable;
use Lento\Larder\Ingredient;
use Lento\Numerics\Root;
use Lento\Quantity\Mass;
use Lento\Roux\Roux;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;

/**
 * The books of one pot: what goes in = what comes out + steam + what pan and strainer keep. Grams and millilitres throughout.
 */
final readonly class MassBalance
{
    /** Share of the sauce that stays on pan and spoon (docs/model.md, compose). */
    public const CLING = 0.02;

    /** g of flour per litre: more than the darkest roux needs for the thickest sauce. */
    private const MOST_FLOUR_PER_LITRE = 700.0;

    private function __construct(
        public Question $question,
        public Aromatics $aromatics,
        private Ingredient $liquid,
        private float $liquidMillilitresPerGram,
        public float $waterMillilitresPerGram,
    ) {}

    public static function of(Question $question): self
    {
        $gram = Mass::ofGrams(1.0);
        $liquid = $question->larder->ingredient($question->liquid);

        return new self(
            $question,
            Aromatics::for($question->base, $question->yield, $question->larder),
            $liquid,
            Sauce::nothing()->with($liquid, $gram)->millilitres(),
            Sauce::nothing()->with($question->larder->ingredient('water'), $gram)->millilitres(),
        );
    }

    /** The pot when the liquid has met the roux, before the simmer. */
    public function start(float $flourGrams, float $liquidGrams, CookedRoux $cooked): Sauce
    {
        $roux = $this->roux($flourGrams);
        $water = $roux->flour->inGrams() * $roux->flourKind->water + $roux->fat->inGrams() * $roux->fatKind->water;

        return Sauce::nothing()
            ->withThickener($roux->flourKind, $roux->flour, $cooked->shade->strength(), $cooked->rawTaste)
            ->withFat($roux->fatKind, $roux->fat)
            ->withoutWater(Mass::ofGrams(max(0.0, $water - $cooked->waterPerFlour * $flourGrams)))
            ->with($this->question->larder->ingredient('tomato-paste'), $this->aromatics->tomatoPaste)
            ->with($this->liquid, Mass::ofGrams($liquidGrams));
    }

    public function roux(float $flourGrams): Roux
    {
        return Roux::withRatio($this->question->larder->thickener('plain-flour'), Mass::ofGrams($flourGrams), $this->question->larder->fat($this->question->fat), $this->question->fatToFlour);
    }

    public function salted(Sauce $sauce, float $saltGrams): Sauce
    {
        return $sauce->with($this->question->larder->ingredient('salt'), Mass::ofGrams($saltGrams));
    }

    /**
     * @return float g of flour that thickens enough if the simmer does again what it did last
     *
     * @throws NotReachable if the roux alone would be more than the yield
     */
    public function flourFor(Draft $last): float
    {
        $goal = EquivalentFlour::straightened($this->question->thickness->viscosity()->pascalSeconds);
        $tooThick = fn(float $flour): float => EquivalentFlour::straightened($this->flow($this->foreseen($last, $flour))) - $goal;

        return (new Root(1e-10 * $this->question->yield->inMillilitres()))->of($tooThick, 0.0, $this->mostFlour($last), 'this thickness with this roux');
    }

    /** @return float g of liquid that makes up the volume; below 0 when the roux alone is more */
    public function liquidFor(Draft $last, float $flourGrams): float
    {
        $dry = $this->salted($this->start($flourGrams, 0.0, $last->roux), $last->saltGrams)->millilitres();

        return ($this->millilitresInPot($last) + $last->evaporatedGrams * $this->waterMillilitresPerGram - $dry) / $this->liquidMillilitresPerGram;
    }

    /** @return float ml kept by the strainer with the vegetables */
    public function heldByStrainer(Draft $draft): float
    {
        return Aromatics::HELD_BACK * $this->aromatics->vegetables->inGrams() / $draft->gramsPerMillilitre();
    }

    /** @return float ml that must stand in the pot at the end so that the yield leaves the strainer */
    private function millilitresInPot(Draft $last): float
    {
        return ($this->question->yield->inMillilitres() + $this->heldByStrainer($last)) / (1.0 - self::CLING);
    }

    /** The finished sauce with so much flour, had it the last round's simmer. */
    private function foreseen(Draft $last, float $flourGrams): Sauce
    {
        $sauce = $this->salted($this->start($flourGrams, $this->liquidFor($last, $flourGrams), $last->roux), $last->saltGrams)
            ->withoutWater(Mass::ofGrams($last->evaporatedGrams));

        return $sauce->cooked($sauce->waterGrams, $sauce->alcoholGrams, 0.0, $last->cookedStarch($sauce->starch));
    }

    /** @return float g: the house's limit, or as much as leaves a twentieth of the liquid */
    private function mostFlour(Draft $last): float
    {
        $without = $this->liquidFor($last, 0.0);
        $perGram = $without - $this->liquidFor($last, 1.0);

        return min(self::MOST_FLOUR_PER_LITRE * $this->question->yield->inLitres(), 0.95 * $without / $perGram);
    }

    private function flow(Sauce $sauce): float
    {
        return Flow::at($sauce, EquivalentFlour::CELSIUS)->pascalSeconds(EquivalentFlour::SHEAR);
    }
}
