<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\LentoException;

/**
 * The pots of a service as tasks: what is one go of hands, what is left alone, what may wait for what and how long, where each stands, and
 * what is ladled off for others.
 *
 * Names: a task is its pot, "/", its figure (and a number from the second on); a stay is its pot, ":", where.
 */
final readonly class Arrangement
{
    /** min: how long a base may be held hot for what is made of it; milk least. Custom of the trade, procedures.md section 5. */
    private const HELD_MILK = 60;
    private const HELD_STOCK = 90;

    /** l in a pot from which the weakest ring, and a middling one, are too weak for it. */
    private const WEAK_UP_TO = 1.5;
    private const MIDDLING_UP_TO = 6.0;

    /** min for heating a litre of what stood in the cold, and to begin with. */
    private const HEATS_LITRE_IN = 5.0;
    private const HEATS_FROM = 4;

    private const WASHES_IN = 3;

    /** What a buffer is of the minutes by which a pot may overrun, all together (SCHEDULE, section 3). */
    private const BUFFER_SHARE = 0.6;
    private const MOST_BUFFER = 12;

    /** @var list<Task> */
    public array $tasks;

    /** @var array<string, list<string>> steps of each task, by its name */
    public array $steps;

    /** @var list<Lag> */
    private array $lags;

    /** @var list<Stay> */
    private array $stays;

    /** @var list<Sauce> */
    private array $sauces;

    /** @param list<Part> $parts each after the one it is made of */
    private function __construct(private array $parts, private Galley $galley, private Shelf $shelf)
    {
        $known = array_filter($galley->cooks, static fn(Cook $one): bool => in_array('liaison', $one->skills, true)) !== [];
        $strongest = max([1, ...array_map(static fn(Ring $one): int => $one->power, $galley->rings)]);
        $tasks = $steps = $lags = $stays = $sauces = $lines = [];
        foreach ($parts as $part) {
            $line = $lines[$part->id] = PotLine::of($part, $known, self::reheat($part));
            $tasks = [...$tasks, ...$line->tasks];
            $steps += $line->steps;
            $lags = [...$lags, ...$line->lags];
            $stays = [...$stays, ...$line->stays(min($strongest, self::power($part)))];
        }
        foreach ($parts as $part) {
            $line = $lines[$part->id];
            $ladled = [];
            foreach ($parts as $child) {
                if ($child->parent === $part->id) {
                    $ladled[] = $lines[$child->id]->joinsAt;
                    $lags[] = new Lag($line->last, $lines[$child->id]->joinsAt, 0, self::held($part), 'held');
                }
            }
            $stays = [...$stays, ...$line->kept($ladled, $part->service !== null)];
            $sauces[] = new Sauce($part->id, $part->name, $line->last, self::served($part, $line), $part->parent);
        }
        [$washes, $after, $until] = $this->washing($lines);
        $this->tasks = [...$tasks, ...$washes];
        $this->steps = $steps;
        $this->lags = [...$lags, ...$after];
        $this->stays = array_map(static fn(Stay $one): Stay => $until[$one->id] ?? $one, $this->owned($stays));
        $this->sauces = $sauces;
    }

    /**
     * @param non-empty-list<Part> $parts each after the one it is made of
     *
     * @throws LentoException if it is more than can be planned
     */
    public static function of(array $parts, Galley $galley, Shelf $shelf): self
    {
        return new self($parts, $galley, $shelf);
    }

    /** @throws LentoException if a serving lies outside the times */
    public function instance(string $name, Times $times): Instance
    {
        return new Instance(
            $name,
            $times,
            new Galley($this->galley->cooks, $this->galley->rings, $this->stores()),
            new Work($this->sauces, $this->tasks, $this->lags, $this->stays),
        );
    }

    /** @return list<Store> */
    private function stores(): array
    {
        $stores = [
            new Store(PotLine::OVEN, StoreKind::Oven, $this->shelf->oven),
            new Store(PotLine::HOT_WELL, StoreKind::HotWell, $this->shelf->hotWell),
        ];
        foreach ($this->shelf->pans as $width => $count) {
            $stores[] = new Store(PotLine::PANS . $width, StoreKind::Pans, $count);
        }

        return $stores;
    }

    /**
     * Pans that nobody has told of are not counted.
     *
     * @param list<Stay> $stays
     *
     * @return list<Stay>
     */
    private function owned(array $stays): array
    {
        $known = array_map(static fn(int $width): string => PotLine::PANS . $width, array_keys($this->shelf->pans));

        return array_values(array_filter(
            $stays,
            static fn(Stay $one): bool => $one->store === null
                || !str_starts_with($one->store, PotLine::PANS)
                || in_array($one->store, $known, true),
        ));
    }

    /**
     * Where more pots want a size of pan than there are of it, each is washed before the next has it.
     *
     * @param array<string, PotLine> $lines
     *
     * @return array{list<Task>, list<Lag>, array<string, Stay>}
     */
    private function washing(array $lines): array
    {
        $wanted = [];
        foreach ($lines as $id => $line) {
            $wanted[$line->panWidth][] = $id;
        }
        $tasks = $lags = $until = [];
        foreach ($wanted as $width => $pots) {
            if (count($pots) <= ($this->shelf->pans[$width] ?? PHP_INT_MAX)) {
                continue;
            }
            foreach ($pots as $pot) {
                $stay = $lines[$pot]->inPan;
                if ($stay->to === null) {
                    continue;
                }
                $wash = $pot . '/' . Figure::Wash->value;
                $tasks[] = new Task(
                    $wash,
                    $pot,
                    Figure::Wash->value,
                    Band::exactly(self::WASHES_IN),
                    new Asks(Attention::Hands),
                    new Progress(),
                );
                foreach ($stay->to as $task) {
                    $lags[] = new Lag($task, $wash, 0, null, 'washed');
                }
                $until[$stay->id] = new Stay($stay->id, $stay->from, [$wash], $stay->store, $stay->wants, $stay->fromEnd);
            }
        }

        return [$tasks, $lags, $until];
    }

    private static function power(Part $part): int
    {
        $litres = self::litres($part);

        return match (true) {
            $litres <= self::WEAK_UP_TO => 1,
            $litres <= self::MIDDLING_UP_TO => 2,
            default => 3,
        };
    }

    private static function litres(Part $part): float
    {
        return $part->plan->promise?->volume->inLitres() ?? 0.0;
    }

    private static function reheat(Part $part): ?Band
    {
        $minutes = self::HEATS_FROM + (int) ceil(self::HEATS_LITRE_IN * self::litres($part));

        return $part->fromCold ? new Band($minutes, intdiv(3 * $minutes, 4), intdiv(3 * $minutes, 2)) : null;
    }

    private static function held(Part $part): int
    {
        return str_contains($part->plan->making->liquid ?? '', 'milk') ? self::HELD_MILK : self::HELD_STOCK;
    }

    /** With the minutes to spare that its own may overrun by. */
    private static function served(Part $part, PotLine $line): ?Service
    {
        $service = $part->service;
        if ($service === null) {
            return null;
        }
        $over = 0.0;
        foreach ($line->tasks as $task) {
            $over += ($task->minutes->high - $task->minutes->likely) ** 2;
        }
        $buffer = min(self::MOST_BUFFER, $service->holdMax, (int) round(self::BUFFER_SHARE * sqrt($over)));

        return new Service(
            $service->at,
            $buffer,
            $service->weight,
            max($buffer, min($service->holdLike, $service->holdMax)),
            $service->holdMax,
            $service->latest,
        );
    }
}
