<?php

declare(strict_types=1);

namespace Lento\Score\Search;

use Lento\Exception\Missing;
use Lento\Score\Attention;
use Lento\Score\Instance;
use Lento\Score\Interval;
use Lento\Score\Lag;
use Lento\Score\Sauce;
use Lento\Score\Stay;

/**
 * An instance as numbers: tasks, sauces, cooks, rings and stores by their place in the list, minutes from the first that is looked at, so
 * that none lies below nought. Written once, then only read.
 *
 * Its mirror is the same with the clock running backwards: what puts tasks in from behind then puts them in from the front.
 */
final class Problem
{
    /** Minutes before now at which a plan may begin on paper, to measure by how much it is late. */
    public const OVER = 400;

    /** No minute. */
    public const NONE = -1;

    public int $tasks = 0;

    /** Minutes from the clock's first to ours. */
    public int $shift = 0;

    public int $now = 0;

    public int $horizon = 0;

    /** The last serving. */
    public int $end = 0;

    /** How many minutes there are. */
    public int $length = 0;

    /** What has begun counts from here on; before now nothing is checked. */
    public int $floor = 0;

    /** What has begun counts up to here. */
    public int $ceiling = 0;

    /** @var array<int, int> minutes of each task */
    public array $minutes = [];

    /** @var array<int, bool> whether it needs a cook, from now on */
    public array $crewed = [];

    /** @var array<int, bool> whether it needs both hands, from now on */
    public array $hands = [];

    /** @var array<int, array<int, int>> cooks who can do it */
    public array $able = [];

    /** @var array<int, int> its start, or NONE */
    public array $fixed = [];

    /** @var array<int, int> before which somebody does not want it begun; 0 where nobody minds */
    public array $soonest = [];

    /** @var array<int, bool> whether it counts for how early one must begin */
    public array $ahead = [];

    /** @var array<int, bool> whether another may be given it */
    public array $swaps = [];

    /** @var array<int, int> its sauce */
    public array $sauce = [];

    /** @var array<int, array<int, array{int, int}>> first and last minute, from its start, for each minute of a visit */
    public array $windows = [];

    /** @var array<int, int> what was announced of its start, or NONE */
    public array $announced = [];

    /** @var list<Due> */
    public array $dues = [];

    /** @var array<int, Held> */
    public array $stays = [];

    /** @var array<int, array<int, int>> stays that a task begins or ends */
    public array $staysOf = [];

    /** @var array<int, int> slots of each store */
    public array $slots = [];

    /** @var array<int, array<int, array{int, int}>> when each ring is out */
    public array $out = [];

    /** @var array<int, array<int, array{int, int}>> when each cook is away */
    public array $away = [];

    /** @var array<int, int> how much each cook can */
    public array $skills = [];

    /** Whether any cook is as good as any other, at any minute: then heads are counted, and named afterwards. */
    public bool $pool = true;

    /** @var list<array{int, int, bool}> what waits for what, and whether it can wait longer */
    public array $lags = [];

    /** Whose mirror it is; none of an instance as it is. */
    private ?self $turned = null;

    public Net $net;

    public Phrases $phrases;

    /** Tasks between which there is no choice of when: the finest that can be put in turn. */
    public Phrases $units;

    /** @throws Missing if something stays until a serving that is not there */
    public function __construct(public readonly Instance $instance)
    {
        $tasks = $instance->work->tasks;
        $index = array_flip(array_map(static fn(object $one): string => $one->id, $tasks));
        $this->tasks = count($tasks);
        $begun = array_filter(array_map(static fn(object $one): ?int => $one->progress->start, $tasks), is_int(...));
        $this->shift = self::OVER - min([$instance->times->now, ...$begun]);
        $this->now = $instance->times->now + $this->shift;
        $this->floor = $this->now;
        $this->horizon = $instance->times->horizon + $this->shift;
        $this->end = $instance->end() + $this->shift;
        $this->readTasks();
        $this->length = $this->horizon + max(self::OVER, ...$this->minutes) + 1;
        $this->ceiling = $this->length;
        foreach ($instance->work->lags as $lag) {
            $this->lags[] = [$index[$lag->from], $index[$lag->to], $lag->stretches()];
        }
        $this->net = Net::of($this->minutes, $instance->work->lags, $index);
        $this->readDues($index);
        $this->readGalley($index);
        $this->phrases = Phrases::of($this->tasks, $instance->work->lags, $index, static fn(Lag $lag): bool => $lag->ties());
        $this->units = Phrases::of($this->tasks, $instance->work->lags, $index, static fn(Lag $lag): bool => !$lag->stretches());
        $this->indexStays();
    }

