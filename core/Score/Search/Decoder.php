<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/**
 * One plan from one order of the phrases: each task as late as it can, latest first (backward serial generation). Where one finds no place,
 * what was placed before it and is to blame is taken out again and asked to go earlier; such limits only fall, so it ends.
 */
final class Decoder
{
    /** How often the order is changed because a phrase found no place. */
    private const ORDERS = 7;
    private const FINE_ORDERS = 2;

    /** Placings that one plan may cost, by the task: what needs more is mostly mended in vain. */
    public const PATIENT = 1200;
    private const USUAL = 200;
    private const STEPS_MORE = 10;

    public int $patience = self::USUAL;

    /** How many placings have been tried, over all plans: what a budget counts besides plans. */
    public int $steps = 0;

    /** The count of placings at which this plan is given up. */
    private int $until = 0;

    private Crew $crew;

    private Seats $seats;

    private Places $places;

    /** @var array<int, int> start of each task, NONE if it is not placed */
    private array $start = [];

    /** @var array<int, int> */
    private array $firstVisit;

    /** @var array<int, int> room for visits in each minute, before anybody has hands on */
    private array $present;

    /** @var array<int, true> visits that nobody makes */
    private array $missed = [];

    private ?Blocked $blocked = null;

    /** Whether cooks and places agreed on the minute last found. */
    private bool $agreed = false;

    public function __construct(private readonly Problem $problem)
    {
        $first = 0;
        $firsts = [];
        foreach ($problem->windows as $rows) {
            $firsts[] = $first;
            $first += count($rows);
        }
        $this->firstVisit = $firsts;
        $present = array_fill(0, $problem->length, count($problem->away));
        foreach ($problem->away as $rows) {
            foreach ($rows as [$from, $until]) {
                for ($m = $from; $m < $until; $m++) {
                    $present[$m]--;
                }
            }
        }
        $this->present = $present;
    }

    public function decode(Line $line): ?Plan
    {
        $problem = $this->problem;
        [$earliest, $latest] = $problem->windows($line->granted, 0, $line->held);
        $order = $line->order;
        $this->until = $this->steps + $this->patience * ($problem->tasks + self::STEPS_MORE);
        for ($try = 0; $try < ($line->fine ? self::FINE_ORDERS : self::ORDERS); $try++) {
            $this->clear($line->rings);
            $failed = $this->place($order, $earliest, $latest, $line);
            if ($failed === Problem::NONE) {
                return $this->plan();
            }
            $before = $order;
            $order = $this->sooner($order, $failed, $line->fine);
            if ($order === $before) {
                break;
            }
        }

        return null;
    }

    /** @param array<int, int> $rings */
    private function clear(array $rings): void
    {
        $this->crew = new Crew($this->problem);
        $this->seats = new Seats($this->present);
        $this->places = new Places($this->problem, $rings);
        $this->start = array_fill(0, $this->problem->tasks, Problem::NONE);
        $this->missed = [];
    }

    /**
     * The phrase of this task, and what comes after it, go in first.
     *
     * @param array<int, int> $order
     *
     * @return array<int, int>
     */
    private function sooner(array $order, int $task, bool $fine): array
    {
        $phrases = $this->problem->groups($fine);
        $up = [$phrases->holding[$task] => true];
        $open = array_keys($up);
        while ($open !== []) {
            foreach ($phrases->after[array_pop($open)] as $next => $_) {
                if (!isset($up[$next])) {
                    $up[$next] = true;
                    $open[] = $next;
                }
            }
        }
        $first = $rest = [];
        foreach ($order as $phrase) {
            if (isset($up[$phrase])) {
                $first[] = $phrase;
            } else {
                $rest[] = $phrase;
            }
        }

        return [...$first, ...$rest];
    }

    /**
     * @param array<int, int> $order
     *
     * @return array<int, int> tasks to place, in turn: a phrase only after all that come after it, its last task first
     */
    private function turns(array $order, bool $fine): array
    {
        $phrases = $this->problem->groups($fine);
        $wait = array_map(count(...), $phrases->after);
        $turns = [];
        $left = $order;
        while ($left !== []) {
            $later = [];
            $taken = false;
            foreach ($left as $k => $phrase) {
                if ($wait[$phrase] > 0) {
                    $later[] = $phrase;
                    continue;
                }
                foreach (array_reverse($phrases->of[$phrase]) as $task) {
                    if ($this->problem->fixed[$task] === Problem::NONE) {
                        $turns[] = $task;
                    }
                }
                foreach ($phrases->before[$phrase] as $prior => $_) {
                    $wait[$prior]--;
                }
                $taken = true;
                // The list is begun anew: what this one let go may stand before it.
                if ($later !== []) {
                    $left = [...$later, ...array_slice($left, $k + 1)];
                    continue 2;
                }
            }
            $left = $taken ? $later : [];
        }

        return $turns;
    }

