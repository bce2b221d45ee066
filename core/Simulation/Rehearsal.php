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
use Lento\Procedure\Vessel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/**
 * Any plan cooked by the simulated kitchen, second by second, from its first step or from a pot as it stands: the acts are done as they are
 * written, and what passes a limit is called.
 */
final class Rehearsal
{
    /** °C of what goes in cold, and of a base when it is ladled. */
    private const COLD = 18.0;

    private const LADLED = 90.0;

    /** °C of fat that vegetables soften in. */
    private const MOIST = 100.0;

    /** s between two pours, and between two things that are stirred in. */
    private const WHISKED = 20;

    private const STIRRED = 10;

    /** s: nobody waits longer for a pot to boil or to cool. */
    private const LONGEST = 12 * 3600;

    /** K inside a limit that a careful cook keeps to. */
    private const CAREFUL = 1.0;

    private const WARMED = 2.0;

    /** Of whole milk's solids, from which a sauce catches like milk. */
    private const MILKY = 0.5;

    /** K under the boil at which thick bubbles break. */
    private const NEARLY = 1.5;

    private PotState $state;

    private Setting $setting;

    private Hands $hands;

    private Watch $watch;

    private PasteInPan $paste;

    private SauceInPan $sauce;

    private Sauce $apart;

    /** @var list<Cut> vegetables in the pot, for the sieve that rubs them through */
    private array $cut = [];

    /** Whether there is a sauce yet. */
    private bool $standing = false;

    private int $now = 0;

    private ?Temperature $limit = null;

    /** @var array<string, Happening> */
    private array $troubles = [];

    /** @var array<string, Duration> */
    private array $times = [];

    private function __construct(private readonly Plan $plan, private readonly Cooking $cooking, private readonly Larder $larder)
    {
        $place = $cooking->place;
        $vessel = HeatedPan::of($place->pan, boilsAt: $place->boilsAt, kitchen: $place->kitchen);
        $this->hands = new Hands($vessel);
        $this->watch = new Watch($vessel);
        $this->paste = new PasteInPan($vessel);
        $this->sauce = new SauceInPan($vessel);
        $this->setting = Setting::cold()->stirred(1.0);
        $this->apart = Sauce::nothing();
        $this->state = PotState::emptyPan(self::COLD);
    }

    /** @return Rehearsed|null null for a pot that nothing is foreseen of */
    public static function of(Plan $plan, Larder $larder): ?Rehearsed
    {
        return $plan->cooking === null ? null : (new self($plan, $plan->cooking, $larder))->cooked(0);
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
        if ($plan->cooking === null) {
            return null;
        }
        $rehearsal = new self($plan, $plan->cooking, $larder);
        $rehearsal->limit = $plan->limitAt($step)->atMost;
        $rehearsal->state = $rehearsal->filled($sauce, $at->inCelsius());

        return $rehearsal->cooked($step);
    }

    /** @param int<0, max> $from */
    private function cooked(int $from): Rehearsed
    {
        foreach (array_slice($this->plan->steps, $from) as $step) {
            $begun = $this->now;
            $this->do($step);
            $this->times[$step->id] = Duration::ofSeconds((float) ($this->now - $begun));
        }

        return new Rehearsed($this->state, array_values($this->troubles), $this->times);
    }

    private function do(Step $step): void
    {
        $seconds = (int) round($step->pace->time->seconds);
        if ($this->waitsForBase($step)) {
            return;
        }
        if ($step->conditions->vessel !== Vessel::Pan && !$this->isRoux($step)) {
            $this->apart = $step->effect->joins === null ? $this->apart : $this->apart->plus($step->effect->joins);

            return;
        }
        $roux = $this->cooking->roux;
        match ($step->kind) {
            StepKind::Melt, StepKind::BrownButter => $this->weighed($step)->at(Heating::hob($roux->heat ?? HobHeat::Medium), $seconds),
            StepKind::Flour => $this->weighed($step)->at(Heating::hob($roux->heat ?? HobHeat::Medium), $seconds),
            // What is under the flour keeps it moist, and the cook the flame low.
            StepKind::Colour => $this->at(Heating::hob($this->cut === [] ? $roux->heat ?? HobHeat::Medium : HobHeat::Low), $seconds),
            StepKind::Bake => $this->at(Heating::oven($step->conditions->at ?? Temperature::ofCelsius(175.0)), $seconds),
            StepKind::LetDown => $this->cooledTo($step->ends->temperature?->inCelsius() ?? 120.0),
            StepKind::Pour => $this->poured($step),
            StepKind::Combine, StepKind::Ladle => $this->ladled($step),
            StepKind::Boil => $this->boiled(),
            StepKind::Skim => $this->at(Heating::simmer(SimmerLevel::Bare), $seconds),
            StepKind::Simmer, StepKind::Reduce => $this->simmered($step, $seconds),
            StepKind::Strain, StepKind::Blend => $this->cleared($step),
            StepKind::Keep, StepKind::Finish, StepKind::Test, StepKind::SetOut => null,
            StepKind::Sweat, StepKind::BrownVegetables, StepKind::ReduceApart => $this->fried($step),
            StepKind::Correct => $this->join($step->effect->joins ?? Sauce::nothing()),
            default => $this->stirredIn($step),
        };
    }

