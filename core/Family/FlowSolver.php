<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Composer;
use Lento\Compose\Question;
use Lento\Exception\LentoException;
use Lento\Exception\NoConvergence;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;

/**
 * Works a service out backwards. What a derivative takes of its base follows from the base, and the base from what is taken of it: so the
 * bases are composed for a guess, the derivatives worked out from them, and the bases composed again for what they took, until both agree.
 */
final readonly class FlowSolver
{
    private const MOST_ROUNDS = 12;

    /**
     * Where a sauce at the edge of its class is set right for one litre of its base and not for the next, two yields take turns: after so
     * many rounds the larger stands, and a little of it is over.
     */
    private const EXACT_ROUNDS = 6;

    private const LITTLE_OVER = 0.15;

    /** Share of its yield to which a base need not be composed again; what is left of it is shared out. */
    private const SETTLED = 5e-4;

    /** Times what was asked for, from which a pot counts as larger than it needed to be. */
    private const OVER = 1.002;

    /** l: stands for none where a sauce must have some volume to be anything. */
    private const NOTHING = 1e-6;

    private function __construct(private FlowPlan $plan, private Workplace $workplace) {}

    /** @throws LentoException */
    public static function solve(Service $service, Catalogue $catalogue, Workplace $workplace): ServiceFlow
    {
        $plan = FlowPlan::of($service, $catalogue, $workplace);
        $solver = new self($plan, $workplace);
        $bases = $solver->guessed();
        [$thicknesses, $ratios] = $solver->thicknesses($bases);
        $needs = $solver->needs($bases, $thicknesses, $ratios);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $next = $solver->composed($bases, $needs->litres, $thicknesses, $round < self::EXACT_ROUNDS ? 0.0 : self::LITTLE_OVER);
            if ($next === $bases) {
                return new ServiceFlow($service, $solver->shared($bases, $thicknesses, $needs), $plan->wished);
            }
            $bases = $next;
            $needs = $solver->needs($bases, $thicknesses, $needs->ratios);
        }

        throw NoConvergence::after(self::MOST_ROUNDS, 'service');
    }

    /** @return array<string, BaseInPot> taking a litre of a base for a litre of what is made of it */
    private function guessed(): array
    {
        $litres = [];
        foreach (array_reverse($this->plan->sauces) as $key => $sauce) {
            $litres[$key] = ($litres[$key] ?? 0.0) + $sauce->served;
            if ($sauce->parent !== null) {
                $litres[$sauce->parent] = ($litres[$sauce->parent] ?? 0.0) + $litres[$key];
            }
        }
        $bases = [];
        foreach ($this->plan->bases() as $key => $sauce) {
            $thickness = $this->workplace->formula($sauce->base)->thickness;
            $bases[$key] = $sauce->parent === null
                ? $this->compose($sauce, max(Question::LEAST_LITRES, $litres[$key] ?? 0.0), $thickness, null)
                : BaseInPot::guessed(
                    $bases[$sauce->parent],
                    $this->workplace->larder->ingredient($sauce->liquid),
                    $this->workplace->formula($sauce->base),
                    $thickness,
                );
        }

        return $bases;
    }

    /**
     * @param array<string, BaseInPot> $bases
     *
     * @return array{array<string, BaseThickness>, array<string, float>} by key; and litres of its parent in a litre of each derivative,
     * about
     */
    private function thicknesses(array $bases): array
    {
        [$thicknesses, $ratios] = [[], []];
        foreach ($bases as $key => $base) {
            [$served, $stems] = [[], [$key => $base->stem]];
            foreach ($this->plan->descendantsOf($key) as $sauce) {
                $taken = $stems[$sauce->parent]->taken(Volume::ofLitres(max(Question::LEAST_LITRES, $sauce->served)));
                $derived = Deriving::of($sauce->derivative, $taken, $this->workplace, corrects: false);
                $ratios[$sauce->key] = $taken->volume()->cubicMetres / $derived->volume()->cubicMetres;
                $stems[$sauce->key] = $derived->stem();
                $served = $sauce->served > 0.0 ? [...$served, $sauce->key => [$derived, $sauce->served]] : $served;
            }
            $thicknesses[$key] = BaseThickness::for($base->stem, $served);
        }

        return [$thicknesses, $ratios];
    }

    /**
     * Bases first, for a demi-glace is made from its espagnole.
     *
     * @param array<string, BaseInPot> $bases of the last round
     * @param array<string, float> $litres needed of each
     * @param array<string, BaseThickness> $thicknesses
     * @param float $over share of what is needed that may be over
     *
     * @return array<string, BaseInPot>
     */
    private function composed(array $bases, array $litres, array $thicknesses, float $over): array
    {
        $next = [];
        foreach ($this->plan->bases() as $key => $sauce) {
            $make = $sauce->toMake($litres[$key] - $sauce->served);
            // What is in the cold is of the same making: a sheet for all of it tells what it is.
            $make = max(Question::LEAST_LITRES, $make > 0.0 ? $make : $litres[$key]);
            $thickness = $thicknesses[$key]->thickness;
            $next[$key] = $this->stands($bases[$key], $make, $thickness, $over)
                ? $bases[$key]
                : $this->compose($sauce, $make, $thickness, $sauce->parent === null ? null : $next[$sauce->parent]);
        }

        return $next;
    }

    private function stands(BaseInPot $base, float $litres, EquivalentFlour $thickness, float $over): bool
    {
        $share = $base->yield()->inLitres() / $litres - 1.0;

        return $base->sheet !== null
            && $share >= -self::SETTLED
            && $share <= max(self::SETTLED, $over)
            && abs($base->thickness->gramsPerLitre - $thickness->gramsPerLitre) < 0.01;
    }

    private function compose(PlannedBase $sauce, float $litres, EquivalentFlour $thickness, ?BaseInPot $from): BaseInPot
    {
        $question = $this->workplace->question($sauce->base, $sauce->liquid, Volume::ofLitres($litres), $thickness);

        return BaseInPot::composed((new Composer())->answer($from?->sheet === null ? $question : $question->madeFrom($from->sheet)));
    }

    /**
     * From the last derivative up to the bases: how much each takes of what it is made from.
     *
     * @param array<string, BaseInPot> $bases
     * @param array<string, BaseThickness> $thicknesses
     * @param array<string, float> $ratios litres of its parent in a litre of each, as the last round found them
     */
    private function needs(array $bases, array $thicknesses, array $ratios): Needs
    {
        $litres = array_map(static fn(Planned $sauce): float => $sauce->served, $this->plan->sauces);
        [$takes, $derived] = [array_fill_keys(array_keys($litres), 0.0), []];
        $stems = $this->stems($bases, $thicknesses);
        foreach (array_reverse($this->plan->sauces) as $key => $sauce) {
            $make = $sauce->toMake($litres[$key] - $sauce->served);
            if ($sauce->parent === null || $make <= 0.0) {
                continue;
            }
            if ($sauce->derivative !== null) {
                $derived[$key] = Deriving::yielding(
                    $sauce->derivative,
                    $stems[$sauce->parent],
                    Volume::ofLitres($make),
                    $this->workplace,
                    $make * ($ratios[$key] ?? 1.0),
                );
            }
            $takes[$key] = isset($derived[$key]) ? $derived[$key]->taken->volume()->inLitres() : $make * $bases[$key]->ofParent;
            $ratios[$key] = $takes[$key] / $make;
            $litres[$sauce->parent] += $takes[$key];
        }

        return new Needs($litres, $takes, $ratios, $derived);
    }

    /**
     * Each sauce that others are made of, a base as thick as it will be.
     *
     * @param array<string, BaseInPot> $bases
     * @param array<string, BaseThickness> $thicknesses
     *
     * @return array<string, Stem>
     */
    private function stems(array $bases, array $thicknesses): array
    {
        $stems = array_map(
            static fn(BaseInPot $base, BaseThickness $thickness): Stem => $base->asThickAs($thickness->thickness),
            $bases,
            $thicknesses,
        );
        $stems = array_combine(array_keys($bases), $stems);
        foreach ($this->plan->sauces as $key => $sauce) {
            if ($sauce->derivative !== null && $sauce->parent !== null && $this->plan->childrenOf($key) !== []) {
                $stems[$key] = Deriving::of(
                    $sauce->derivative,
                    $stems[$sauce->parent]->taken(Volume::ofLitres(1.0)),
                    $this->workplace,
                )->stem();
            }
        }

        return $stems;
    }

    /**
     * From the bases down: each pot gives what was planned of it.
     *
     * @param array<string, BaseInPot> $bases
     * @param array<string, BaseThickness> $thicknesses
     *
     * @return array<string, FlowNode>
     */
    private function shared(array $bases, array $thicknesses, Needs $needs): array
    {
        [$nodes, $given] = [[], []];
        foreach ($this->plan->sauces as $key => $sauce) {
            $make = $sauce->toMake($needs->litres[$key] - $sauce->served);
            $sheet = $make > 0.0 ? ($bases[$key] ?? null)?->sheet : null;
            $derived = $sauce->derivative === null || $sauce->parent === null || $make <= 0.0
                ? null
                : Deriving::of(
                    $sauce->derivative,
                    $nodes[$sauce->parent]->stem->taken(Volume::ofLitres($given[$key])),
                    $this->workplace,
                    pan: $needs->derived[$key]->pan,
                    mayReduce: $needs->derived[$key]->correction?->kind !== CorrectionKind::BeurreManie,
                );
            $stem = ($bases[$key] ?? null)->stem ?? ($derived?->stem() ?? $nodes[(string) $sauce->parent]->stem);
            $made = $sheet === null && $derived === null ? 0.0 : $stem->volume()->inLitres();
            $onHand = min($sauce->onHand, $needs->litres[$key]);
            // A pot that came out a hair off is shared out in proportion; what is more than that is over.
            $scale = $needs->litres[$key] > 0.0 ? ($made + $onHand) / $needs->litres[$key] : 1.0;
            $scale = $scale > self::OVER ? 1.0 : $scale;
            $branches = [];
            foreach ($this->plan->childrenOf($key) as $child) {
                $given[$child->key] = max(self::NOTHING, $scale * $needs->takes[$child->key]);
                $branches = $needs->takes[$child->key] > 0.0
                    ? [...$branches, new Branch($child->key, Volume::ofLitres($given[$child->key]))]
                    : $branches;
            }
            $nodes[$key] = new FlowNode(
                $sauce,
                new ToBeMade($sheet, $derived),
                $stem->taken(Volume::ofLitres(max(self::NOTHING, $made + $onHand))),
                new HowMuch(Volume::ofLitres($made), Volume::ofLitres($onHand), Volume::ofLitres($scale * $sauce->served)),
                $branches,
                $thicknesses[$key] ?? null,
            );
        }

        return $nodes;
    }
}