    /**
     * @param array<int, int> $order
     * @param array<int, int> $earliest
     * @param array<int, int> $latest
     *
     * @return int the task that found no place, or NONE
     */
    private function place(array $order, array $earliest, array $latest, Line $line): int
    {
        $problem = $this->problem;
        $failed = $this->placeFixed();
        if ($failed !== Problem::NONE) {
            return $failed;
        }
        $turns = $this->turns($order, $line->fine);
        $at = array_flip($turns);
        $caps = $line->caps;
        $first = $earliest;
        // What was known before each turn, so that one can go back to it.
        $known = [[$earliest, $latest]];
        $soft = [];
        $tries = 0;
        // An order of units comes from a plan that is close to it: where it needs much mending it is not worth it.
        $limit = $line->fine ? intdiv(3 * $problem->tasks, 10) + 10 : 6 * $problem->tasks + 60;
        $count = count($turns);
        for ($turn = 0; $turn < $count;) {
            $task = $turns[$turn];
            [$es, $ls] = $known[$turn];
            $least = $es[$task];
            $most = min($ls[$task], $caps[$task] ?? PHP_INT_MAX);
            $start = Problem::NONE;
            $this->blocked = null;
            if ($most >= $least) {
                $keep = $line->keeps[$task] ?? Problem::NONE;
                if ($keep >= $least && $keep <= $most) {
                    $start = $this->latest($task, $keep, $keep, false);
                }
                if ($start === Problem::NONE) {
                    $start = $this->latest($task, $least, $most, isset($soft[$task]));
                }
            }
            if ($start !== Problem::NONE) {
                foreach ($problem->net->after[$task] as $other => $on) {
                    if ($start + $on > $es[$other]) {
                        $es[$other] = $start + $on;
                    }
                }
                foreach ($problem->net->before[$task] as $other => $on) {
                    if ($start - $on < $ls[$other]) {
                        $ls[$other] = $start - $on;
                    }
                }
                $known[++$turn] = [$es, $ls];
                continue;
            }
            if (++$tries > $limit || $this->steps > $this->until) {
                return $task;
            }
            [$blamed, $cap] = $this->blame($task, $least, $most, $first[$task], array_slice($turns, 0, $turn));
            if ($blamed === Problem::NONE || $cap < $first[$blamed]) {
                if (isset($soft[$task])) {
                    return $task;
                }
                $soft[$task] = true;
                continue;
            }
            $caps[$blamed] = min($caps[$blamed] ?? PHP_INT_MAX, $cap);
            for ($back = $turn - 1; $back >= $at[$blamed]; $back--) {
                $this->unplace($turns[$back]);
            }
            $turn = $at[$blamed];
        }

        return Problem::NONE;
    }

    /** What has begun or was set by hand; a pot that stands on its ring first. */
    private function placeFixed(): int
    {
        $problem = $this->problem;
        $rows = [];
        foreach ($problem->fixed as $task => $start) {
            if ($start !== Problem::NONE) {
                $rings = [99];
                foreach ($problem->staysOf[$task] as $stay) {
                    if ($problem->stays[$stay]->spot->store === null) {
                        $rings[] = count($problem->stays[$stay]->rings);
                    }
                }
                $rows[] = [min($rings), $task];
            }
        }
        sort($rows);
        foreach ($rows as [, $task]) {
            $start = $problem->fixed[$task];
            if ($this->latest($task, $start, $start, false) === Problem::NONE
                && $this->latest($task, $start, $start, true) === Problem::NONE) {
                return $task;
            }
        }

        return Problem::NONE;
    }

    /**
     * Who is to blame that a task finds no place, and from when on he must start at the latest.
     *
     * @param array<int, int> $placed tasks placed before it
     *
     * @return array{int, int}
     */
    private function blame(int $task, int $least, int $most, int $first, array $placed): array
    {
        $problem = $this->problem;
        if ($this->blocked !== null) {
            $held = $problem->stays[$this->blocked->stay];
            [$last, $end] = [Problem::NONE, PHP_INT_MIN];
            foreach ($held->to as $one) {
                $at = $this->start[$one];
                $movable = $at !== Problem::NONE && $problem->fixed[$one] === Problem::NONE && $one !== $task;
                if ($movable && $at + $problem->minutes[$one] > $end) {
                    [$last, $end] = [$one, $at + $problem->minutes[$one]];
                }
            }
            if ($last !== Problem::NONE) {
                $cap = $this->start[$last] - 1;
                $free = $this->blocked->minute;

                return [$last, $free === Problem::NONE ? $cap : min($cap, $free - $problem->minutes[$last])];
            }
        }
        [$blamed, $most1] = [Problem::NONE, PHP_INT_MIN];
        $before = $problem->net->before[$task];
        foreach ($placed as $one) {
            if (isset($before[$one]) && $this->start[$one] + $before[$one] > $most1) {
                [$blamed, $most1] = [$one, $this->start[$one] + $before[$one]];
            }
        }
        if ($blamed === Problem::NONE || $most1 < $least) {
            return [Problem::NONE, 0];
        }
        $cap = $this->start[$blamed] - 1;
        $place = $this->dryLatest($task, $first, min($most, $least - 1));

        return [$blamed, $place === Problem::NONE ? $cap : min($cap, $place - $before[$blamed])];
    }