    public function mirror(): self
    {
        $that = clone $this;
        $that->turned = $this->turned === null ? $this : null;
        $length = $this->length;
        $that->now = self::OVER;
        $that->floor = 0;
        $that->ceiling = $length - $this->now;
        $that->horizon = $that->ceiling + 1;
        $that->away = array_map($this->flipped(...), $this->away);
        $that->out = array_map($this->flipped(...), $this->out);
        $that->announced = array_fill(0, $this->tasks, self::NONE);
        foreach ($this->minutes as $task => $minutes) {
            $that->fixed[$task] = $this->fixed[$task] === self::NONE ? self::NONE : $length - $this->fixed[$task] - $minutes;
            $that->windows[$task] = array_map(
                static fn(array $one): array => [$minutes - 1 - $one[1], $minutes - 1 - $one[0]],
                $this->windows[$task],
            );
        }
        $that->lags = array_map(static fn(array $one): array => [$one[1], $one[0], $one[2]], $this->lags);
        $that->net = $this->net->mirror($this->minutes);
        $that->phrases = $this->phrases->mirror();
        $that->units = $this->units->mirror();
        foreach ($this->stays as $k => $stay) {
            $that->stays[$k] = $stay->mirror($this->minutes, $length);
        }

        return $that;
    }

    /**
     * From when to when each task can start, by what has begun, what is granted to each serving and the lags between them alone.
     *
     * @param array<int, int>|null $granted minutes after its due each serving may be ready; null if that does not matter
     * @param int $floor before which nothing starts
     * @param array<int, int>|null $held minutes beyond what anybody likes that each serving may be kept hot; null for as long as it may
     *
     * @return array{array<int, int>, array<int, int>}
     */
    public function windows(?array $granted, int $floor, ?array $held = null): array
    {
        if ($this->turned !== null) {
            return $this->turnedWindows($this->turned, $held);
        }
        $earliest = $latest = $this->fixed;
        foreach ($this->fixed as $task => $start) {
            if ($start === self::NONE) {
                $earliest[$task] = max($floor, $this->soonest[$task]);
                $latest[$task] = $this->horizon;
            }
        }
        foreach ($this->dues as $s => $due) {
            if ($this->fixed[$due->last] === self::NONE) {
                $minutes = $this->minutes[$due->last];
                $ready = $granted === null ? PHP_INT_MAX : $due->due + $granted[$s];
                $latest[$due->last] = min($latest[$due->last], min($ready, $due->latest ?? PHP_INT_MAX) - $minutes);
                $hold = $held === null ? $due->service->holdMax : min($due->service->holdMax, $due->service->holdLike + $held[$s]);
                $earliest[$due->last] = max($earliest[$due->last], $due->serveAt - $hold - $minutes);
            }
        }

        return $this->net->spread($earliest, $latest);
    }

    /**
     * From the front nothing is granted: what is ready when is what one wants to know.
     *
     * @param array<int, int>|null $held
     *
     * @return array{array<int, int>, array<int, int>}
     */
    private function turnedWindows(self $of, ?array $held): array
    {
        [$earliest, $latest] = $of->windows(null, $of->now, $held);
        $turn = fn(int $start, int $minutes): int => $this->length - $start - $minutes;

        return [array_map($turn, $latest, $this->minutes), array_map($turn, $earliest, $this->minutes)];
    }

    /**
     * Places of tasks that can be moved.
     *
     * @return array<int, int>
     */
    public function free(): array
    {
        return array_keys($this->fixed, self::NONE, true);
    }

    /** What an order is of: phrases, or units. */
    public function groups(bool $fine): Phrases
    {
        return $fine ? $this->units : $this->phrases;
    }

    private function readTasks(): void
    {
        $sauces = array_flip(array_map(static fn(Sauce $one): string => $one->id, $this->instance->work->sauces));
        $cooks = $this->instance->galley->cooks;
        $first = [...$cooks[0]->skills];
        sort($first);
        foreach ($cooks as $cook) {
            $skills = $cook->skills;
            sort($skills);
            $this->pool = $this->pool && $skills === $first && $cook->away === [];
        }
        foreach ($this->instance->work->tasks as $k => $task) {
            $open = !$task->isDone();
            $this->minutes[] = $task->minutes->likely;
            $this->crewed[] = $open && $task->asks->attention->needsACook();
            $this->hands[] = $open && $task->asks->attention === Attention::Hands;
            $able = [];
            foreach ($cooks as $c => $cook) {
                if ($cook->can($task->asks->skill) && ($task->progress->cook ?? $cook->id) === $cook->id) {
                    $able[] = $c;
                }
            }
            $this->able[] = $able;
            $start = $task->progress->start;
            $this->fixed[] = $start === null ? self::NONE : $start + $this->shift;
            $this->soonest[] = max(0, ($task->progress->notBefore ?? -$this->shift) + $this->shift);
            $this->ahead[] = $task->isAhead();
            $this->swaps[] = $start === null && $task->progress->cook === null;
            // Who has begun is settled when the heads are named; who is still to begin is not.
            $this->pool = $this->pool && (!$task->isAhead() || ($able !== [] && $task->progress->cook === null) || !$this->crewed[$k]);
            $this->sauce[] = $sauces[$task->sauce];
            $this->windows[] = $open ? array_map(static fn(object $one): array => [$one->from, $one->to], $task->visits()) : [];
            $told = $this->instance->announced[$task->id] ?? null;
            $this->announced[] = $told === null || $start !== null ? self::NONE : $told->start + $this->shift;
        }
    }

