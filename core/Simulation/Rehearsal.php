<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Heat\HobHeat;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Larder\Thickener;
use Lento\Plan\Amount;
use Lento\Plan\Cooking;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\Lid;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\ActKind;
use Lento\Procedure\CookingTime;
use Lento\Procedure\Cut;
use Lento\Procedure\HandTime;
use Lento\Procedure\Vessel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Roux\HobRoux;
use Lento\Roux\OvenRoux;
use Lento\Thickness\Sauce;

/**
 * Any plan cooked by the simulated kitchen, second by second, from its first step or from a pot as it stands: the acts are done as they
 * are written, and what passes a limit is called.
 */
final readonly class Rehearsal
{
    /** °C of what goes in cold, and of a base when it is ladled. */
    private const COLD = 18.0;

    private const LADLED = 90.0;

    /** s: nobody waits longer for a pot to boil or to cool. */
    private const LONGEST = 12 * 3600;

    /** K inside a limit that a careful cook keeps to. */
    private const CAREFUL = 1.0;

    private const WARMED = 2.0;

    /** Of whole milk's solids, from which a sauce catches like milk. */
    private const MILKY = 0.5;

    /** K under the boil at which thick bubbles break. */
    private const NEARLY = 1.5;

    private const ROUX_STEPS = [
        StepKind::Melt,
        StepKind::BrownButter,
        StepKind::Flour,
        StepKind::Colour,
        StepKind::Bake,
        StepKind::Pour,
    ];

    private Hands $hands;

    private Watch $watch;

    private PasteInPan $paste;

    private SauceInPan $sauce;

    private function __construct(private Plan $plan, private Cooking $cooking, private Larder $larder, ?HeatedPan $vessel = null)
    {
        $place = $cooking->place;
        $vessel ??= HeatedPan::of($place->pan, boilsAt: $place->boilsAt, kitchen: $place->kitchen);
        $this->hands = new Hands($vessel);
        $this->watch = new Watch($vessel);
        $this->paste = new PasteInPan($vessel);
        $this->sauce = new SauceInPan($vessel);
    }

    /** @return Rehearsed|null null for a pot that nothing is foreseen of */
    public static function of(Plan $plan, Larder $larder): ?Rehearsed
    {
        return $plan->cooking === null ? null : (new self($plan, $plan->cooking, $larder))->cooked(0, Rehearsing::cold(self::COLD));
    }

    /** The hand itself, for who asks it for one step after another, in a pan of their own. */
    public static function hand(Plan $plan, Cooking $cooking, Larder $larder, HeatedPan $vessel): self
    {
        return new self($plan, $cooking, $larder, $vessel);
    }

    /** A step done as it is written. */
    public function does(Step $step, Rehearsing $pot): Rehearsing
    {
        return $this->waitsForBase($step, $pot) ? $pot : $this->done($step, $pot);
    }

    /**
     * From a step on, as the pot stands now.
     *
     * @param int<0, max> $step
     *
     * @return Rehearsed|null null for a pot that nothing is foreseen of
     */
    public static function from(Plan $plan, int $step, Sauce $sauce, Temperature $at, Larder $larder): ?Rehearsed
    {
        return $plan->cooking === null
            ? null
            : (new self($plan, $plan->cooking, $larder))->cooked(
                $step,
                Rehearsing::cold(self::COLD)->filled($sauce, $at->inCelsius())->limitedTo($plan->limitAt($step)->atMost),
            );
    }

    /** @param int<0, max> $from */
    private function cooked(int $from, Rehearsing $pot): Rehearsed
    {
        $times = [];
        foreach (array_slice($this->plan->steps, $from) as $step) {
            $begun = $pot->now;
            $pot = $this->does($step, $pot);
            $times[$step->id] = Duration::ofSeconds((float) ($pot->now - $begun));
        }

        return new Rehearsed($pot->state, array_values($pot->troubles), $times);
    }

    /** What is made of a base has nothing in its pan to speak of until it is ladled in. */
    private function waitsForBase(Step $step, Rehearsing $pot): bool
    {
        return !$pot->standing && $this->plan->making?->isDerived() === true && $step->kind !== StepKind::Ladle;
    }

    private function done(Step $step, Rehearsing $pot): Rehearsing
    {
        $seconds = (int) round($step->pace->time->seconds);
        if ($step->conditions->vessel !== Vessel::Pan && !in_array($step->kind, self::ROUX_STEPS, true)) {
            return $this->putApart($step, $pot);
        }
        $heat = $this->cooking->roux->heat ?? HobHeat::Medium;

        return match ($step->kind) {
            StepKind::Melt, StepKind::BrownButter, StepKind::Flour, StepKind::Colour => $this->at(
                Heating::hob($heat),
                $seconds,
                $step->kind === StepKind::Colour ? $pot : $this->weighed($step, $pot),
            ),
            // Mixed off the heat, it goes in warm.
            StepKind::Bake => $this->at(
                Heating::oven($step->conditions->at ?? Temperature::ofCelsius(175.0)),
                $seconds,
                $this->cooledTo(OvenRoux::MIXED, $pot),
            ),
            StepKind::LetDown => $this->cooledTo($step->ends->temperature?->inCelsius() ?? 120.0, $pot),
            StepKind::Pour => $this->poured($step, $pot),
            StepKind::Combine => $pot->filled($this->cooking->sauces->start, self::COLD),
            StepKind::Ladle => $this->ladled($step, $pot),
            StepKind::Boil => $this->boiled($pot),
            StepKind::Skim => $this->at(Heating::simmer(SimmerLevel::Bare), $seconds, $pot),
            StepKind::Simmer, StepKind::Reduce => $this->simmered($step, $seconds, $pot),
            StepKind::Strain, StepKind::Blend => $this->cleared($step, $pot),
            StepKind::Keep => $this->clung($step, $pot),
            StepKind::Finish, StepKind::SetOut => $pot,
            StepKind::Test => $this->at(Heating::off(), HandTime::STIRRED_SECONDS, $pot),
            StepKind::Sweat, StepKind::BrownVegetables, StepKind::ReduceApart => $this->fried($step, $pot),
            StepKind::Correct => $pot->joined($step->effect->joins ?? Sauce::nothing()),
            default => $this->stirredIn($step, $pot),
        };
    }

    /** A base that something in it keeps below the boil is ladled as hot as it may be. */
    private function ladled(Step $step, Rehearsing $pot): Rehearsing
    {
        $most = $step->conditions->bounds->atMost;
        $celsius = min(self::LADLED, ($most?->inCelsius() ?? INF) - self::CAREFUL);

        return $pot->filled($this->cooking->sauces->start, $celsius)->limitedTo($most);
    }

    private function putApart(Step $step, Rehearsing $pot): Rehearsing
    {
        $pot = $step->conditions->vessel === Vessel::SecondPan ? $pot->cutInto([...$pot->cut, ...$this->cutIn($step)]) : $pot;

        return $step->effect->joins === null ? $pot : $pot->setApart($pot->apart->plus($step->effect->joins));
    }

    /** What was cooked in the pan before there is a sauce joins it with the liquid; wet, it takes the heat out of the fat. */
    private function fried(Step $step, Rehearsing $pot): Rehearsing
    {
        $cut = $this->cutIn($step);
        $grams = array_sum(array_map(static fn(Cut $one): float => $one->asPieces()->grams(), $cut));
        $apart = $this->putApart($step, $pot);

        return $this->cooledTo(HobRoux::MOIST, $apart->in($apart->state->withVegetables($grams))->cutInto([...$pot->cut, ...$cut]));
    }

    /** @return list<Cut> vegetables that are fried in a step */
    private function cutIn(Step $step): array
    {
        $cut = [];
        foreach ($step->act?->fries() === true ? $step->amounts : [] as $amount) {
            $kind = $this->larder->has($amount->ingredient) ? $this->larder->any($amount->ingredient) : null;
            if ($kind instanceof Ingredient && $kind->role === Role::Vegetable && $step->act !== null) {
                $cut[] = Cut::of($kind, $amount->mass, CookingTime::drivenOff($step->act, $amount->ingredient), false);
            }
        }

        return $cut;
    }

    private function weighed(Step $step, Rehearsing $pot): Rehearsing
    {
        foreach ($step->amounts as $amount) {
            $pot = $this->put($amount, $pot);
        }

        return $pot;
    }

    private function poured(Step $step, Rehearsing $pot): Rehearsing
    {
        $celsius = $step->conditions->at?->inCelsius() ?? self::COLD;
        $inPieces = $step->additions !== [] && !$step->additions[0]->amount->byTheJug;
        $paste = $pot->state->paste?->hasFlour() === true ? $pot->state->paste : null;
        if ($paste === null) {
            return $pot->filled($this->cooking->sauces->start, $celsius);
        }
        if ($inPieces) {
            $liquid = Sauce::nothing();
            foreach ($step->amounts as $amount) {
                $liquid = $liquid->with($this->cooking->liquid, $amount->mass);
            }

            return $pot->filled($paste->asSauce()->plus($liquid)->plus($pot->apart), $celsius)->setApart(Sauce::nothing());
        }
        $whisked = (int) round($step->pace->time->seconds / max(1, count($step->additions)));
        foreach ($step->additions as $addition) {
            $pot = $this->added(
                $this->cooking->liquid,
                $addition->amount->mass,
                $celsius,
                $pot->set($pot->setting->heated(Heating::off())),
            );
            $pot = $this->at(Heating::off(), $whisked, $pot);
        }

        return $pot->joined($pot->apart)->setApart(Sauce::nothing());
    }

    private function boiled(Rehearsing $pot): Rehearsing
    {
        $boil = ($this->cooking->place->boilsAt?->inCelsius() ?? 100.0) - self::NEARLY;
        // Milk comes to the boil on a gentler flame, or it catches.
        $flame = $pot->state->sauce->dairy() > self::MILKY ? Heating::hob(HobHeat::Medium) : Heating::simmer(SimmerLevel::Brisk);
        for ($i = 0; $i < self::LONGEST && $pot->state->celsius < $boil; $i++) {
            $pot = $this->at($flame, 1, $pot);
        }

        return $pot;
    }

    private function simmered(Step $step, int $seconds, Rehearsing $pot): Rehearsing
    {
        $heating = Heating::simmer($step->conditions->simmers ?? SimmerLevel::Bare);
        $pot = $pot->set($pot->setting->lidded($this->cooking->place->lid));
        $goal = $step->kind === StepKind::Reduce ? $step->ends->volume?->inMillilitres() : null;
        if ($goal === null) {
            $pot = $this->at($heating, $seconds, $pot);
        }
        // A derivative's level is read with its pieces in; boiled down first, it has none yet.
        $inPieces = $step->variant === '' && $this->plan->making?->isDerived() === true;
        $goal = ($goal ?? INF) - ($inPieces ? $this->cooking->sauces->pieces->inMillilitres() : 0.0);
        for ($i = 0; $i < self::LONGEST && $pot->state->sauce->millilitres() > $goal; $i++) {
            $pot = $this->at($heating, 1, $pot);
        }

        return $pot->set($pot->setting->lidded(Lid::Open));
    }

    private function cleared(Step $step, Rehearsing $pot): Rehearsing
    {
        $pot = $pot->joined($step->effect->joins ?? Sauce::nothing());
        foreach ($step->kind === StepKind::Blend && $this->plan->making?->isDerived() === false ? $pot->cut : [] as $cut) {
            $pot = $pot->joined($cut->asPuree());
        }
        $pot = $this->clung($step, $pot);

        return $pot->in($pot->state->withoutVegetables());
    }

    /** What stays on pan and strainer where the sauce leaves them. */
    private function clung(Step $step, Rehearsing $pot): Rehearsing
    {
        if ($step->effect->keeps >= 1.0) {
            return $pot;
        }
        $left = $pot->state->sauce->times($step->effect->keeps);

        return $pot->in($pot->state->sauced(
            $left,
            $pot->state->celsius,
            $pot->state->ledger->plus(strained: $pot->state->sauce->grams() - $left->grams()),
        ));
    }

    private function stirredIn(Step $step, Rehearsing $pot): Rehearsing
    {
        $pot = $this->clung($step, $pot);
        $own = $step->conditions->bounds->atMost;
        foreach ($step->additions as $addition) {
            $one = $addition->bounds->atMost;
            $own = $one !== null && ($own === null || $one->kelvin < $own->kelvin) ? $one : $own;
        }
        $most = $pot->limitedTo($own)->limit;
        $pot = match (true) {
            $most !== null => $this->cooledTo($most->inCelsius() - self::CAREFUL, $pot),
            $step->act === ActKind::StirIn => $this->at(Heating::simmer(SimmerLevel::Bare), HandTime::STIRRED_SECONDS, $pot),
            default => $pot,
        };
        foreach ($step->amounts as $amount) {
            $pot = $this->at(Heating::off(), HandTime::STIRRED_SECONDS, $this->put($amount, $pot));
        }
        $pot = $pot->limitedTo($own);
        $least = ($step->conditions->bounds->atLeast?->inCelsius() ?? -self::LONGEST) + self::WARMED;
        // Yolk is warmed until it has thickened, as near to its limit as a careful cook goes.
        $least = $step->act === ActKind::Bind && $own !== null ? max($least, $own->inCelsius() - self::CAREFUL) : $least;
        for ($i = 0; $i < self::LONGEST && $pot->state->celsius < $least; $i++) {
            $pot = $this->at(Heating::hob(HobHeat::Low), 1, $pot);
        }

        return $pot->set($pot->setting->heated(Heating::off()));
    }

    private function cooledTo(float $celsius, Rehearsing $pot): Rehearsing
    {
        for ($i = 0; $i < self::LONGEST && $pot->state->celsius > $celsius; $i++) {
            $pot = $this->at(Heating::off(), 1, $pot);
        }

        return $pot;
    }

    /** Pieces have no weight here, and what only flavours none anywhere. */
    private function put(Amount $amount, Rehearsing $pot): Rehearsing
    {
        $what = $this->larder->has($amount->ingredient) ? $this->larder->any($amount->ingredient) : null;

        return $what === null || $what instanceof Ingredient && $what->role === Role::Vegetable
            ? $pot
            : $this->added($what, $amount->mass, self::COLD, $pot);
    }

    private function added(Thickener|Fat|Ingredient $what, Mass $mass, float $celsius, Rehearsing $pot): Rehearsing
    {
        $add = Action::add(Duration::ofSeconds((float) $pot->now), $what, $mass, Temperature::ofCelsius($celsius));
        [$state, $setting, $told] = $this->hands->do($add, $pot->state, $pot->setting);
        $pot = $pot->in($state, $setting);
        foreach ($told as [$trouble, $about]) {
            $pot = $pot->troubled($trouble, $about);
        }

        return $pot;
    }

    private function at(Heating $heating, int $seconds, Rehearsing $pot): Rehearsing
    {
        $pot = $pot->set($pot->setting->heated($heating));
        for ($i = 0; $i < $seconds; $i++) {
            $pot = $pot->aSecondOn(
                $pot->state->paste !== null
                    ? $this->paste->after($pot->state, $pot->state->paste, $pot->setting, 1)
                    : $this->sauce->after($pot->state, $pot->setting, 1),
            );
            foreach ($this->watch->troubles($pot->state, $pot->setting) as $trouble) {
                $pot = $pot->troubled($trouble, '');
            }
            if ($pot->limit !== null && $pot->state->celsius > $pot->limit->inCelsius() + 1e-6) {
                $pot = $pot->troubled(Mishap::TooHotFor, '');
            }
        }

        return $pot;
    }
}