    /**
     * The latest start that everything placed so far allows; places the task there.
     */
    private function latest(int $task, int $least, int $most, bool $soft): int
    {
        $start = $most;
        while ($start >= $least && $this->steps <= $this->until) {
            $this->steps++;
            $rings = [];
            $at = $this->fits($task, $start, $least, $rings);
            if ($at === Problem::NONE) {
                return Problem::NONE;
            }
            $start = $at;
            if (!$this->agreed) {
                continue;
            }
            if ($this->put($task, $start, $this->crew->found, $rings, $soft)) {
                return $start;
            }
            $start--;
        }

        return Problem::NONE;
    }

    /** The same, visits not looked at and nothing placed. */
    private function dryLatest(int $task, int $least, int $most): int
    {
        $start = $most;
        while ($start >= $least && $this->steps <= $this->until) {
            $this->steps++;
            $rings = [];
            $at = $this->fits($task, $start, $least, $rings);
            if ($at === Problem::NONE || $this->agreed) {
                return $at;
            }
            $start = $at;
        }

        return Problem::NONE;
    }

    /**
     * The latest minute up to this one that cooks allow, where places agree; an earlier one to ask next where they do not;
     * NONE if none does.
     *
     * @param array<int, int> $rings of the stays it begins or ends
     */
    private function fits(int $task, int $start, int $least, array &$rings): int
    {
        $this->agreed = false;
        $at = $this->crew->latest($task, $start, $least);
        if ($at === Problem::NONE) {
            return Problem::NONE;
        }
        foreach ($this->problem->staysOf[$task] as $stay) {
            $this->places->ask();
            $next = $this->places->latest($stay, $task, $at);
            if ($next === Problem::NONE) {
                $this->blocked = $this->places->blocked();

                return Problem::NONE;
            }
            if ($next < $at) {
                return $next;
            }
            $rings[$stay] = $this->places->ring;
        }
        $this->agreed = true;

        return $at;
    }

    /** @param array<int, int> $rings */
    private function put(int $task, int $start, int $cook, array $rings, bool $soft): bool
    {
        $problem = $this->problem;
        [$from, $until] = $this->worked($task, $start);
        $this->seats->mark();
        $asked = [];
        if ($problem->hands[$task]) {
            $asked = $this->seats->less($from, $until);
        }
        $visit = $this->firstVisit[$task];
        foreach ($problem->windows[$task] as [$a, $b]) {
            [$a, $b] = [$start + $a, $start + $b];
            if ($problem->fixed[$task] !== Problem::NONE) {
                [$a, $b] = [max($a, $problem->floor), min($b, $problem->ceiling - 1)];
            }
            $this->seats->ask($visit, $a, $b);
            $asked[] = $visit++;
        }
        foreach ($asked as $one) {
            if ($this->seats->seat($one)) {
                continue;
            }
            if ($soft) {
                $this->missed[$one] = true;
                continue;
            }
            $this->seats->back();
            for ($own = $this->firstVisit[$task]; $own < $visit; $own++) {
                $this->seats->drop($own);
            }
            if ($problem->hands[$task]) {
                $this->seats->more($from, $until);
            }

            return false;
        }
        $this->start[$task] = $start;
        $this->places->put($task, $start);
        if ($problem->crewed[$task]) {
            $this->crew->take($task, $cook, $from, $until);
        }
        foreach ($problem->staysOf[$task] as $stay) {
            $this->places->settle($stay, $rings[$stay]);
        }

        return true;
    }

    private function unplace(int $task): void
    {
        $problem = $this->problem;
        [$from, $until] = $this->worked($task, $this->start[$task]);
        foreach ($problem->windows[$task] as $k => $_) {
            $visit = $this->firstVisit[$task] + $k;
            $this->seats->drop($visit);
            unset($this->missed[$visit]);
        }
        if ($problem->crewed[$task]) {
            $this->crew->leave($task, $from, $until);
        }
        if ($problem->hands[$task]) {
            $this->seats->more($from, $until);
        }
        $this->start[$task] = Problem::NONE;
        $this->places->put($task, Problem::NONE);
        foreach ($problem->staysOf[$task] as $stay) {
            $this->places->settle($stay, $this->places->ringOf($stay));
        }
    }

    /** @return array{int, int} from when until when a cook is at it; what has begun, from now on */
    private function worked(int $task, int $start): array
    {
        $problem = $this->problem;
        $until = $start + $problem->minutes[$task];
        if ($problem->fixed[$task] === Problem::NONE) {
            return [$start, $until];
        }

        return [max($start, $problem->floor), min($until, $problem->ceiling)];
    }

    private function plan(): Plan
    {
        foreach ($this->missed as $visit => $_) {
            if ($this->seats->isSeated($visit) || $this->seats->seat($visit)) {
                unset($this->missed[$visit]);
            }
        }

        return new Plan($this->start, $this->places->rings(), $this->crew->given(), $this->seats->minutes(), count($this->missed));
    }
}
