<?php

declare(strict_types=1);

namespace Lento\Score\Search;

use Lento\Score\Budget;

/**
 * Looks for the best plan by changing one thing of a line at a time (iterated greedy over orders). Where a service is late whatever one
 * does, what is ready when comes from plans put in from the front.
 */
final class Search
{
    /** Plans tried after nothing better is possible, for what only settles a draw. */
    private const AFTER = 60;

    /** Idle steps after which one goes back to the best. */
    private const IDLE = 60;

    /** min that every sauce may be late where nothing else is found. */
    private const GRANTED_AT_LAST = 400;

    /** Plans tried in a dive without coming nearer. */
    private const DIVE = 25;

    public int $plans = 0;

    private readonly Dice $dice;

    private readonly Decoder $decoder;

    private readonly Orders $orders;

    private readonly Moves $moves;

    private ?Front $front = null;

    private ?Tried $best = null;

    /** @var (callable(Tried): bool)|null */
    private mixed $better = null;

    private bool $stopped = false;

    /** @var array<int, int> starts announced to the cooks */
    private array $told;

    /** @param array<int, int> $least clashes, late, held, moves, span that nothing can be better than */
    public function __construct(private readonly Problem $problem, int $seed, private readonly array $least)
    {
        $this->dice = new Dice($seed);
        $this->decoder = new Decoder($problem);
        $this->orders = new Orders($problem);
        $this->told = $this->told();
        $this->moves = new Moves($problem, $this->dice, $this->told);
    }

    public function steps(): int
    {
        return $this->decoder->steps + ($this->front?->steps() ?? 0);
    }

    public function best(): ?Tried
    {
        return $this->best;
    }

    /**
     * @param (callable(Tried): bool)|null $better told of each better plan; false ends the search
     * @param array<int, int>|null $starts of a plan to go on from; null to begin anew
     * @param array<int, int> $rings that its stays had
     */
    public function run(Budget $budget, ?callable $better = null, ?array $starts = null, array $rings = []): Tried
    {
        $this->better = $better;
        $known = $starts === null ? null : $this->asItWas($starts, $rings);
        $now = $this->begun($budget);
        $now = $known !== null && !$now->isBetterThan($known) ? $known : $now;
        [$idle, $met] = [0, null];
        while (!$this->stopped && $this->plans < $budget->plans && $this->steps() < $budget->steps) {
            if ($this->best?->meets($this->least) === true) {
                $met ??= $this->plans;
                if ($this->plans >= $met + self::AFTER) {
                    break;
                }
            }
            if ($now->late() > 0 && $now->isTimely() && $now->plan !== null && $this->dice->chance(0.12)) {
                $dived = $this->dive($now, $budget);
                if ($dived !== null && $this->accepts($now, $dived, $idle)) {
                    [$now, $idle] = [$dived, 0];
                }
                continue;
            }
            $front = $this->front !== null && $this->dice->chance(0.6);
            $next = $front ? $this->fromFront($this->front->next($now)) : $this->seen($this->moves->next($now));
            if ($next === null) {
                $idle++;
                continue;
            }
            if ($this->accepts($now, $next, $idle)) {
                $idle = $next->isBetterThan($now) ? 0 : $idle;
                $now = $next;
            } else {
                $idle++;
            }
            if ($idle > self::IDLE && $this->best !== null) {
                [$now, $idle] = [$this->dice->chance(0.5) ? $this->best : $this->afresh($this->best), 0];
            }
        }

        return $this->best ?? $now;
    }

    /**
     * @param array<int, int> $starts
     * @param array<int, int> $rings
     */
    private function asItWas(array $starts, array $rings): Tried
    {
        $granted = [];
        foreach ($this->problem->dues as $due) {
            $granted[] = max(0, $starts[$due->last] + $this->problem->minutes[$due->last] - $due->due);
        }

        return $this->seen(
            Line::of($this->orders->byEnd($starts), $granted)
                ->ofGrain(true, $this->orders->byEnd($starts, true))
                ->onRings($rings)
                ->keeping($starts),
        );
    }

    /** From any other order, the grants of the best. */
    private function afresh(Tried $best): Tried
    {
        $order = $this->dice->mixed(array_keys($this->problem->phrases->of));

        return $this->seen(Line::of($order, $best->line->granted)->keeping($this->dice->chance(0.5) ? $this->told : []));
    }

    /** What is worse is gone on from now and then, if it is not much worse in what weighs most of what differs. */
    private function accepts(Tried $now, Tried $next, int $idle): bool
    {
        if (!$now->isBetterThan($next)) {
            return true;
        }
        foreach ($next->value as $level => $value) {
            $worse = $value - $now->value[$level];
            if ($worse > 0) {
                return match ($level) {
                    0, 1 => false,
                    2, 3 => $worse <= 2 + intdiv($now->value[$level], 8) && $this->dice->chance(0.15),
                    4 => $worse <= 2 && $this->dice->chance(0.15),
                    5 => $worse <= ($idle < 20 ? 1 : 4) && $this->dice->chance(0.3),
                    default => $this->dice->chance(0.3),
                };
            }
            if ($worse < 0) {
                return true;
            }
        }

        return true;
    }

