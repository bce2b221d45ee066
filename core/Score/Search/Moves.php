<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/** Changes of one line into another, close to it: what a search tries next. */
final readonly class Moves
{
    /** Minutes by which a task is held back, at the most. */
    private const BACK = 13;

    /** @var array<int, int> tasks that can go earlier while what follows stays */
    private array $bends;

    /** @var array<int, int> stays on a ring that could be another */
    private array $choices;

    /** @var array<int, array<int, int>> tasks that wait for each */
    private array $next;

    /** @var non-empty-array<int, int> minutes of hands that nothing comes between, of any pot */
    private array $stretches;

    private Orders $orders;

    /** @param array<int, int> $told starts announced to the cooks */
    public function __construct(private Problem $problem, private Dice $dice, private array $told)
    {
        $this->orders = new Orders($problem);
        $tied = $next = $then = [];
        foreach ($problem->lags as [$from, $to, $stretches]) {
            $next[$from][] = $to;
            if (!$stretches) {
                $tied[$from] = true;
                $then[$from] = $to;
            }
        }
        $this->next = $next;
        $this->stretches = $this->stretches($then);
        $this->bends = array_values(array_filter($problem->free(), static fn(int $task): bool => !isset($tied[$task])));
        $choices = [];
        foreach ($problem->stays as $k => $stay) {
            if (count($stay->rings) > 1) {
                $choices[] = $k;
            }
        }
        $this->choices = $choices;
    }

    public function next(Tried $from): Line
    {
        $line = $from->line;
        $plan = $from->plan;
        $draw = $this->dice->share();
        if ($this->told !== [] && $line->keeps !== [] && $draw < 0.25) {
            return $line->keeping($this->freed($line->keeps));
        }
        $late = array_keys(array_filter($line->granted, static fn(int $minutes): bool => $minutes > 0));
        if ($late !== [] && $draw < 0.45) {
            $line = $line->granting($this->regranted($line->granted, $late));
            if ($this->dice->chance(0.5)) {
                return $line;
            }
        }
        if ($plan === null) {
            return $line->inOrder($this->dice->mixed($line->order))->holding([]);
        }
        $line = $from->held() > 0 && $this->dice->chance(0.4) ? $line->keptHot($this->lessHeld($plan)) : $line;
        if ($this->dice->chance(0.3)) {
            $fine = !$line->fine;
            $line = $line->ofGrain($fine, $this->orders->byEnd($plan->start, $fine))->holding([]);
        }
        if ($this->dice->chance(0.2)) {
            return $this->takenOut($line, $plan);
        }
        if ($line->keeps !== [] && array_diff_key($line->keeps, $this->told) !== []) {
            $line = $line->keeping($this->told);
        }
        $draw = $this->dice->share();

        return match (true) {
            $draw < 0.3 => $line->inOrder($this->sooner($line, $plan)),
            $draw < 0.55 => $line->inOrder($this->scattered($line->order)),
            $draw < 0.67 => $line->inOrder($this->swapped($line->order)),
            $draw < 0.77 => $line->inOrder($this->orders->byEnd($plan->start, $line->fine, $this->dice, 6)),
            $draw < 0.95 => $line->holding($this->heldBack($line->caps, $plan)),
            default => $line->onRings($this->otherRing($line->rings)),
        };
    }

    /**
     * What is kept hot too long may be so less long, or not at all.
     *
     * @return array<int, int>|null
     */
    private function lessHeld(Plan $plan): ?array
    {
        $share = $this->dice->one([0.0, 0.0, 0.5, 0.9, null]);
        if ($share === null) {
            return null;
        }
        $held = [];
        foreach ($this->problem->dues as $due) {
            $ready = $plan->start[$due->last] + $this->problem->minutes[$due->last];
            $held[] = (int) floor($share * max(0, $due->serveAt - $ready - $due->service->holdLike));
        }

        return $held;
    }

    /**
     * A late sauce is granted less, or lateness goes from one to another.
     *
     * @param array<int, int> $granted
     * @param non-empty-array<int, int> $late
     *
     * @return array<int, int>
     */
    private function regranted(array $granted, array $late): array
    {
        $one = $this->dice->one($late);
        $granted[$one] = $this->dice->one([0, intdiv($granted[$one], 2), $granted[$one] - 1, max(0, $granted[$one] - 3)]);
        if ($this->dice->chance(0.4)) {
            $granted[$this->dice->between(0, count($granted) - 1)] += $this->dice->between(1, 8);
        }

        return array_values($granted);
    }

    /**
     * A phrase or two are freed of what was announced, or tied to it again.
     *
     * @param array<int, int> $keeps
     *
     * @return array<int, int>
     */
    private function freed(array $keeps): array
    {
        $phrases = $this->problem->phrases->of;
        foreach ($this->dice->some(array_keys($phrases), $this->dice->between(1, 2)) as $phrase) {
            $tasks = array_flip($phrases[$phrase]);
            $kept = array_intersect_key($keeps, $tasks) !== [];
            $keeps = $kept ? array_diff_key($keeps, $tasks) : $keeps + array_intersect_key($this->told, $tasks);
        }

        return $keeps;
    }

    /** A few phrases are taken out of the plan and put in again; the others stay where they are, if they can. */
    private function takenOut(Line $line, Plan $plan): Line
    {
        $phrases = $this->problem->groups($line->fine);
        $all = range(0, $phrases->count() - 1);
        $early = $this->early($plan, $line->fine);
        $phrase = match (true) {
            $this->dice->chance(0.4) => $this->dice->one(array_slice($early, 0, 2)),
            $this->dice->chance(0.6) => $this->dice->one($early),
            default => $this->dice->one($all),
        };
        $out = array_fill_keys($this->dice->chance(0.4) ? $this->family($phrase, $line->fine) : [$phrase], true);
        [$from, $until] = $this->span($phrase, $plan, $line->fine);
        $near = [];
        foreach ($all as $one) {
            [$a, $b] = $this->span($one, $plan, $line->fine);
            if (!isset($out[$one]) && $a < $until && $b > $from) {
                $near[] = $one;
            }
        }
        $out += array_fill_keys($this->dice->some($near, $this->dice->between(0, 4)), true);
        $keeps = $free = $rest = [];
        foreach ($line->order as $one) {
            if (isset($out[$one])) {
                $free[] = $one;
                continue;
            }
            foreach ($phrases->of[$one] as $task) {
                $keeps[$task] = $plan->start[$task];
            }
        }
        $free = $this->dice->chance(0.5) ? $this->dice->mixed($free) : $free;
        $rest = array_values(array_diff($this->orders->byEnd($plan->start, $line->fine), array_keys($out)));
        $at = match (true) {
            $this->dice->chance(0.5) => 0,
            $this->dice->chance(0.6) => count($rest),
            default => $this->dice->between(0, count($rest)),
        };
        $rings = [];
        foreach ($plan->rings as $stay => $ring) {
            if ($ring !== Problem::NONE && !$this->touches($stay, $out, $phrases)) {
                $rings[$stay] = $ring;
            }
        }

        return $line
            ->inOrder([...array_slice($rest, 0, $at), ...$free, ...array_slice($rest, $at)])
            ->onRings($rings)
            ->holding([])
            ->keeping($keeps);
    }

    /** @param array<int, true> $out */
    private function touches(int $stay, array $out, Phrases $phrases): bool
    {
        $held = $this->problem->stays[$stay];
        foreach ([...$held->from, ...$held->to] as $task) {
            if (isset($out[$phrases->holding[$task]])) {
                return true;
            }
        }

        return false;
    }

    /**
     * An early phrase, or its whole pot, gets its turn sooner.
     *
     * @return array<int, int>
     */
    private function sooner(Line $line, Plan $plan): array
    {
        $phrase = $this->dice->one($this->early($plan, $line->fine));
        $family = $this->dice->chance(0.5) ? $this->family($phrase, $line->fine) : [$phrase];

        return $this->ahead($line->order, $family);
    }

    /**
     * @param array<int, int> $order
     * @param array<int, int> $family
     *
     * @return array<int, int>
     */
    public function ahead(array $order, array $family): array
    {
        $first = (int) array_key_first(array_intersect($order, $family));
        $at = $first === 0 ? 0 : $this->dice->between(0, $first - 1);
        $rest = array_values(array_diff($order, $family));

        return [...array_slice($rest, 0, $at), ...array_values(array_intersect($order, $family)), ...array_slice($rest, $at)];
    }

    /**
     * One to three are taken out and put in anywhere.
     *
     * @param array<int, int> $order
     *
     * @return array<int, int>
     */
    public function scattered(array $order): array
    {
        foreach ($this->dice->some($order, $this->dice->between(1, 3)) as $phrase) {
            $order = array_values(array_diff($order, [$phrase]));
            array_splice($order, $this->dice->between(0, count($order)), 0, [$phrase]);
        }

        return $order;
    }

    /**
     * @param array<int, int> $order
     *
     * @return array<int, int>
     */
    private function swapped(array $order): array
    {
        [$a, $b] = [$this->dice->between(0, count($order) - 1), $this->dice->between(0, count($order) - 1)];
        [$order[$a], $order[$b]] = [$order[$b], $order[$a]];

        return $order;
    }

    /**
     * Where a plan can stretch, a task is held back: putting each as late as it can leaves no room after it. Or such holds are dropped.
     *
     * @param array<int, int> $caps
     *
     * @return array<int, int>
     */
    private function heldBack(array $caps, Plan $plan): array
    {
        $some = $caps !== [];
        if ($some && $this->dice->chance(0.4)) {
            foreach ($this->dice->some(array_keys($caps), $this->dice->between(1, min(2, count($caps)))) as $task) {
                unset($caps[$task]);
            }
        }
        if ($caps !== [] && $this->dice->chance(0.3)) {
            $task = $this->dice->one(array_keys($caps));
            $caps[$task] += $this->dice->between(1, 3);
        }
        for ($k = $some ? $this->dice->one([0, 1, 1, 2]) : 1; $k > 0 && $this->bends !== []; $k--) {
            $wider = $this->dice->chance(0.5) ? $this->widerGap($plan) : null;
            if ($wider !== null) {
                $caps[$wider[0]] = $wider[1];
                continue;
            }
            $task = $this->dice->one($this->bends);
            $caps[$task] = $this->dice->chance(0.5) && isset($this->next[$task])
                ? $this->room($task, $plan)
                : $plan->start[$task] - $this->dice->between(1, self::BACK);
        }

        return $caps;
    }

    /**
     * A gap between two times at which all hands are full is made just wide enough for a stretch of hands that did not fit: what ends
     * where it begins is held back.
     *
     * @return array{int, int}|null the task, and its latest start
     */
    private function widerGap(Plan $plan): ?array
    {
        $minutes = $this->problem->minutes;
        $count = [];
        foreach ($plan->start as $task => $start) {
            if ($this->problem->crewed[$task]) {
                $count[$start] = ($count[$start] ?? 0) + 1;
                $count[$start + $minutes[$task]] = ($count[$start + $minutes[$task]] ?? 0) - 1;
            }
        }
        ksort($count);
        [$busy, $most, $gaps, $opened] = [0, count($this->problem->away), [], null];
        foreach ($count as $minute => $change) {
            $was = $busy;
            $busy += $change;
            if ($was >= $most && $busy < $most) {
                $opened = $minute;
            } elseif ($was < $most && $busy >= $most && $opened !== null) {
                $gaps[] = [$opened, $minute];
            }
        }
        if ($gaps === []) {
            return null;
        }
        [$from, $until] = $this->dice->one($gaps);
        $lengths = array_values(array_filter($this->stretches, static fn(int $one): bool => $one > $until - $from));
        $ends = [];
        foreach ($plan->start as $task => $start) {
            if ($this->problem->crewed[$task] && $start + $minutes[$task] === $from && $this->problem->fixed[$task] === Problem::NONE) {
                $ends[] = $task;
            }
        }
        if ($lengths === [] || $ends === []) {
            return null;
        }
        $task = $this->dice->one($ends);

        return [$task, $plan->start[$task] - ($this->dice->one($lengths) - ($until - $from))];
    }

    /** The latest start of a task that leaves room after it for a stretch of hands of another pot. */
    private function room(int $task, Plan $plan): int
    {
        $next = PHP_INT_MAX;
        foreach ($this->next[$task] as $one) {
            $next = min($next, $plan->start[$one]);
        }

        return $next - $this->problem->minutes[$task] - $this->dice->one($this->stretches);
    }

    /**
     * @param array<int, int> $rings
     *
     * @return array<int, int>
     */
    public function otherRing(array $rings): array
    {
        if ($this->choices !== []) {
            $stay = $this->dice->one($this->choices);
            $rings[$stay] = $this->dice->one($this->problem->stays[$stay]->rings);
        }

        return $rings;
    }

    /** @return array<int, int> the quarter of the phrases that begin first */
    private function early(Plan $plan, bool $fine): array
    {
        $starts = [];
        foreach ($this->problem->groups($fine)->of as $g => $_) {
            $starts[$g] = $this->span($g, $plan, $fine)[0];
        }
        asort($starts);

        return array_slice(array_keys($starts), 0, max(1, intdiv(count($starts), 4)));
    }

    /** @return array{int, int} */
    private function span(int $phrase, Plan $plan, bool $fine): array
    {
        [$from, $until] = [PHP_INT_MAX, PHP_INT_MIN];
        foreach ($this->problem->groups($fine)->of[$phrase] as $task) {
            $from = min($from, $plan->start[$task]);
            $until = max($until, $plan->start[$task] + $this->problem->minutes[$task]);
        }

        return [$from, $until];
    }

    /** @return array<int, int> phrases of the same pot */
    public function family(int $phrase, bool $fine): array
    {
        $of = $this->problem->groups($fine)->of;
        $sauce = $this->problem->sauce[$of[$phrase][0]];

        return array_keys(array_filter($of, fn(array $tasks): bool => $this->problem->sauce[$tasks[0]] === $sauce));
    }

    /**
     * @param array<int, int> $then the task that follows each without a choice of when
     *
     * @return non-empty-array<int, int>
     */
    private function stretches(array $then): array
    {
        $lengths = [1 => true];
        $crewed = $this->problem->crewed;
        $led = array_flip(array_filter($then, static fn(int $task): bool => $crewed[$task]));
        foreach (array_keys(array_filter($crewed)) as $task) {
            if (isset($led[$task]) && $crewed[$led[$task]]) {
                continue;
            }
            $minutes = 0;
            for ($one = $task; $one !== null && $crewed[$one]; $one = $then[$one] ?? null) {
                $minutes += $this->problem->minutes[$one];
            }
            $lengths[$minutes] = true;
        }

        return array_keys($lengths);
    }
}
