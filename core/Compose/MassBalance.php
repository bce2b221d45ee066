<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\NotReachable;
use Lento\Larder\Ingredient;
use Lento\Numerics\Root;
use Lento\Quantity\Mass;
use Lento\Rescue\Straining;
use Lento\Roux\Roux;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;

/**
 * The books of one pot: what goes in = what comes out + steam + what pan and strainer keep. Grams and millilitres throughout.
 */
final readonly class MassBalance
{
    /** g of flour per litre: more than the darkest roux needs for the thickest sauce. */
    private const MOST_FLOUR_PER_LITRE = 700.0;

    /** Share of the pot that can be roux. */
    private const MOST_ROUX = 0.95;

    /** g of flour per ml of yield to which flour is found; share by which it still moves from round to round. */
    private const FLOUR_WITHIN = 1e-10;

    private const MOVES = 0.02;

    private function __construct(
        public Question $question,
        public Aromatics $aromatics,
        public Ingredient $liquid,
        private Sauce $paste,
        private Sauce $liquidPerGram,
        private float $liquidMillilitresPerGram,
        public float $waterMillilitresPerGram,
    ) {}

    public static function of(Question $question): self
    {
        $gram = Mass::ofGrams(1.0);
        $larder = $question->larder;
        $liquid = $larder->ingredient($question->liquid);
        $aromatics = Aromatics::for($question->base, $question->yield, $larder);
        $perGram = Sauce::nothing()->with($liquid, $gram);

        return new self(
            $question,
            $aromatics,
            $liquid,
            Sauce::nothing()->with($larder->ingredient('tomato-paste'), $aromatics->tomatoPaste),
            $perGram,
            $perGram->millilitres(),
            Sauce::nothing()->with($larder->ingredient('water'), $gram)->millilitres(),
        );
    }

    /** The pot when the liquid has met the roux, before the simmer. */
    public function start(float $flourGrams, float $liquidGrams, CookedRoux $cooked): Sauce
    {
        return $this->rouxPerGram($cooked)->times($flourGrams)->plus($this->paste)->plus($this->liquidPerGram->times($liquidGrams));
    }

    /** @return float g of cooked roux with so much flour, less the water it has lost */
    public function cookedRouxGrams(float $flourGrams, CookedRoux $cooked): float
    {
        return $flourGrams * $this->rouxPerGram($cooked)->grams();
    }

    /** Cooked roux with one gram of flour in it. */
    private function rouxPerGram(CookedRoux $cooked): Sauce
    {
        $roux = $this->roux(1.0);
        $water = $roux->flourWaterGrams() + $roux->fatWaterGrams();

        return Sauce::nothing()
            ->withThickener($roux->flourKind, $roux->flour, $cooked->shade->strength() * $this->question->kitchen->flourStrength->value, $cooked->rawTaste)
            ->withFat($roux->fatKind, $roux->fat)
            ->withoutWater(Mass::ofGrams(max(0.0, $water - $cooked->waterPerFlour)));
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
        $roux = $this->rouxPerGram($last->roux);
        $rest = $this->salted($this->paste, $last->saltGrams);
        [$rouxMillilitres, $wanted] = [$roux->millilitres(), $this->millilitresBeforeSimmer($last) - $rest->millilitres()];
        $cooked = $last->end->starch;
        $solvent = Flow::waterViscosity(EquivalentFlour::CELSIUS);
        $goal = EquivalentFlour::straightened($this->question->thickness->viscosity()->pascalSeconds);
        // At one volume a gram of flour more, with its fat, is so much liquid less: the pot is a straight line in flour.
        $perFlour = $roux->plus($this->liquidPerGram->times(-$rouxMillilitres / $this->liquidMillilitresPerGram));
        $withoutFlour = $rest->plus($this->liquidPerGram->times($wanted / $this->liquidMillilitresPerGram));
        $tooThick = static function (float $flour) use ($perFlour, $withoutFlour, $cooked, $last, $solvent, $goal): float {
            $sauce = $withoutFlour->plus($perFlour->times($flour));
            $starch = $sauce->starch->thickeningWhen($cooked->gelatinised, $cooked->acidLeft, $cooked->simmeredMinutes);

            return EquivalentFlour::straightened(Flow::apparent($sauce->suspensionWith(max(0.0, $sauce->waterGrams - $last->evaporatedGrams), $sauce->alcoholGrams, $starch, 0.0), 1.0, $solvent)) - $goal;
        };
        // Thicker than the largest share of flour there is no liquid left to call it a sauce.
        $most = min(self::MOST_FLOUR_PER_LITRE * $this->question->yield->inLitres(), self::MOST_ROUX * $wanted / $rouxMillilitres);

        return (new Root(self::FLOUR_WITHIN * $this->question->yield->inMillilitres()))->near($tooThick, $last->flourGrams, self::MOVES, 0.0, $most, 'this thickness with this roux');
    }

    /** @return float g of liquid that makes up the volume; below 0 when the roux alone is more */
    public function liquidFor(Draft $last, float $flourGrams): float
    {
        $dry = $this->rouxPerGram($last->roux)->millilitres() * $flourGrams + $this->salted($this->paste, $last->saltGrams)->millilitres();

        return ($this->millilitresBeforeSimmer($last) - $dry) / $this->liquidMillilitresPerGram;
    }

    /** @return float ml kept by the strainer with the vegetables */
    public function heldByStrainer(Draft $draft): float
    {
        return Straining::HELD_PER_VEGETABLE * $this->aromatics->vegetables->inGrams() / $draft->gramsPerMillilitre();
    }

    /** @return float ml that must go in, salt included, so that the yield leaves the strainer */
    private function millilitresBeforeSimmer(Draft $last): float
    {
        return ($this->question->yield->inMillilitres() + $this->heldByStrainer($last)) / (1.0 - Straining::CLING) + $last->evaporatedGrams * $this->waterMillilitresPerGram;
    }
}