    /** @param array<string, int> $index */
    private function readDues(array $index): void
    {
        foreach ($this->instance->work->sauces as $sauce) {
            if ($sauce->service !== null) {
                $latest = $sauce->service->latest;
                $this->dues[] = new Due(
                    $sauce->id,
                    $index[$sauce->last],
                    $sauce->service->at + $this->shift,
                    $sauce->service,
                    $sauce->service->due() + $this->shift,
                    $latest === null ? null : $latest + $this->shift,
                );
            }
        }
    }

    /** @param array<string, int> $index */
    private function readGalley(array $index): void
    {
        $galley = $this->instance->galley;
        foreach ($galley->cooks as $cook) {
            $this->away[] = $this->flat($cook->away);
            $this->skills[] = count($cook->skills);
        }
        foreach ($galley->rings as $ring) {
            $this->out[] = $this->flat($ring->out);
        }
        $stores = [];
        foreach ($galley->stores as $k => $store) {
            $stores[$store->id] = $k;
            $this->slots[] = $store->slots;
        }
        foreach ($this->instance->work->stays as $stay) {
            $this->stays[] = $this->held($stay, $index, $stores);
        }
    }

    /**
     * @param array<int, array{int, int}> $rows
     *
     * @return array<int, array{int, int}>
     */
    private function flipped(array $rows): array
    {
        return array_map(fn(array $one): array => [$this->length - $one[1], $this->length - $one[0]], $rows);
    }

    /**
     * @param list<Interval> $rows
     *
     * @return list<array{int, int}>
     */
    private function flat(array $rows): array
    {
        return array_map(
            fn(Interval $one): array => [max(0, $one->from + $this->shift), max(0, min($this->length, $one->until + $this->shift))],
            $rows,
        );
    }

    /**
     * @param array<string, int> $index
     * @param array<string, int> $stores
     */
    private function held(Stay $stay, array $index, array $stores): Held
    {
        $from = $index[$stay->from];
        $to = array_map(static fn(string $task): int => $index[$task], $stay->to ?? []);
        $lead = $stay->fromEnd ? $this->minutes[$from] : 0;
        $tail = $least = [];
        foreach ($to as $task) {
            $tail[$task] = $this->minutes[$task];
            $least[] = ($task === $from ? 0 : $this->net->between($from, $task) ?? 0) + $this->minutes[$task] - $lead;
        }

        return new Held([$from], $to, [$from => $lead], $tail, $stay->isOnARing() ? $this->ringsFor($stay) : [], new Spot(
            $stay->store === null ? null : $stores[$stay->store],
            $stay->wants->at,
            $stay->to === null ? $this->served($stay) : null,
            max([0, ...$least]),
            $this->fixed[$from] !== self::NONE,
        ));
    }

    /** @return array<int, int> */
    private function ringsFor(Stay $stay): array
    {
        $rings = $this->instance->galley->rings;
        $fit = [];
        foreach ($rings as $k => $ring) {
            if ($stay->wants->ring === null ? $ring->takes($stay->wants->pan, $stay->wants->power) : $ring->id === $stay->wants->ring) {
                $fit[] = $k;
            }
        }
        $rank = static fn(int $ring): array => [$rings[$ring]->widestPan, $rings[$ring]->power, $ring];
        usort($fit, static fn(int $a, int $b): int => $rank($a) <=> $rank($b));

        return $fit;
    }

    private function served(Stay $stay): int
    {
        $sauces = $this->instance->work->sauces;
        $of = array_values(array_filter($this->instance->work->tasks, static fn(object $one): bool => $one->id === $stay->from))[0]->sauce;
        foreach ($sauces as $sauce) {
            if ($sauce->service !== null && $sauce->last === $stay->from) {
                return $sauce->service->at + $this->shift;
            }
        }
        foreach ($sauces as $sauce) {
            if ($sauce->service !== null && $sauce->id === $of) {
                return $sauce->service->at + $this->shift;
            }
        }

        throw Missing::from($stay->id, 'serving');
    }

    private function indexStays(): void
    {
        $this->staysOf = array_fill(0, $this->tasks, []);
        foreach ($this->stays as $k => $stay) {
            foreach (array_unique([...$stay->from, ...$stay->to]) as $task) {
                $this->staysOf[$task][] = $k;
            }
        }
    }
}
