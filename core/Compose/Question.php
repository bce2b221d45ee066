<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Compose\Choice\ButterWay;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\RouxPlace;
use Lento\Exception\Missing;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Numerics\Curve;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Procedure\ActKind;
use Lento\Procedure\Place;
use Lento\Procedure\Procedure;
use Lento\Procedure\Tools;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;

/** What a cook wants: how much of which sauce, how thick, from what, in which pan. What is left out is the base's usual. */
final readonly class Question
{
    /** Shade at which whole butter is as brown as it gets without burning. Source: trade custom, procedures. */
    private const BROWN_IN_BUTTER = 1.5;

    private const WHOLE_BUTTERS = ['butter', 'rich-butter'];

    public const LEAST_LITRES = 0.1;

    public const MOST_LITRES = 200.0;

    public const LEAST_RATIO = 0.5;

    public const MOST_RATIO = 3.0;

    public const LEAST_MINUTES = 1.0;

    public const MOST_MINUTES = 480.0;

    /** Limits of what a roux sauce can be asked for, g of flour per litre: from thin soup to a paste. */
    public const LEAST_THICKNESS = 15.0;

    public const MOST_THICKNESS = 160.0;

    /** % of the pot that can be asked to boil off. */
    public const LEAST_REDUCTION = 5.0;

    public const MOST_REDUCTION = 90.0;

    /** °C of the air that a roux is usually baked in. Source: docs/model.md, T1c. */
    public const OVEN_CELSIUS = 175.0;

    /** Share that a demi-glace boils off by the house formula. */
    private const DEMI = 0.5;

    /** What stands in the pot before the simmer over what comes out, to pick a pan that suits. */
    private const POT_OVER_YIELD = 1.15;

    /** A pot at the end of its simmer against its yield: pan and strainer keep some of a sauce with mirepoix. */
    private const KEPT_BACK = 1.09;

    private function __construct(
        public Base $base,
        public Given $given,
        /** the litres wanted, or a first guess of them until the Composer has worked them out */
        public Volume $yield,
        public string $liquid,
        public EquivalentFlour $thickness,
        public Colour $colour,
        public string $fat,
        public float $fatToFlour,
        public Duration $simmerTime,
        public SimmerLevel $simmerLevel,
        public School $school,
        public Pan $pan,
        public HobHeat $heat,
        public Larder $larder,
        public KitchenFactors $kitchen,
        public Formula $formula,
        public Method $method,
        /** share of the pot's volume to boil off, the finishes aside; null where the simmer goes by the clock */
        public ?float $reduceBy,
        /** of the oven's air, where the roux is cooked there */
        public Temperature $oven,
        /** of water, where the kitchen lies high; null at the sea */
        public ?Temperature $boilsAt,
        /** whether the minutes were asked for, and are not the base's usual */
        public bool $byTheClock,
        /** its acts, as its choices have them */
        public Procedure $procedure,
        public Tools $tools,
        /** on the pot while it simmers, so that a reduction does not outrun its cooking */
        public Lid $lid,
        /** the espagnole that a demi-glace is made from; null for one of usual size */
        public ?Sheet $espagnole = null,
        /** a cook's own formula, from which the thickness follows; null where that is asked for */
        public ?HeldFormula $held = null,
    ) {}

    /**
     * @param Given|Volume $given the litres wanted, or whatever else the cook starts from
     * @param string|null $liquid larder id
     *
     * @throws OutOfRange if a number lies outside what the model is valid for
     * @throws Missing if a pan is to be filled and none is named
     * @throws NotReachable if a base without a roux of its own is to hold its flour
     */
    public static function of(
        Base $base,
        Given|Volume $given,
        ?string $liquid = null,
        ?EquivalentFlour $thickness = null,
        How $how = new How(),
        InKitchen $in = new InKitchen(),
    ): self {
        $given = $given instanceof Volume ? Given::yield($given) : $given;
        $formula = $in->formula ?? Formula::house($base);
        $method = ($how->method ?? $formula->method)->over($formula->method);
        $liquid ??= $formula->liquids[0];
        $held = $how->roux->held;
        if ($held !== null && !$base->hasRoux()) {
            throw NotReachable::target('sauce-without-a-roux-of-its-own-worked-out-from-fat-or-roux');
        }
        $thickness = $held === null ? $thickness ?? $formula->thickness : self::about($held->flourPerLitre);
        OutOfRange::refuse(
            'thickness',
            $thickness->gramsPerLitre,
            self::LEAST_THICKNESS,
            self::MOST_THICKNESS,
            'g flour per litre',
        );
        // Asked for minutes, it goes by the clock; asked for neither, as the formula has it. A reduction that is asked to be thicker or
        // thinner than the formula's, or is finished with what makes it so, goes until it is.
        $asHouse = abs($thickness->gramsPerLitre - $formula->thickness->gramsPerLitre) < 1e-6 && $method->finish === FinishWay::BySauce;
        $byShare = $how->simmer->time === null && ($base->hasRoux() || $asHouse);
        $reduceBy = $how->simmer->reduceBy ?? ($byShare ? $formula->reduceBy : null);
        $left = 1.0 - ($reduceBy ?? ($base->hasRoux() ? 0.0 : self::DEMI));
        $colour = $how->roux->colour ?? $formula->colour;
        $yield = FirstGuess::of($thickness->gramsPerLitre / $colour->shade()->strength(), $held->fatToFlour ?? $how->roux->fatToFlour)
            ->yield($given, $in->pan, Warnings::fullAt($how->school), $left / $formula->share());
        if (in_array($given->kind, [GivenKind::Yield, GivenKind::Portions], true)) {
            self::refuseYield($yield);
        }

        $fat = $how->roux->fat ?? $formula->fat;
        $procedure = Chosen::procedure($formula, $method, $colour, $fat, $how->school);
        $pan = $in->pan ?? Pan::suitingOrWidest(Volume::ofLitres($yield->inLitres() * self::POT_OVER_YIELD / $left), $left);
        $kitchen = $in->kitchen ?? KitchenFactors::house();
        $level = $how->simmer->level
            ?? ($reduceBy !== null && $formula->level === SimmerLevel::Bare ? SimmerLevel::Brisk : $formula->level);
        $warmed = $how->school === School::ColdOnHot && $procedure->has(ActKind::Infuse, ActKind::Warm);

        return new self(
            $base,
            $given,
            $yield,
            $liquid,
            $thickness,
            $colour,
            $fat,
            $held->fatToFlour ?? $how->roux->fatToFlour,
            $how->simmer->time ?? $formula->simmerTime($liquid),
            $level,
            $warmed ? School::WarmPours : $how->school,
            $pan,
            $how->roux->heat,
            $in->larder ?? Larder::house(),
            $kitchen,
            $formula,
            $method,
            $reduceBy,
            $how->roux->oven ?? Temperature::ofCelsius(self::OVEN_CELSIUS),
            $in->boilsAt,
            $how->simmer->time !== null,
            $procedure,
            $in->tools ?? new Tools(),
            self::lid(
                self::isOfFormula($how->simmer->reduceBy, $formula) ? $reduceBy : null,
                $yield,
                $level->flux() * $pan->areaSquareCentimetres() * $kitchen->evaporation->value,
                $formula->simmerTime($liquid),
            ),
            null,
            $held,
        );
    }

    /** A first guess of how thick a formula will be that holds its flour; what it comes to is worked out. */
    private static function about(float $flourPerLitre): EquivalentFlour
    {
        return EquivalentFlour::ofGramsPerLitre(
            Curve::clamp($flourPerLitre, self::LEAST_THICKNESS, self::MOST_THICKNESS),
        );
    }

    /** Whether it is reduced as the formula has it, said or unsaid: then it may not outrun its cooking. */
    private static function isOfFormula(?float $said, Formula $formula): bool
    {
        return $said === null || $formula->reduceBy !== null && abs($said - $formula->reduceBy) < 0.005;
    }

    /**
     * The lid that keeps a reduction from being done before its sauce is cooked; none where it is asked for by itself.
     *
     * @param float $steam g/min off the open pot
     */
    private static function lid(?float $reduceBy, Volume $yield, float $steam, Duration $least): Lid
    {
        if ($reduceBy === null) {
            return Lid::Open;
        }
        $goes = self::KEPT_BACK * $yield->inMillilitres() * $reduceBy / (1.0 - $reduceBy);
        foreach ([Lid::Open, Lid::Partial] as $lid) {
            if ($goes / ($steam * $lid->share()) >= $least->inMinutes()) {
                return $lid;
            }
        }

        return Lid::Covered;
    }

    /**
     * The same with the litres worked out.
     *
     * @throws OutOfRange outside 0.1 to 200 l
     */
    public function yielding(Volume $yield): self
    {
        self::refuseYield($yield);

        return $this->but($yield, $this->simmerTime, $this->kitchen);
    }

    /** The same with the minutes worked out that the reduction takes. */
    public function simmering(Duration $time): self
    {
        return $this->but($this->yield, $time, $this->kitchen);
    }

    /** The same in a kitchen that is known better. */
    public function inKitchen(KitchenFactors $kitchen): self
    {
        return $this->but($this->yield, $this->simmerTime, $kitchen);
    }

    /**
     * The same way of making it, for another amount of it, of another liquid, as thick as this, in another pan.
     *
     * @throws OutOfRange if a number lies outside what the model is valid for
     */
    public function askedFor(Volume $yield, string $liquid, EquivalentFlour $thickness, Pan $pan, HobHeat $heat): self
    {
        return self::of(
            $this->base,
            $yield,
            $liquid,
            $thickness,
            new How(
                new RouxWish($this->colour, $this->fat, $this->fatToFlour, $heat, $this->oven, $this->held),
                new SimmerWish($this->byTheClock ? $this->simmerTime : null, $this->simmerLevel, $this->reduceBy),
                $this->school,
                $this->method,
            ),
            new InKitchen($pan, $this->larder, $this->kitchen, $this->formula, $this->boilsAt, $this->tools),
        );
    }

    /**
     * The same pot, asked for a thickness with something else given, and so much fat to its flour.
     *
     * @throws OutOfRange if a number lies outside what the model is valid for
     */
    public function wanting(Given $given, EquivalentFlour $thickness, float $fatToFlour): self
    {
        return self::of(
            $this->base,
            $given,
            $this->liquid,
            $thickness,
            new How(
                new RouxWish($this->colour, $this->fat, $fatToFlour, $this->heat, $this->oven),
                new SimmerWish($this->byTheClock ? $this->simmerTime : null, $this->simmerLevel, $this->reduceBy),
                $this->school,
                $this->method,
            ),
            new InKitchen($this->pan, $this->larder, $this->kitchen, $this->formula, $this->boilsAt, $this->tools),
        );
    }

    /** The same from this espagnole. */
    public function madeFrom(Sheet $espagnole): self
    {
        return $this->but($this->yield, $this->simmerTime, $this->kitchen, $espagnole);
    }

    /** As it goes in this pan, in this kitchen, at its height above the sea. */
    public function simmer(): Simmer
    {
        return new Simmer($this->pan, $this->simmerLevel, $this->lid, $this->kitchen->evaporation->value, $this->boilsAt);
    }

    /** Where the acts around that simmer are done. */
    public function place(): Place
    {
        return new Place(
            $this->pan,
            $this->larder,
            fn(SimmerLevel $level): Simmer => new Simmer(
                $this->pan,
                $level,
                evaporation: $this->kitchen->evaporation->value,
                boilsAt: $this->boilsAt,
            ),
            $this->tools->secondPan(...),
            $this->tools->ring,
        );
    }

    public function inOven(): bool
    {
        return $this->method->place === RouxPlace::Oven;
    }

    /** Whether the fat is browned before the flour: only one with milk solids can be. */
    public function brownsButter(): bool
    {
        return $this->method->butter === ButterWay::Browned && $this->larder->fat($this->fat)->solids > 0.0;
    }

    /** Of its colour; brown in whole butter stops half way there, for its solids burn before it is browner. */
    public function shade(): Shade
    {
        return $this->brownsInButter() ? Shade::of(self::BROWN_IN_BUTTER) : $this->colour->shade();
    }

    public function brownsInButter(): bool
    {
        return $this->colour === Colour::Brown && $this->base->hasRoux() && in_array($this->fat, self::WHOLE_BUTTERS, true);
    }

    /** How long a white roux is cooked by the clock; null where its colour decides. */
    public function cookOut(): ?Duration
    {
        return $this->colour === Colour::White ? $this->method->cookOut->time() : null;
    }

    /** Whether the roux rests off the heat before the liquid: a white one is mild enough for cold liquid as it is. */
    public function letsDown(): bool
    {
        return !($this->colour === Colour::White && $this->school === School::ColdOnHot);
    }

    /** The same as thick as its own formula has made it. */
    public function comingTo(EquivalentFlour $thickness): self
    {
        return $this->but($this->yield, $this->simmerTime, $this->kitchen, thickness: $thickness);
    }

    private function but(
        Volume $yield,
        Duration $simmerTime,
        KitchenFactors $kitchen,
        ?Sheet $espagnole = null,
        ?EquivalentFlour $thickness = null,
    ): self {
        return new self(
            $this->base,
            $this->given,
            $yield,
            $this->liquid,
            $thickness ?? $this->thickness,
            $this->colour,
            $this->fat,
            $this->fatToFlour,
            $simmerTime,
            $this->simmerLevel,
            $this->school,
            $this->pan,
            $this->heat,
            $this->larder,
            $kitchen,
            $this->formula,
            $this->method,
            $this->reduceBy,
            $this->oven,
            $this->boilsAt,
            $this->byTheClock,
            $this->procedure,
            $this->tools,
            $this->lid,
            $espagnole ?? $this->espagnole,
            $this->held,
        );
    }

    private static function refuseYield(Volume $yield): void
    {
        OutOfRange::refuse('yield', $yield->inLitres(), self::LEAST_LITRES, self::MOST_LITRES, 'l');
    }
}