    /** What is made of a base has nothing in its pan to speak of until it is ladled in. */
    private function waitsForBase(Step $step): bool
    {
        return !$this->standing
            && $this->plan->making?->isDerived() === true
            && $step->kind !== StepKind::Ladle;
    }

    private function isRoux(Step $step): bool
    {
        return in_array($step->kind, [StepKind::Melt, StepKind::BrownButter, StepKind::Flour, StepKind::Colour, StepKind::Bake, StepKind::Pour], true);
    }

    /** What was cooked in the pan before there is a sauce joins it with the liquid. */
    private function fried(Step $step): void
    {
        $this->apart = $step->effect->joins === null ? $this->apart : $this->apart->plus($step->effect->joins);
        // Wet vegetables take the heat out of the fat.
        $this->cooledTo(self::MOIST);
        foreach ($step->amounts as $amount) {
            $kind = $this->larder->has($amount->ingredient) ? $this->larder->any($amount->ingredient) : null;
            if ($kind instanceof Ingredient && $kind->role === Role::Vegetable && $step->act !== null) {
                $this->cut[] = Cut::of($kind, $amount->mass, CookingTime::drivenOff($step->act, $amount->ingredient), false);
            }
        }
    }

    private function weighed(Step $step): self
    {
        foreach ($step->amounts as $amount) {
            $this->put($amount, self::COLD);
        }

        return $this;
    }

    private function poured(Step $step): void
    {
        if ($this->state->paste === null || !$this->state->paste->hasFlour() || $this->inPieces($step)) {
            $this->state = $this->filled($this->cooking->sauces->start, $step->conditions->at?->inCelsius() ?? self::COLD);

            return;
        }
        $this->setting = $this->setting->heated(Heating::off());
        foreach ($step->additions as $addition) {
            $this->added($this->cooking->liquid, $addition->amount->mass, $step->conditions->at?->inCelsius() ?? self::COLD);
            $this->at(Heating::off(), self::WHISKED);
        }
        $this->join($this->apart);
        $this->apart = Sauce::nothing();
    }

    private function inPieces(Step $step): bool
    {
        return $step->additions !== [] && !$step->additions[0]->amount->byTheJug;
    }

    private function ladled(Step $step): void
    {
        $at = $step->kind === StepKind::Ladle ? self::LADLED : self::COLD;
        $this->state = $this->filled($this->cooking->sauces->start, $at);
    }

    private function boiled(): void
    {
        for ($i = 0; $i < self::LONGEST && $this->state->celsius < $this->boil() - self::NEARLY; $i++) {
            // Milk comes to the boil on a gentler flame, or it catches.
            $this->at($this->state->sauce->dairy() > self::MILKY ? Heating::hob(HobHeat::Medium) : Heating::simmer(SimmerLevel::Brisk), 1);
        }
    }

    private function boil(): float
    {
        return $this->cooking->place->boilsAt?->inCelsius() ?? 100.0;
    }

    private function simmered(Step $step, int $seconds): void
    {
        $level = $step->conditions->simmers ?? SimmerLevel::Bare;
        $this->setting = $this->setting->lidded($this->cooking->ways->lid);
        $goal = $step->kind === StepKind::Reduce ? $step->ends->volume?->inMillilitres() : null;
        $pieces = $this->cooking->sauces->pieces->inMillilitres();
        if ($goal === null) {
            $this->at(Heating::simmer($level), $seconds);
        }
        $goal = $goal === null ? INF : ($step->variant === '' && $this->plan->making?->isDerived() === true ? $goal - $pieces : $goal);
        for ($i = 0; $i < self::LONGEST && $this->state->sauce->millilitres() > $goal; $i++) {
            $this->at(Heating::simmer($level), 1);
        }
        $this->setting = $this->setting->lidded(Lid::Open);
    }

