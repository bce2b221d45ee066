<?php

declare(strict_types=1);

namespace Lento\Practice;

use Closure;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\Lid;
use Lento\Procedure\ActKind;
use Lento\Quantity\Mass;
use Lento\Simulation\Heating;
use Lento\Thickness\EquivalentFlour;

/**
 * A cook who goes by the eye and the sheet, and knows neither the ring nor the flour: lifts at the colour, boils until it boils, reduces to
 * the notch, mends before seasoning, salts to taste. What can still be made of a pot is what comes of it in these hands.
 */
final readonly class CarefulCook
{
    /** s: nobody waits longer for anything at one step. */
    private const PATIENCE = 4 * 3600;

    private const FOAM_FALLEN = 0.2;

    private const MELTS_WITHIN = 480;

    private const HOT_ENOUGH = 8.0;

    /** K inside a limit, and over the least. */
    private const CAREFUL = 1.5;

    private const WARMED = 2.0;

    private const NEARLY = 1.5;

    private const MILKY = 0.5;

    /** s that each thing is stirred in. */
    private const STIRRED_IN = 15;

    /** Of the thickness that was promised, which nobody mends. */
    private const NEAR = 0.05;

    private const MENDS_WITHIN = 2400;

    private const MOST_MENDS = 12;

    /** g flour per litre from which what boils down wants the spoon all the time. */
    private const THICK = 40.0;

    /** Of the sheet's salt that the tongue does not tell from it. */
    private const SALTED = 0.85;

    private const LEAST_GRAMS = 0.5;

    /**
     * @param int $patience s that these hands look ahead: what is further off is waited for, and looked at again
     *
     * @throws OutOfRange
     */
    public function __construct(private PracticePot $pot, private int $patience = self::PATIENCE)
    {
        OutOfRange::refuse('second-of-practice', (float) $patience, 1.0, (float) self::PATIENCE, 's');
    }

    /** @return Played|null the pot finished by these hands; null where it went on for longer than anybody stands there */
    public function finishes(Played $played): ?Played
    {
        for ($i = 0; $i < PracticePot::MOST_DEEDS; $i++) {
            $deed = $this->next($played);
            if ($deed === null) {
                return $played;
            }
            if ($deed->at >= PracticePot::LONGEST) {
                return null;
            }
            $played = $this->pot->with($deed, $played);
        }

        return null;
    }

    /** What these hands would do next, and when; null where all is done. */
    public function next(Played $played): ?Deed
    {
        $deed = $this->thinks($played);
        $until = $played->standing->second() + $this->patience;

        return $deed === null || $deed->at <= $until ? $deed : Deed::of($until, DeedKind::Look);
    }

    /** @param Closure(Standing): bool $so */
    private function when(Closure $so, Played $played, int $longest): int
    {
        return $this->pot->when($so, $played, min($longest, $this->patience + 1));
    }

    private function thinks(Played $played): ?Deed
    {
        $standing = $played->standing;
        $step = $this->pot->exercise->step($standing->step);
        $now = $standing->second();

        return match (true) {
            $step === null => null,
            !$this->pot->exercise->isStood($step) => Deed::of($now, DeedKind::Done),
            default => match ($step->kind) {
                StepKind::Melt => $this->melts($step, $played),
                StepKind::Flour => $this->flours($step, $played),
                StepKind::Colour => $this->colours($played),
                StepKind::LetDown => $this->letsDown($step, $played),
                StepKind::Pour => $this->pours($step, $played),
                StepKind::Boil => $this->boils($played),
                StepKind::Skim, StepKind::Simmer, StepKind::Reduce => $this->simmers($step, $played),
                StepKind::Test => $this->mends($played),
                default => $this->stirsIn($step, $played),
            },
        };
    }

    private function heat(): HobHeat
    {
        return $this->pot->exercise->cooking->roux->heat ?? HobHeat::Medium;
    }

    private function melts(Step $step, Played $played): Deed
    {
        $standing = $played->standing;
        $held = $this->pot->exercise->vessel()->held(Heating::hob($this->heat()));
        $hot = static function (Standing $then) use ($held): bool {
            $paste = $then->pot->state->paste;
            $fallen = $paste !== null && $then->pot->state->celsius > 101.0
                && $paste->fatWater <= self::FOAM_FALLEN * max(1e-9, $paste->parts->waterGrams);

            return $fallen || $then->pot->state->celsius >= $held - self::HOT_ENOUGH;
        };

        return $this->heated($standing, $this->heat())
            ?? $this->adds($step, $standing)
            ?? Deed::of($this->when($hot, $played, max(0, self::MELTS_WITHIN - $standing->lasted())), DeedKind::Done);
    }

    private function flours(Step $step, Played $played): Deed
    {
        return $this->stirs(1.0, $played->standing)
            ?? $this->adds($step, $played->standing)
            ?? $this->after($step, $played);
    }

    private function colours(Played $played): Deed
    {
        $roux = $this->pot->exercise->cooking->roux;
        $lift = ($roux?->lifted->shade ?? $roux?->ends)->value ?? 0.5;
        $there = static fn(Standing $then): bool => ($then->pot->state->shade->value ?? 0.0) >= $lift - 0.005;

        return $this->stirs(1.0, $played->standing)
            ?? ($there($played->standing) ? null : $this->heated($played->standing, $this->heat()))
            ?? Deed::of($this->when($there, $played, self::PATIENCE), DeedKind::Done);
    }

    private function letsDown(Step $step, Played $played): Deed
    {
        $to = $step->ends->temperature?->inCelsius() ?? 120.0;

        return $this->heated($played->standing, null) ?? Deed::of(
            $this->when(static fn(Standing $then): bool => $then->pot->state->celsius <= $to, $played, self::PATIENCE),
            DeedKind::Done,
        );
    }

    private function pours(Step $step, Played $played): Deed
    {
        $standing = $played->standing;
        $first = $this->heated($standing, null) ?? $this->stirs(1.0, $standing);
        if ($first !== null) {
            return $first;
        }
        $each = max(self::STIRRED_IN, (int) round($step->pace->time->seconds / max(1, count($step->additions))));
        $next = $step->additions[$standing->pours] ?? null;
        $at = $standing->second() + ($standing->pours === 0 ? 0 : $each);

        return $next === null
            ? Deed::of($at, DeedKind::Done)
            : Deed::add($at, $this->pot->exercise->cooking->liquid->id, $next->amount->mass);
    }

    private function boils(Played $played): Deed
    {
        $standing = $played->standing;
        // Milk comes to the boil on a gentler flame, or it catches.
        $flame = $standing->pot->state->sauce->dairy() > self::MILKY ? HobHeat::Medium : HobHeat::MediumHigh;
        $boil = $this->pot->exercise->vessel()->boilsAt->inCelsius() - self::NEARLY;

        return $this->stirs(1.0, $standing) ?? $this->heated($standing, $flame) ?? Deed::of(
            $this->when(static fn(Standing $then): bool => $then->pot->state->celsius >= $boil, $played, self::PATIENCE),
            DeedKind::Done,
        );
    }

    private function simmers(Step $step, Played $played): Deed
    {
        [$standing, $cooking] = [$played->standing, $this->pot->exercise->cooking];
        $level = $step->conditions->simmers ?? $cooking->ways->level;
        $goal = $step->kind === StepKind::Reduce ? $step->ends->volume?->inMillilitres() : null;
        $pieces = $step->variant === '' && $this->pot->exercise->plan->making?->isDerived() === true
            ? $cooking->sauces->pieces->inMillilitres()
            : 0.0;
        $lid = $step->kind === StepKind::Skim ? Lid::Open : $cooking->place->lid;
        $seconds = (int) round($step->pace->time->seconds);
        $there = static fn(Standing $then): bool => $goal === null
            ? $then->lasted() >= $seconds
            : $then->pot->state->sauce->millilitres() <= $goal - $pieces;

        return $this->held($standing, Heating::simmer($level), Deed::hold($standing->second(), $level))
            ?? $this->stirs($this->simmerStirred($step, $standing), $standing)
            ?? ($standing->pot->setting->lid === $lid || $there($standing) ? null : Deed::lid($standing->second(), $lid))
            ?? $this->ends($there, $played);
    }

    private function simmerStirred(Step $step, Standing $standing): float
    {
        $thick = $step->kind === StepKind::Reduce
            && EquivalentFlour::of($standing->pot->state->sauce)->gramsPerLitre > self::THICK;

        return $thick ? 1.0 : max(0.3, $this->pot->exercise->cooking->ways->stirred);
    }

    /** Off with the lid, and on to the next step. */
    private function ends(Closure $there, Played $played): Deed
    {
        $at = $this->when($there, $played, self::PATIENCE);

        return $played->standing->pot->setting->lid === Lid::Open ? Deed::of($at, DeedKind::Done) : Deed::lid($at, Lid::Open);
    }

    /** Too thick it is let down, too thin it goes on simmering. */
    private function mends(Played $played): Deed
    {
        [$standing, $cooking] = [$played->standing, $this->pot->exercise->cooking];
        $wanted = EquivalentFlour::of($cooking->sauces->tested)->gramsPerLitre;
        $is = static fn(Standing $then): float => EquivalentFlour::of($then->pot->state->sauce)->gramsPerLitre;
        $ratio = $is($standing) / max(1e-9, $wanted);
        if ($standing->pot->state->paste !== null || $wanted <= 0.0 || $standing->lasted() > self::MENDS_WITHIN) {
            return Deed::of($standing->second(), DeedKind::Done);
        }
        if ($ratio > 1.0 + self::NEAR && $standing->pours < self::MOST_MENDS && !$this->isCorrectedLater()) {
            return Deed::add(
                $standing->second() + ($standing->pours === 0 ? 0 : self::STIRRED_IN),
                $cooking->liquid->id,
                Mass::ofGrams(max(5.0, 0.8 * ($ratio - 1.0) * $standing->pot->state->sauce->grams())),
            );
        }
        $level = $cooking->ways->level;
        if ($ratio < 1.0 - self::NEAR) {
            return $this->held($standing, Heating::simmer($level), Deed::hold($standing->second(), $level))
                ?? $this->stirs(max(0.3, $cooking->ways->stirred), $standing)
                ?? Deed::of(
                    $this->when(
                        static fn(Standing $then): bool => $is($then) >= $wanted * (1.0 - 0.5 * self::NEAR),
                        $played,
                        self::MENDS_WITHIN,
                    ),
                    DeedKind::Done,
                );
        }

        return Deed::of($standing->second(), DeedKind::Done);
    }

    /** Whether the sheet itself lets it down after the test. */
    private function isCorrectedLater(): bool
    {
        foreach ($this->pot->exercise->plan->steps as $step) {
            if ($step->kind === StepKind::Correct && ($step->effect->joins?->grams() ?? 0.0) > 0.0) {
                return true;
            }
        }

        return false;
    }

    /** At the last step that one stands at: a spoonful of the liquid, where it has come out too thick. */
    private function letsDownAtLast(Standing $standing): ?Deed
    {
        $exercise = $this->pot->exercise;
        for ($i = $standing->step + 1; ($step = $exercise->step($i)) !== null; $i++) {
            if ($exercise->isStood($step)) {
                return null;
            }
        }
        [$is, $wanted] = [EquivalentFlour::of($standing->pot->state->sauce), EquivalentFlour::of($exercise->cooking->sauces->served)];
        $ratio = $is->gramsPerLitre / max(1e-9, $wanted->gramsPerLitre);
        $other = $is->thicknessClass() !== $wanted->thicknessClass() && $ratio > 1.0;
        if ($standing->pours >= self::MOST_MENDS || !$other && $ratio < 1.0 + self::NEAR) {
            return null;
        }

        return Deed::add(
            $standing->second() + self::STIRRED_IN,
            $exercise->cooking->liquid->id,
            Mass::ofGrams(max(1.0, 0.8 * max(0.005, $ratio - 1.0) * $standing->pot->state->sauce->grams())),
        );
    }

    private function stirsIn(Step $step, Played $played): Deed
    {
        $standing = $played->standing;
        $most = $this->most($step, $standing);
        $in = $this->adds($step, $standing, $standing->added === [] ? 0 : self::STIRRED_IN);
        if ($in !== null) {
            $cool = static fn(Standing $then): bool => $most === null || $then->pot->state->celsius <= $most - self::CAREFUL;

            return $this->stirs(1.0, $standing)
                ?? ($cool($standing) ? null : $this->heated($standing, null))
                ?? ($standing->added === [] && $most !== null
                    ? $in->later($this->when($cool, $played, self::PATIENCE))
                    : $in);
        }
        $least = ($step->conditions->bounds->atLeast?->inCelsius() ?? -INF) + self::WARMED;
        $least = $step->act === ActKind::Bind && $most !== null ? max($least, $most - self::CAREFUL) : $least;
        $warm = static fn(Standing $then): bool => $then->pot->state->celsius >= $least;

        return $warm($standing)
            ? $this->heated($standing, null) ?? $this->letsDownAtLast($standing) ?? $this->after($step, $played, self::STIRRED_IN)
            : $this->heated($standing, HobHeat::Low)
                ?? Deed::heat($this->when($warm, $played, self::PATIENCE), null);
    }

    private function most(Step $step, Standing $standing): ?float
    {
        $all = [$standing->pot->limit, $step->conditions->bounds->atMost];
        foreach ($step->additions as $addition) {
            $all[] = $addition->bounds->atMost;
        }
        $all = array_filter($all);

        return $all === [] ? null : min(array_map(static fn($one): float => $one->inCelsius(), $all));
    }

    /** The next of a step's amounts that is not in yet; salt no more than it wants. */
    private function adds(Step $step, Standing $standing, int $wait = 0): ?Deed
    {
        foreach ($step->amounts as $amount) {
            if (isset($standing->added[$amount->ingredient])) {
                continue;
            }
            $grams = $amount->ingredient === Exercise::SALT ? $this->salt($amount->mass->inGrams(), $standing) : $amount->mass->inGrams();
            if ($grams >= self::LEAST_GRAMS) {
                return Deed::add($standing->second() + $wait, $amount->ingredient, Mass::ofGrams($grams));
            }
        }

        return null;
    }

    private function salt(float $meant, Standing $standing): float
    {
        $served = $this->pot->exercise->cooking->sauces->served;
        $sauce = $standing->pot->state->sauce;

        $wants = 0.01 * $served->saltPercent() * $sauce->grams() - $sauce->saltGrams;

        return $wants >= self::SALTED * $meant ? $meant : max(0.0, $wants);
    }

    private function heated(Standing $standing, ?HobHeat $level): ?Deed
    {
        $is = $standing->pot->setting->heating;
        $same = $level === null ? $is->flux() <= 0.0 : $is->hob === $level;

        return $same ? null : Deed::heat($standing->second(), $level);
    }

    private function held(Standing $standing, Heating $wanted, Deed $deed): ?Deed
    {
        return $standing->pot->setting->heating->simmer === $wanted->simmer ? null : $deed;
    }

    private function stirs(float $share, Standing $standing): ?Deed
    {
        return abs($standing->pot->setting->stirring - $share) < 1e-9 ? null : Deed::stir($standing->second(), $share);
    }

    private function after(Step $step, Played $played, ?int $seconds = null): Deed
    {
        $wait = max(0, ($seconds ?? (int) round($step->pace->time->seconds)) - $played->standing->lasted());

        return Deed::of($played->standing->second() + $wait, DeedKind::Done);
    }
}
