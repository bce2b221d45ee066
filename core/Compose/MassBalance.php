<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\NotReachable;
use Lento\Numerics\Root;
use Lento\Pot\ComingUp;
use Lento\Pot\CoolingOff;
use Lento\Pot\PouringIn;
use Lento\Pot\SimmerLevel;
use Lento\Pot\Straining;
use Lento\Pour\PouredLiquid;
use Lento\Pour\RouxInPan;
use Lento\Procedure\ActKind;
use Lento\Procedure\HandTime;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
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

    /** What is refused where the sauce is thicker than that without a gram of flour. */
    public const WITHOUT_FLOUR = 'thinness-without-flour';

    /** Share of the pot that can be roux. */
    private const MOST_ROUX = 0.95;

    /** g of flour per ml of yield to which flour is found; share by which it still moves from round to round. */
    private const FLOUR_WITHIN = 1e-10;

    private const MOVES = 0.005;

    /** K below a limit to which a careful cook lets it cool. */
    private const CAREFUL = 1.0;

    /** Share of its water that no pot loses while it cools. */
    private const MOST_COOLED_OFF = 0.5;

    private function __construct(
        public Question $question,
        public Additions $additions,
        public Liquid $liquid,
        private float $liquidMillilitresPerGram,
        public float $waterMillilitresPerGram,
        private ?Temperature $coolsTo = null,
    ) {}

    /** @throws NotReachable if what finishes the sauce, or is cut into it, is more than all of it */
    public static function of(Question $question): self
    {
        [$liquid, $additions] = [Liquid::of($question), Additions::for($question)];
        $hot = new self(
            $question,
            $additions,
            $liquid,
            $liquid->perGram->millilitres(),
            Sauce::nothing()->with($question->larder->ingredient('water'), Mass::ofGrams(1.0))->millilitres(),
        );

        return $additions->last === [] ? $hot : $hot->coolingTo($additions->mostFor(Draft::guess($hot)->end));
    }

    /** @param Temperature|null $most what finishes it curdles above this; null where all of it may boil */
    private function coolingTo(?Temperature $most): self
    {
        return new self(
            $this->question,
            $this->additions,
            $this->liquid,
            $this->liquidMillilitresPerGram,
            $this->waterMillilitresPerGram,
            $most === null ? null : Temperature::ofCelsius($most->inCelsius() - self::CAREFUL),
        );
    }

    /** The same pot for other litres. */
    public function for(Question $question): self
    {
        return new self(
            $question,
            Additions::for($question),
            $this->liquid,
            $this->liquidMillilitresPerGram,
            $this->waterMillilitresPerGram,
            $this->coolsTo,
        );
    }

    /** The same pot, when the minutes of its simmer are known, and how thick its own formula makes it. */
    public function settled(Duration $time, EquivalentFlour $thickness): self
    {
        $question = $this->question->simmering($time);

        return new self(
            $question->held === null ? $question : $question->comingTo($thickness),
            $this->additions,
            $this->liquid,
            $this->liquidMillilitresPerGram,
            $this->waterMillilitresPerGram,
            $this->coolsTo,
        );
    }

    /** The pot when the liquid has met the roux, before the simmer. */
    public function start(float $flourGrams, float $liquidGrams, Sauce $rouxPerGram): Sauce
    {
        return $rouxPerGram
            ->times($flourGrams)
            ->plus($this->additions->joining)
            ->plus($this->liquid->perGram->times($liquidGrams));
    }

    /**
     * How the liquid meets the roux; null where there is none.
     *
     * @param float $rouxGrams cooked
     * @param PouringIn|null $last that stands where both weigh the same within a share
     */
    public function poured(float $rouxGrams, float $liquidGrams, CookedRoux $cooked, ?PouringIn $last, float $within): ?PouringIn
    {
        $question = $this->question;
        if (!$question->base->hasRoux()) {
            return null;
        }
        $roux = Mass::ofGrams(max(0.0, $rouxGrams));
        $liquid = Mass::ofGrams(max(0.0, $liquidGrams));

        return $last !== null && $last->standsFor($roux, $liquid, $within)
            ? $last
            : PouringIn::of(
                $question->school,
                RouxInPan::of($roux, $cooked->meetsAt($question), $question->pan->mass()),
                PouredLiquid::of($question->school, $liquid, $this->liquid->kind),
                $question->pan,
            );
    }

    /** The pot when it begins to simmer: poured, brought to the boil, skimmed. */
    public function comeUp(Sauce $mixed, ?PouringIn $poured): Sauce
    {
        $question = $this->question;
        $boils = (new ComingUp($question->pan, $question->boilsAt, $question->kitchen->evaporation->value))->to(
            $poured === null ? $mixed : $mixed->withoutWater(Mass::ofGrams($poured->steamGrams)),
            $poured->mixed ?? Temperature::ofCelsius(Steps::COLD),
        );
        $skims = $question->procedure->has(ActKind::Skim) ? HandTime::skimming(Steps::SKIM, $mixed->volume())->seconds : 0.0;
        $before = $skims + HandTime::stirring($this->additions->stirredAfterBoil)->seconds;

        return $before > 0.0 ? ($question->place()->simmers)(SimmerLevel::Bare)->for($boils, Duration::ofSeconds($before)) : $boils;
    }

    /** What has simmered when it is seasoned, and as cool as what finishes it wants it. */
    public function cooledOff(Sauce $simmered): Sauce
    {
        $off = new CoolingOff($this->question->pan);
        $at = Temperature::ofCelsius($this->question->simmerLevel->celsius());
        $steam = $off->standing($this->coolsTo ?? $at, HandTime::stirring($this->additions->stirredAfterSimmer))
        + ($this->coolsTo === null ? 0.0 : $off->steam($simmered, $at, $this->coolsTo));

        return $simmered->withoutWater(Mass::ofGrams(min($steam, self::MOST_COOLED_OFF * $simmered->waterGrams)));
    }

    /** @return float g of cooked roux with so much flour, less the water it has lost */
    public function cookedRouxGrams(float $flourGrams, CookedRoux $cooked): float
    {
        return $flourGrams * $this->rouxPerGram($cooked)->grams();
    }

    /** Cooked roux with one gram of flour in it. */
    public function rouxPerGram(CookedRoux $cooked): Sauce
    {
        $roux = $this->roux(1.0);
        $water = $roux->flourWaterGrams() + $roux->fatWaterGrams();

        return Sauce::nothing()
            ->withThickener(
                $roux->flourKind,
                $roux->flour,
                $cooked->shade->strength() * $this->question->kitchen->flourStrength->value,
                $cooked->rawTaste,
            )
            ->withFat($roux->fatKind, $roux->fat)
            ->withoutWater(Mass::ofGrams(max(0.0, $water - $cooked->waterPerFlour)));
    }

    public function roux(float $flourGrams): Roux
    {
        return Roux::withRatio(
            $this->question->larder->thickener('plain-flour'),
            Mass::ofGrams($flourGrams),
            $this->question->larder->fat($this->question->fat),
            $this->question->fatToFlour,
        );
    }

    public function salted(Sauce $sauce, float $saltGrams): Sauce
    {
        return $sauce->with($this->question->larder->ingredient('salt'), Mass::ofGrams($saltGrams));
    }

    /** The pot's sauce with as much of the finishes as goes with all of it, the strainer's share as well. */
    public function withFinishes(Sauce $pot): Sauce
    {
        return $this->additions->last === [] ? $pot : $pot->plus($this->finishesFor($pot));
    }

    private function finishesFor(Sauce $pot): Sauce
    {
        return $this->additions->last === []
            ? Sauce::nothing()
            : $this->additions->finishing->times($pot->millilitres() / $this->strainedMillilitres());
    }

    /**
     * @param Sauce $roux of one gram of flour
     *
     * @return float g of flour that thickens enough if the simmer does again what it did last
     *
     * @throws NotReachable if the roux alone would be more than the yield, or it is too thick without any
     */
    public function flourFor(Draft $last, Sauce $roux): float
    {
        $rest = $this->salted($this->additions->joining, $last->saltGrams);
        [$rouxMillilitres, $wanted] = [$roux->millilitres(), $this->millilitresBeforeSimmer($last) - $rest->millilitres()];
        if ($this->question->held !== null) {
            // So much liquid, with its share of roux, makes up the volume.
            $perLiquid = $this->question->held->flourPerLitre / (1000.0 * $this->liquid->kind->density->inGramsPerMillilitre());

            return max(0.0, $perLiquid * $wanted / ($this->liquidMillilitresPerGram + $rouxMillilitres * $perLiquid));
        }
        $cooked = $last->end->starch;
        $solvent = Flow::waterViscosity(EquivalentFlour::CELSIUS);
        $goal = EquivalentFlour::straightened($this->question->thickness->viscosity()->pascalSeconds);
        // What finishes the sauce is thickened along with it, though it is never in the pot.
        $finishes = $this->finishesFor($last->end);
        // At one volume a gram of flour more, with its fat, is so much liquid less: the pot is a straight line in flour.
        $perFlour = $roux->plus($this->liquid->perGram->times(-$rouxMillilitres / $this->liquidMillilitresPerGram));
        $withoutFlour = $rest->plus($this->liquid->perGram->times($wanted / $this->liquidMillilitresPerGram))->plus($finishes);
        $alcohol = $last->end->alcoholGrams + $finishes->alcoholGrams;
        $steam = $this->evaporatesAfter($last);
        $tooThick = static function (float $flour) use (
            $perFlour,
            $withoutFlour,
            $cooked,
            $steam,
            $solvent,
            $goal,
            $alcohol,
            $finishes,
        ): float {
            $sauce = $withoutFlour->plus($perFlour->times($flour));
            $starch = $sauce->starch->thickeningWhen($cooked->gelatinised, $cooked->acidLeft, $cooked->simmeredMinutes);

            return EquivalentFlour::straightened(
                $sauce->apparentWith(max(0.0, $sauce->waterGrams - $steam), $alcohol, $starch, $finishes->yolkSet, 1.0, $solvent),
            ) - $goal;
        };
        // Thicker than the largest share of flour there is no liquid left to call it a sauce.
        $most = min(self::MOST_FLOUR_PER_LITRE * $this->question->yield->inLitres(), self::MOST_ROUX * $wanted / $rouxMillilitres);

        try {
            return (new Root(self::FLOUR_WITHIN * $this->question->yield->inMillilitres()))->near(
                $tooThick,
                $last->flourGrams,
                self::MOVES,
                0.0,
                $most,
                'thickness-with-this-roux',
            );
        } catch (NotReachable $refused) {
            // A purée that boils down may be thicker than asked for before any flour is in it.
            throw $tooThick(0.0) > 0.0 ? NotReachable::target(self::WITHOUT_FLOUR) : $refused;
        }
    }

    /** @return float g of liquid that makes up the volume; below 0 when the roux alone is more */
    public function liquidFor(Draft $last, float $flourGrams, Sauce $rouxPerGram): float
    {
        $dry = $rouxPerGram->millilitres() * $flourGrams
        + $this->salted($this->additions->joining, $last->saltGrams)->millilitres();

        return ($this->millilitresBeforeSimmer($last) - $dry) / $this->liquidMillilitresPerGram;
    }

    /** @return float ml kept by the strainer with the vegetables */
    public function heldByStrainer(Draft $draft): float
    {
        return Straining::HELD_PER_VEGETABLE * $this->additions->strained->inGrams() / $draft->gramsPerMillilitre();
    }

    /** @return float ml in the pot at the end of the simmer, so that the yield comes out */
    public function millilitresAfterSimmer(Draft $last): float
    {
        return ($this->strainedMillilitres() + $this->heldByStrainer($last)) / (1.0 - Straining::CLING);
    }

    /** @return float ml of sauce that leave the strainer: the yield without what finishes it and without what is cut into it */
    private function strainedMillilitres(): float
    {
        return $this->question->yield->inMillilitres()
            - $this->additions->finishing->millilitres()
            - $this->additions->pieces->inMillilitres();
    }

    /** @return float ml that must go in, salt included, so that the yield leaves the strainer */
    private function millilitresBeforeSimmer(Draft $last): float
    {
        if ($this->question->reduceBy === null) {
            return $this->millilitresAfterSimmer($last) + $last->steamedOff() * $this->waterMillilitresPerGram;
        }
        // The share is of the pot as it begins to simmer; it is salted when it is down.
        $salt = $this->salted(Sauce::nothing(), $last->saltGrams)->millilitres();
        $comingUp = $last->steamedComingUp() * $this->waterMillilitresPerGram;
        $coolingOff = $last->steamedCoolingOff() * $this->waterMillilitresPerGram;

        return ($this->millilitresAfterSimmer($last) - $salt + $coolingOff) / (1.0 - $this->question->reduceBy) + $comingUp + $salt;
    }

    /** @return float g of water that the next simmer takes: what the last one took, or the share that is to boil off */
    private function evaporatesAfter(Draft $last): float
    {
        if ($this->question->reduceBy === null) {
            return $last->evaporatedGrams;
        }
        $gone = $this->millilitresBeforeSimmer($last) - $this->millilitresAfterSimmer($last);

        return $gone / $this->waterMillilitresPerGram - $last->spiritGrams;
    }
}
