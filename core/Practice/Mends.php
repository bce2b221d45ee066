<?php

declare(strict_types=1);

namespace Lento\Practice;

use Lento\Heat\HobHeat;
use Lento\Larder\Ingredient;
use Lento\Larder\Role;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Simulation\Mishap;

/**
 * Each single thing that could have been otherwise with a pot, put right alone: a thing of the kitchen as it is at home, a thing of the
 * hand as the sheet has it.
 */
final readonly class Mends
{
    /** Of a weight that counts as the sheet's; of a time; s of a lift that nobody times closer. */
    private const WEIGHED = 0.03;

    private const TIMED = 0.15;

    private const LIFTED = 12;

    /** Times the sheet's from which a pour is too large. */
    private const LARGE = 1.5;

    private const STIRRED = 0.25;

    /** K below the boil, and °C, at which a pot has not boiled. */
    private const SHORT_OF_BOIL = 4.0;

    private const WARM_ONLY = 90.0;

    /** @var list<Segment> */
    private array $segments;

    public function __construct(private Exercise $exercise, private Played $played)
    {
        $this->segments = $played->segments();
    }

    /** @return list<Mended> */
    public function all(): array
    {
        $boiled = $this->neverBoiled();

        return [
            ...array_map($this->home(...), $this->exercise->quirks->all()),
            ...$this->weighed(),
            ...$this->poured(),
            ...$this->cooler(),
            ...$this->lifted(),
            ...$boiled,
            ...$this->stirred(),
            ...$this->saltedLater(),
            ...$this->keptBelow(),
            // What has not even boiled has not boiled down either.
            ...$boiled === [] ? $this->simmered() : [],
        ];
    }

    private function home(Quirk $quirk): Mended
    {
        return new Mended(
            Cause::ofQuirk($quirk),
            $this->exercise->quirks->without($quirk),
            $this->segments,
            $this->where($quirk),
            much: $this->exercise->quirks->sizes[$quirk->value],
        );
    }

    /** The first step that it shows in. */
    private function where(Quirk $quirk): int
    {
        $kinds = match ($quirk) {
            Quirk::RingHot, Quirk::ButterWet => [StepKind::Melt, StepKind::Colour],
            Quirk::StirredLate => [StepKind::Colour],
            Quirk::FlourWeak => [StepKind::Flour],
            Quirk::StockSalty, Quirk::StockJellied, Quirk::LiquidCold => [StepKind::Pour],
            Quirk::PanWide, Quirk::PanNarrow => [StepKind::Simmer, StepKind::Reduce],
        };
        foreach ($this->segments as $i => $segment) {
            if (in_array($this->kind($segment), $kinds, true)) {
                return $i;
            }
        }

        return 0;
    }

    private function kind(Segment $segment): ?StepKind
    {
        return $this->exercise->step($segment->step)?->kind;
    }

    /** @param array<int, Segment> $others by their place */
    private function with(Cause $cause, array $others, string $what = '', float $much = 0.0): Mended
    {
        return new Mended(
            $cause,
            $this->exercise->quirks,
            array_values(array_replace($this->segments, $others)),
            array_key_first($others) ?? 0,
            $what,
            $much,
        );
    }

    /** @return array<string, float> g by larder id that a step wants */
    private function wanted(Segment $segment): array
    {
        $wanted = [];
        foreach ($this->exercise->step($segment->step)->amounts ?? [] as $amount) {
            $wanted[$amount->ingredient] = ($wanted[$amount->ingredient] ?? 0.0) + $amount->mass->inGrams();
        }

        return $wanted;
    }

    /** @return array<string, float> g by larder id that went in during it */
    private function added(Segment $segment): array
    {
        $added = [];
        foreach ($segment->deeds as $deed) {
            if ($deed->kind === DeedKind::Add) {
                $added[$deed->what] = ($added[$deed->what] ?? 0.0) + $deed->amount;
            }
        }

        return $added;
    }

    /** @return list<Mended> */
    private function weighed(): array
    {
        $mended = [];
        foreach ($this->segments as $i => $segment) {
            $added = $this->added($segment);
            if ($added === []) {
                continue;
            }
            foreach ($this->wanted($segment) as $what => $grams) {
                $is = $added[$what] ?? 0.0;
                if ($grams <= 0.0 || $is <= 0.0 || abs($is / $grams - 1.0) <= self::WEIGHED) {
                    continue;
                }
                $deeds = array_map(
                    static fn(Deed $deed): Deed => $deed->kind === DeedKind::Add && $deed->what === $what
                        ? $deed->weighing($deed->amount * $grams / $is)
                        : $deed,
                    $segment->deeds,
                );
                $mended[] = $this->with(Cause::WrongWeight, [$i => $segment->doing($deeds)], $what, $is - $grams);
            }
        }

        return $mended;
    }

    /** @return list<Mended> as much as was poured, in the pours of the sheet */
    private function poured(): array
    {
        foreach ($this->segments as $i => $segment) {
            $step = $this->exercise->step($segment->step);
            if ($step?->kind !== StepKind::Pour || !$segment->has(DeedKind::Add)) {
                continue;
            }
            $pours = array_values(array_filter(
                $segment->deeds,
                fn(Deed $deed): bool => $deed->kind === DeedKind::Add && $this->isLiquid($deed->what),
            ));
            $sheet = array_map(static fn($addition): float => $addition->amount->mass->inGrams(), $step->additions);
            [$all, $meant] = [array_sum(array_map(static fn(Deed $deed): float => $deed->amount, $pours)), max(1e-9, array_sum($sheet))];
            $large = false;
            foreach ($pours as $j => $pour) {
                $large = $large || $pour->amount > self::LARGE * ($sheet[$j] ?? $meant) * max(1.0, $all / $meant);
            }
            if (!$large || $pours === []) {
                continue;
            }
            $each = (int) round($step->pace->time->seconds / max(1, count($sheet)));
            $deeds = array_values(array_filter(
                $segment->deeds,
                static fn(Deed $deed): bool => !in_array($deed, $pours, true) && $deed->kind !== DeedKind::Done,
            ));
            foreach ($sheet as $j => $grams) {
                $deeds[] = Deed::add($pours[0]->at + $j * $each, $pours[0]->what, Mass::ofGrams(max(0.1, $all * $grams / $meant)));
            }
            usort($deeds, static fn(Deed $a, Deed $b): int => $a->at <=> $b->at);
            $deeds[] = Deed::of(max($segment->lasted(), $pours[0]->at + count($sheet) * $each), DeedKind::Done);

            return [$this->with(Cause::PoursTooLarge, [$i => $segment->doing($deeds)], much: $pours[0]->amount)];
        }

        return [];
    }

    private function isLiquid(string $what): bool
    {
        $kind = $this->exercise->what($what);

        return $kind instanceof Ingredient && $kind->role === Role::Liquid;
    }

    /** @return list<Mended> on the flames of the sheet */
    private function cooler(): array
    {
        $roux = $this->exercise->cooking->roux;
        $others = [];
        foreach ($this->segments as $i => $segment) {
            $kind = $this->kind($segment);
            $meant = match ($kind) {
                StepKind::Melt, StepKind::Flour, StepKind::Colour => $roux->heat ?? HobHeat::Medium,
                StepKind::Boil => $segment->begin->pot->state->sauce->dairy() > 0.5 ? HobHeat::Medium : HobHeat::MediumHigh,
                default => null,
            };
            $deeds = $meant === null ? $segment->deeds : array_map(
                static fn(Deed $deed): Deed => $deed->kind === DeedKind::Heat
                    && $deed->way instanceof HobHeat
                    && $deed->way->flux() > $meant->flux()
                    ? Deed::heat($deed->at, $meant)
                    : $deed,
                $segment->deeds,
            );
            if ($deeds !== $segment->deeds) {
                $others[$i] = $segment->doing($deeds);
            }
        }

        return $others === [] ? [] : [$this->with(Cause::TooHot, $others)];
    }

    /** @return list<Mended> lifted when the sheet has it */
    private function lifted(): array
    {
        foreach ($this->segments as $i => $segment) {
            $step = $this->exercise->step($segment->step);
            $done = $segment->first(DeedKind::Done);
            if ($step?->kind !== StepKind::Colour || $done === null) {
                continue;
            }
            $late = $done->at - (int) round($step->pace->time->seconds);
            if (abs($late) <= max(self::LIFTED, self::TIMED * $step->pace->time->seconds)) {
                continue;
            }
            $until = $done->at - $late;
            $deeds = array_map(static fn(Deed $deed): Deed => $deed->later(min($deed->at, $until)), array_slice($segment->deeds, 0, -1));
            $deeds[] = Deed::of($until, DeedKind::Done);

            return [$this->with($late > 0 ? Cause::LateLift : Cause::EarlyLift, [$i => $segment->doing($deeds)], much: (float) $late)];
        }

        return [];
    }

    /** @return list<Mended> */
    private function neverBoiled(): array
    {
        $boil = $this->exercise->vessel()->boilsAt->inCelsius();
        $others = [];
        foreach ($this->segments as $i => $segment) {
            $kind = $this->kind($segment);
            $ends = ($this->segments[$i + 1] ?? null)?->begin->pot->state ?? $this->played->standing->pot->state;
            if ($ends->paste !== null || $ends->sauce->grams() <= 0.0 || $segment->deeds === []) {
                continue;
            }
            if ($kind === StepKind::Boil && $ends->celsius < $boil - self::SHORT_OF_BOIL) {
                $others[$i] = $segment->written();
            } elseif ($others !== [] && in_array($kind, [StepKind::Simmer, StepKind::Reduce, StepKind::Skim], true)) {
                if ($ends->celsius >= self::WARM_ONLY) {
                    return [];
                }
                $others[$i] = $segment->written();
            }
        }

        return $others === [] ? [] : [$this->with(Cause::NeverBoiled, $others)];
    }

    /** @return list<Mended> never let alone */
    private function stirred(): array
    {
        $others = [];
        foreach ($this->segments as $i => $segment) {
            $alone = $segment->begin->pot->setting->stirring < self::STIRRED
                || array_filter($segment->deeds, static fn(Deed $deed): bool => $deed->kind === DeedKind::Stir
                    && ($deed->amount < self::STIRRED || $deed->way !== Where::All)) !== [];
            if ($alone && $segment->deeds !== [] && !$segment->has(DeedKind::Written)) {
                $rest = array_filter($segment->deeds, static fn(Deed $deed): bool => $deed->kind !== DeedKind::Stir);
                $others[$i] = $segment->doing([Deed::stir(0, 1.0), ...array_values($rest)]);
            }
        }

        return $others === [] ? [] : [$this->with(Cause::LeftUnstirred, $others)];
    }

    /** @return list<Mended> the sheet's salt, at its step */
    private function saltedLater(): array
    {
        [$early, $seasons, $grams] = [[], null, 0.0];
        foreach ($this->segments as $i => $segment) {
            $wanted = $this->wanted($segment)[Exercise::SALT] ?? 0.0;
            if ($wanted > 0.0) {
                [$seasons, $grams] = [$i, $grams + $wanted];
            } elseif ($seasons === null && isset($this->added($segment)[Exercise::SALT])) {
                $early[] = $i;
            }
        }
        if ($early === [] || $seasons === null) {
            return [];
        }
        $unsalted = static fn(Segment $segment): array => array_values(array_filter(
            $segment->deeds,
            static fn(Deed $deed): bool => $deed->kind !== DeedKind::Add || $deed->what !== Exercise::SALT,
        ));
        $others = [];
        foreach ($early as $i) {
            $others[$i] = $this->segments[$i]->doing($unsalted($this->segments[$i]));
        }
        $others[$seasons] = $this->segments[$seasons]->doing([
            Deed::add(0, Exercise::SALT, Mass::ofGrams($grams)),
            ...$unsalted($this->segments[$seasons]),
        ]);

        return [$this->with(Cause::SaltTooEarly, $others)];
    }

    /** @return list<Mended> what binds or melts in kept below its limit */
    private function keptBelow(): array
    {
        $hot = array_filter($this->played->standing->pot->troubles, static fn($one): bool => $one->trouble === Mishap::TooHotFor);
        if ($hot === []) {
            return [];
        }
        $others = [];
        foreach ($this->segments as $i => $segment) {
            $bounds = $this->exercise->plan->limitAt(max(0, $segment->step))->atMost;
            if ($bounds !== null && $segment->deeds !== []) {
                $others[$i] = $segment->written();
            }
        }

        return $others === [] ? [] : [$this->with(Cause::LiaisonBoiled, $others)];
    }

    /** @return list<Mended> boiled down as the sheet has it */
    private function simmered(): array
    {
        $others = [];
        foreach ($this->segments as $i => $segment) {
            $step = $this->exercise->step($segment->step);
            if (!in_array($step?->kind, [StepKind::Simmer, StepKind::Reduce], true) || !$segment->has(DeedKind::Done)) {
                continue;
            }
            $seconds = max(1.0, $step->pace->time->seconds);
            $off = abs($segment->lasted() / $seconds - 1.0) > self::TIMED
                || $segment->begin->pot->setting->lid !== $this->exercise->cooking->place->lid && !$segment->has(DeedKind::Lid)
                || $segment->first(DeedKind::Hold)?->way !== ($step->conditions->simmers ?? $this->exercise->cooking->ways->level);
            if ($off) {
                $others[$i] = $segment->written();
            }
        }

        return $others === [] ? [] : [$this->with(Cause::EvaporationMisjudged, $others)];
    }
}
