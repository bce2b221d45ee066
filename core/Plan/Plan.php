<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;

/**
 * What was promised of a pot when it was put on: the sauce, its steps with their amounts, what it should come to, what that was reckoned
 * with.
 *
 * A base and a derivative make the same kind of plan. Once a pot is on, nothing of it is worked out anew from what was asked.
 */
final readonly class Plan
{
    public const MOST_STEPS = 200;

    /**
     * @param Making|null $making which sauce it is; null for a pot that is only logged
     * @param non-empty-list<Step> $steps
     * @param Promise|null $promise what it should come to; null for a pot that is only logged
     * @param Cooking|null $cooking what it was reckoned with; null where nothing can be foreseen of it
     * @param list<Ladle> $ladles what is to be taken off it for other sauces
     */
    private function __construct(
        public ?Making $making,
        public array $steps,
        public ?Promise $promise,
        public ?Cooking $cooking,
        public array $ladles,
    ) {}

    /**
     * @param non-empty-list<Step> $steps each with an id of its own
     *
     * @throws OutOfRange if there are too many of them
     * @throws Missing if two go by one id
     */
    public static function of(array $steps, ?Making $making = null, ?Promise $promise = null, ?Cooking $cooking = null): self
    {
        if (count($steps) > self::MOST_STEPS) {
            throw OutOfRange::between('number-of-steps', (float) count($steps), 1.0, (float) self::MOST_STEPS, '');
        }
        $ids = array_map(static fn(Step $step): string => $step->id, $steps);
        if (count(array_unique($ids)) !== count($ids)) {
            throw Missing::from('step', 'id-of-its-own');
        }

        return new self($making, $steps, $promise, $cooking, []);
    }

    /** Nothing was composed: one step that takes whatever is done, then what came out. */
    public static function free(): self
    {
        $log = Pace::of(Duration::ofSeconds(0.0), handsOn: false, timed: false);

        return self::of([Step::of(StepKind::Free, $log), Step::of(StepKind::Finish, Pace::moment())]);
    }

    /** @param list<Ladle> $ladles */
    public function withLadles(array $ladles): self
    {
        return new self($this->making, $this->steps, $this->promise, $this->cooking, $ladles);
    }

    /** Whether it was put on without a sheet, just to log what is done. */
    /**
     * With the minutes of hands as one kitchen takes them; what waits for heat or a clock stays as it is.
     *
     * @param array<string, float> $shares of the house's minutes, by kind of step
     */
    public function inHands(array $shares): self
    {
        $steps = array_map(static function (Step $step) use ($shares): Step {
            $pace = $step->pace;
            $share = $shares[$step->kind->value] ?? 1.0;

            return $pace->handsOn && !$pace->timed && $pace->band === null
                ? $step->at($pace->lasting(Duration::ofSeconds($pace->time->seconds * $share)))
                : $step;
        }, $this->steps);

        return new self($this->making, $steps, $this->promise, $this->cooking, $this->ladles);
    }

    public function isFree(): bool
    {
        return $this->making === null;
    }

    /** @return int<0, max>|null where a step stands; null where there is none of that id */
    public function at(string $id): ?int
    {
        foreach ($this->steps as $i => $step) {
            if ($step->id === $id) {
                return $i;
            }
        }

        return null;
    }

    /** The first step of a kind. */
    public function first(StepKind ...$kinds): ?Step
    {
        foreach ($this->steps as $step) {
            if (in_array($step->kind, $kinds, true)) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<Amount> all that is weighed for it, in the order of use */
    public function amounts(): array
    {
        return array_merge(...array_map(static fn(Step $step): array => $step->amounts, $this->steps));
    }

    /** How long all of its steps take together. */
    public function time(): Duration
    {
        return Duration::ofSeconds(array_sum(array_map(static fn(Step $step): float => $step->pace->time->seconds, $this->steps)));
    }

    /** The limit that holds from a step on: what went in before may not get hotter again. */
    public function limitAt(int $step): Bounds
    {
        $most = null;
        foreach (array_slice($this->steps, 0, $step + 1) as $one) {
            $limit = $one->conditions->bounds->atMost;
            $most = $limit !== null && ($most === null || $limit->kelvin < $most->kelvin) ? $limit : $most;
        }

        return Bounds::between(null, $most);
    }
}
