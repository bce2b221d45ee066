<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Procedure\ActKind;

/** Steps of one pot that are one task: what a cook does in one go, or leaves alone meanwhile. */
final readonly class Phase
{
    /** Eight times in ten an act of hands takes between these shares of its minutes: an estimate, until the kitchen has its own. */
    private const LEAST = 0.75;
    private const MOST = 1.35;

    /** min: what wants a look more often is stirred in passing. */
    private const LOOKS_FROM = 6.0;

    /** @param non-empty-list<Step> $steps */
    private function __construct(public Figure $figure, public array $steps) {}

    /**
     * The steps of a plan, joined where nothing keeps them apart.
     *
     * @param list<Step> $steps
     *
     * @return list<self>
     */
    public static function of(array $steps): array
    {
        $phases = [];
        foreach ($steps as $step) {
            $figure = Figure::of($step);
            if ($figure === null || $step->pace->time->seconds <= 0.0) {
                continue;
            }
            $last = array_key_last($phases);
            if ($last !== null && $phases[$last]->joins($figure, $step)) {
                $phases[$last] = new self($figure, [...$phases[$last]->steps, $step]);
            } else {
                $phases[] = new self($figure, [$step]);
            }
        }

        return $phases;
    }

    public function minutes(): Band
    {
        $likely = $low = $high = 0.0;
        foreach ($this->steps as $step) {
            $minutes = $step->pace->time->inMinutes();
            $likely += $minutes;
            $low += $step->pace->band->low ?? self::LEAST * $minutes;
            $high += $step->pace->band->high ?? self::MOST * $minutes;
        }
        $whole = max(1, (int) ceil(round($likely, 3)));
        $within = static fn(float $minutes): int => (int) max(0, min(Instance::MOST_MINUTES, $minutes));

        return new Band(min(Instance::MOST_MINUTES, $whole), min($whole, $within(floor($low))), max($whole, $within(ceil($high))));
    }

    /** @param bool $known whether somebody in this kitchen is known to have learnt what needs learning */
    public function asks(bool $known): Asks
    {
        $step = $this->steps[0];
        $attention = match (true) {
            !$step->pace->handsOn => Attention::None,
            $this->figure === Figure::Boil => Attention::Watch,
            default => Attention::Hands,
        };
        $binds = array_filter($this->steps, static fn(Step $one): bool => $one->act === ActKind::Bind);

        return new Asks(
            $attention,
            $attention === Attention::None ? $this->visits() : null,
            $known && $binds !== [] ? 'liaison' : null,
        );
    }

    /** Whether it ends off its ring: what is strained is not on it any more. */
    public function endsOffTheRing(): bool
    {
        $off = [StepKind::Strain, StepKind::Blend];

        return array_filter($this->steps, static fn(Step $one): bool => in_array($one->kind, $off, true)) !== [];
    }

    /** Whether something is stirred in that was cooked beside it. */
    public function takesWhatWasApart(): bool
    {
        return array_filter(
            $this->steps,
            static fn(Step $one): bool => $one->kind === StepKind::StirIn && $one->variant === 'vegetables',
        ) !== [];
    }

    private function joins(Figure $figure, Step $step): bool
    {
        return $this->figure === $figure
            && $this->steps[0]->pace->handsOn
            && $step->pace->handsOn
            && $figure !== Figure::Boil
            && $this->steps[0]->conditions->vessel === $step->conditions->vessel;
    }

    /** The most frequent of its tendings that is not done in passing. */
    private function visits(): ?Visits
    {
        $every = [];
        foreach ($this->steps[0]->pace->tendings as $tending) {
            $minutes = $tending->every->inMinutes();
            if ($minutes >= self::LOOKS_FROM && $minutes <= Instance::MOST_MINUTES) {
                $every[] = (int) round($minutes);
            }
        }

        return $every === [] ? null : new Visits(min($every), intdiv(min($every), 3));
    }
}