    private function cleared(Step $step): void
    {
        $this->join($step->effect->joins ?? Sauce::nothing());
        foreach ($step->kind === StepKind::Blend && $this->plan->making?->isDerived() === false ? $this->cut : [] as $cut) {
            $this->join($cut->asPuree());
        }
        $left = $this->state->sauce->times($step->effect->keeps);
        $this->state = $this->state->sauced(
            $left,
            $this->state->celsius,
            $this->state->ledger->plus(strained: $this->state->sauce->grams() - $left->grams()),
        )->withoutVegetables();
    }

    private function stirredIn(Step $step): void
    {
        $bounds = $step->conditions->bounds;
        $most = $bounds->atMost;
        foreach ($step->additions as $addition) {
            $own = $addition->bounds->atMost;
            $most = $own !== null && ($most === null || $own->kelvin < $most->kelvin) ? $own : $most;
        }
        if ($most !== null) {
            $this->cooledTo($most->inCelsius() - self::CAREFUL);
        } elseif ($this->limit === null && $step->act === ActKind::StirIn) {
            $this->at(Heating::simmer(SimmerLevel::Bare), self::STIRRED);
        } elseif ($this->limit !== null) {
            $this->cooledTo($this->limit->inCelsius() - self::CAREFUL);
        }
        foreach ($step->amounts as $amount) {
            $this->put($amount, self::COLD);
            $this->at(Heating::off(), self::STIRRED);
        }
        $this->limit = $most !== null && ($this->limit === null || $most->kelvin < $this->limit->kelvin) ? $most : $this->limit;
        $least = $bounds->atLeast?->inCelsius() ?? 0.0;
        for ($i = 0; $i < self::LONGEST && $this->state->celsius < $least + self::WARMED; $i++) {
            $this->at(Heating::hob(HobHeat::Low), 1);
        }
        $this->setting = $this->setting->heated(Heating::off());
    }

    private function cooledTo(float $celsius): void
    {
        for ($i = 0; $i < self::LONGEST && $this->state->celsius > $celsius; $i++) {
            $this->at(Heating::off(), 1);
        }
    }

    private function put(Amount $amount, float $celsius): void
    {
        if (!$this->larder->has($amount->ingredient)) {
            return;
        }
        $what = $this->larder->any($amount->ingredient);
        if ($what instanceof Ingredient && $what->role === Role::Vegetable) {
            return;
        }
        $this->added($what, $amount->mass, $celsius);
    }

    private function added(Thickener|Fat|Ingredient $what, Mass $mass, float $celsius): void
    {
        $add = Action::add(Duration::ofSeconds((float) $this->now), $what, $mass, Temperature::ofCelsius($celsius));
        [$this->state, $this->setting, $told] = $this->hands->do($add, $this->state, $this->setting);
        foreach ($told as [$trouble, $about]) {
            $this->note($trouble, $about);
        }
    }

    private function join(Sauce $more): void
    {
        if (abs($more->grams()) <= 0.0) {
            return;
        }
        $this->state = $this->state->sauced(
            $this->state->sauce->plus($more),
            $this->state->celsius,
            $this->state->ledger->plus(in: $more->grams()),
        );
    }

    private function filled(Sauce $sauce, float $celsius): PotState
    {
        $this->standing = true;

        return PotState::emptyPan($celsius)->sauced($sauce, $celsius, Ledger::opened()->plus(in: $sauce->grams()));
    }

    private function at(Heating $heating, int $seconds): self
    {
        $this->setting = $this->setting->heated($heating);
        for ($i = 0; $i < $seconds; $i++) {
            $this->state = $this->state->paste !== null
                ? $this->paste->after($this->state, $this->state->paste, $this->setting, 1)
                : $this->sauce->after($this->state, $this->setting, 1);
            $this->now++;
            foreach ($this->watch->troubles($this->state, $this->setting) as $trouble) {
                $this->note($trouble, '');
            }
            if ($this->limit !== null && $this->state->celsius > $this->limit->inCelsius() + 1e-6) {
                $this->note(Mishap::TooHotFor, '');
            }
        }

        return $this;
    }

    private function note(Mishap $trouble, string $about): void
    {
        $this->troubles[$trouble->value . $about] ??= new Happening(Duration::ofSeconds((float) $this->now), $trouble, $about);
    }
}