    private function seen(Line $line): Tried
    {
        $this->plans++;

        return $this->remembered(Tried::of($line, $this->decoder->decode($line), $this->problem));
    }

    /** The better of a plan from the front and of the same put in again from behind. */
    private function fromFront(?Tried $front): ?Tried
    {
        $this->plans++;
        if ($front === null) {
            return null;
        }
        $this->remembered($front);
        $keeps = $this->dice->chance(0.7) ? $this->told : [];
        $behind = $this->seen($front->line->keeping($keeps));

        return $behind->isBetterThan($front) ? $behind->behind($front->front ?? $front) : $front;
    }

    private function remembered(Tried $tried): Tried
    {
        if ($tried->isBetterThan($this->best)) {
            $this->best = $tried;
            $this->stopped = $this->stopped || ($this->better !== null && $tried->isTimely() && !($this->better)($tried));
        }

        return $tried;
    }

    /** What is to begin with: a few orders from behind; from the front too, if all of those would have had to begin before now. */
    private function begun(Budget $budget): Tried
    {
        $problem = $this->problem;
        $granted = $this->leastLate();
        $now = Tried::of(Line::of(array_keys($problem->phrases->of), $granted), null, $problem);
        foreach ($this->orders->fromBehind() as $order) {
            foreach ($this->told === [] ? [[]] : [$this->told, []] as $keeps) {
                $tried = $this->seen(Line::of($order, $granted)->keeping($keeps));
                $now = $tried->isBetterThan($now) ? $tried : $now;
            }
        }
        if (!$now->isTimely()) {
            $this->front = new Front($problem, $this->dice, $granted);
            foreach ($this->orders->fromTheFront() as $order) {
                $tried = $this->fromFront($this->front->inOrder($order));
                $now = $tried !== null && $tried->isBetterThan($now) ? $tried : $now;
            }
        }
        for ($k = 0; $k < 25 && !$now->isTimely() && $this->steps() < $budget->steps; $k++) {
            $line = $now->line->granting($this->granted($now));
            $raised = null;
            foreach ([null, ...array_slice($this->orders->fromBehind(), 0, 2)] as $order) {
                $tried = $this->seen(($order === null ? $line : $line->ofGrain(false, $order))->holding([]));
                $raised = $tried->isBetterThan($raised) ? $tried : $raised;
            }
            $now = $raised ?? $now;
        }

        return $this->best?->plan === null && $budget->patient ? $this->lastResort($now) : $this->best ?? $now;
    }

    /**
     * A kitchen that has far more to do than it can gets a plan all the same, however late, so that one sees what is too much: the first
     * that is found at any cost.
     */
    private function lastResort(Tried $now): Tried
    {
        $this->front ??= new Front($this->problem, $this->dice, $this->leastLate());
        $usual = $this->decoder->patience;
        foreach ([Decoder::PATIENT, $usual] as $patience) {
            $this->front->bear($patience);
            $this->decoder->patience = $patience;
            foreach ($patience === $usual ? [] : $this->orders->fromTheFront() as $order) {
                $now = $this->fromFront($this->front->inOrder($order)) ?? $now;
                if ($now->plan !== null) {
                    break;
                }
            }
            foreach ($patience === $usual ? [] : array_reverse($this->orders->fromBehind()) as $order) {
                $granted = array_fill(0, count($this->problem->dues), self::GRANTED_AT_LAST);
                $now = $now->plan === null ? $this->seen(Line::of($order, $granted)) : $now;
            }
        }

        return $now;
    }

    /**
     * Minutes each serving must be granted: by the past, now and the lags alone.
     *
     * @return array<int, int>
     */
    private function leastLate(): array
    {
        [$earliest] = $this->problem->windows(null, $this->problem->now);

        return array_map(
            fn(Due $due): int => max(0, $earliest[$due->last] + $this->problem->minutes[$due->last] - $due->due),
            $this->problem->dues,
        );
    }

    /**
     * Granted more, so that nothing begins before now: the sauces behind what does are put off.
     *
     * @return array<int, int>
     */
    private function granted(Tried $from): array
    {
        $granted = [];
        foreach ($this->problem->dues as $s => $due) {
            $more = $from->plan === null ? 5 : 0;
            foreach ($this->problem->net->before[$due->last] + [$due->last => 0] as $task => $_) {
                if ($from->plan !== null && $this->problem->fixed[$task] === Problem::NONE) {
                    $more = max($more, $this->problem->now - $from->plan->start[$task]);
                }
            }
            $granted[] = $from->line->granted[$s] + $more;
        }

        return $granted;
    }

    /**
     * Grants less lateness than the plan has, and looks for an order in which nothing need begin before now. What is left over at the end
     * is granted again to the sauces it belongs to.
     */
    private function dive(Tried $now, Budget $budget): ?Tried
    {
        $granted = $this->lessLate($now);
        if ($granted === null) {
            return null;
        }
        $line = $now->line->granting($granted);
        $least = $at = $this->seen($this->told !== [] && $this->dice->chance(0.5) ? $line->keeping([]) : $line);
        for ($idle = 0; $idle < self::DIVE && $at->plan !== null; $idle++) {
            if ($at->isTimely()) {
                return $at;
            }
            if ($this->plans >= $budget->plans || $this->steps() >= $budget->steps) {
                return null;
            }
            $next = $this->seen($this->towardsNow($at, $granted));
            if ($next->plan === null) {
                continue;
            }
            if ($next->isBetterThan($least)) {
                $idle = array_slice($next->value, 0, 2) < array_slice($least->value, 0, 2) ? 0 : $idle;
                $least = $next;
            }
            $worse = $next->value[0] - $at->value[0];
            if ($worse <= 0 || ($worse <= 4 && $this->dice->chance(0.15))) {
                $at = $next;
            }
        }
        if ($least->plan === null) {
            return null;
        }
        $raised = $this->seen($least->line->granting($this->granted($least)));

        return $raised->isTimely() ? $raised : null;
    }

    /**
     * Less lateness than this in all, over a few sauces by chance.
     *
     * @param array<int, int> $granted at the least
     *
     * @return array<int, int>
     */
    private function spreadLateness(int $late, array $granted): array
    {
        $left = (int) floor($late * (0.3 + 0.65 * $this->dice->share()));
        foreach ($granted as $s => $minutes) {
            $left -= $minutes * $this->problem->dues[$s]->service->weight;
        }
        foreach ($this->dice->some(array_keys($granted), $this->dice->between(1, count($granted))) as $s) {
            $weight = $this->problem->dues[$s]->service->weight;
            if ($left >= $weight) {
                $more = $this->dice->between(0, intdiv($left, $weight));
                $granted[$s] += $more;
                $left -= $more * $weight;
            }
        }

        return $granted;
    }

    /** @return array<int, int>|null null if nothing can be less late */
    private function lessLate(Tried $now): ?array
    {
        $plan = $now->plan;
        if ($plan === null) {
            return null;
        }
        $least = $this->leastLate();
        $granted = $late = [];
        foreach ($this->problem->dues as $s => $due) {
            $granted[] = max($least[$s], $plan->start[$due->last] + $this->problem->minutes[$due->last] - $due->due, 0);
            if ($granted[$s] > $least[$s]) {
                $late[] = $s;
            }
        }
        if ($late === []) {
            return null;
        }
        $draw = $this->dice->share();
        if ($draw < 0.4) {
            return $this->spreadLateness($now->late(), $least);
        }
        if ($draw < 0.64) {
            $share = $this->dice->one([0.0, 0.3, 0.6, 0.8, 0.9]);
            foreach ($late as $s) {
                $granted[$s] = max($least[$s], (int) floor($share * $granted[$s]));
            }

            return $granted;
        }
        $weight = fn(int $s): int => $this->problem->dues[$s]->service->weight;
        $one = $this->dice->one($late);
        $cut = min($granted[$one] - $least[$one], $this->dice->one([1, 2, 4, 8, 16, $granted[$one]]));
        $granted[$one] -= $cut;
        if ($this->dice->chance(0.5)) {
            $other = $this->dice->between(0, count($granted) - 1);
            if ($other !== $one) {
                $granted[$other] += $this->dice->between(1, max(1, intdiv(($cut - 1) * $weight($one), $weight($other))));
            }
        }

        return array_values($granted);
    }

    /**
     * What begins before now gets its turn sooner; or anything else is changed but what is granted.
     *
     * @param array<int, int> $granted
     */
    private function towardsNow(Tried $at, array $granted): Line
    {
        $early = [];
        foreach ($at->plan->start ?? [] as $task => $start) {
            if ($start < $this->problem->now && $this->problem->fixed[$task] === Problem::NONE) {
                $early[$this->problem->groups($at->line->fine)->holding[$task]] = true;
            }
        }
        if ($early !== [] && $this->dice->chance(0.35)) {
            $phrase = $this->dice->one(array_keys($early));

            return $at->line->inOrder($this->moves->ahead(
                $at->line->order,
                $this->dice->chance(0.5) ? $this->moves->family($phrase, $at->line->fine) : [$phrase],
            ));
        }
        $none = array_fill(0, count($granted), 0);

        return $this->moves->next(Tried::of($at->line->granting($none), $at->plan, $this->problem))->granting($granted);
    }

    /** @return array<int, int> */
    private function told(): array
    {
        $told = [];
        foreach ($this->problem->announced as $task => $start) {
            if ($start !== Problem::NONE) {
                $told[$task] = $start;
            }
        }

        return $told;
    }
}
