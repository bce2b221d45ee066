<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Closure;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Quantity\Temperature;

/**
 * The acts of a sauce in their order. Everything else is read from them: the sheet, the steps at the stove, what a rescue may still do.
 *
 * Immutable: each change gives another.
 */
final readonly class Procedure
{
    public const MOST_ACTS = 60;

    /** @param list<Act> $acts */
    private function __construct(public array $acts) {}

    /** @throws OutOfRange if there are too many */
    public static function of(Act ...$acts): self
    {
        return count($acts) > self::MOST_ACTS
            ? throw OutOfRange::between('number-of-acts', (float) count($acts), 0.0, (float) self::MOST_ACTS, '')
            : new self(array_values($acts));
    }

    /** @return list<Dose> all that goes in, in the order of the work, the fat that a second pan takes of the roux's aside */
    public function doses(): array
    {
        return array_values(array_filter(
            array_merge(...array_map(static fn(Act $act): array => $act->doses, $this->acts)),
            static fn(Dose $dose): bool => !$dose->isItsFat(),
        ));
    }

    public function has(ActKind ...$kinds): bool
    {
        return $this->first(...$kinds) !== null;
    }

    /** @return int|null at which place the first of these stands */
    public function first(ActKind ...$kinds): ?int
    {
        foreach ($this->acts as $at => $act) {
            if (in_array($act->kind, $kinds, true)) {
                return $at;
            }
        }

        return null;
    }

    /** @return int|null at which place the last of these stands */
    public function last(ActKind ...$kinds): ?int
    {
        $last = null;
        foreach ($this->acts as $at => $act) {
            $last = in_array($act->kind, $kinds, true) ? $at : $last;
        }

        return $last;
    }

    /** @param Closure(Act): ?Act $change null leaves the act out */
    public function each(Closure $change): self
    {
        return self::of(...array_values(array_filter(array_map($change, $this->acts))));
    }

    /** The same without acts that have nothing left to do. */
    public function tidied(): self
    {
        return $this->each(static fn(Act $act): ?Act => $act->isIdle() ? null : $act);
    }

    /** @throws OutOfRange if there is no such place */
    public function adding(Act $act, int $at): self
    {
        OutOfRange::refuse('place-in-the-procedure', (float) $at, 0.0, (float) count($this->acts), '');

        return self::of(...array_slice($this->acts, 0, $at), ...[$act], ...array_slice($this->acts, $at));
    }

    /** @throws OutOfRange if there is no such place */
    public function without(int $at): self
    {
        $this->refusePlace($at);

        return self::of(...array_slice($this->acts, 0, $at), ...array_slice($this->acts, $at + 1));
    }

    /** @throws OutOfRange if there is no such place */
    public function moving(int $from, int $to): self
    {
        $this->refusePlace($from);
        $this->refusePlace($to);

        return $this->without($from)->adding($this->acts[$from], $to);
    }

    /** @throws OutOfRange if there is no such place */
    public function replacing(int $at, Act $act): self
    {
        $this->refusePlace($at);

        return $this->without($at)->adding($act, $at);
    }

    /**
     * With other amounts of what goes in.
     *
     * @param array<string, float> $perLitre by ingredient, in the dose's own measure; 0 leaves it out
     *
     * @throws OutOfRange if an amount is out of all reason
     * @throws Unknown if nothing of that name goes in
     */
    public function having(array $perLitre, string $of): self
    {
        $known = array_map(static fn(Dose $dose): string => $dose->ingredient, $this->doses());
        foreach (array_diff(array_keys($perLitre), $known) as $name) {
            throw Unknown::name($of, $name);
        }

        return $this->each(static fn(Act $act): Act => $act->with(array_map(
            static fn(Dose $dose): Dose => isset($perLitre[$dose->ingredient]) ? $dose->of($perLitre[$dose->ingredient]) : $dose,
            $act->doses,
        )));
    }

    /** The limit that the sauce keeps once all is done: the strictest of all that went in. */
    public function limit(): ?Temperature
    {
        $least = null;
        foreach ($this->acts as $act) {
            $least = $act->atMost !== null && ($least === null || $act->atMost->kelvin < $least->kelvin) ? $act->atMost : $least;
        }

        return $least;
    }

    /**
     * The same, where nothing boils after what has a limit.
     *
     * @throws NotReachable if something would
     */
    public function keepingItsLimits(): self
    {
        $limit = null;
        foreach ($this->acts as $act) {
            $boils = $act->kind->boils() && $act->vessel === Vessel::Pan;
            if ($limit !== null && ($boils || $act->to !== null && $act->to->kelvin > $limit->kelvin + 1e-9)) {
                throw NotReachable::target('boiling-after-a-limit', sprintf('%.0F', $limit->inCelsius()));
            }
            $limit = $act->atMost !== null && ($limit === null || $act->atMost->kelvin < $limit->kelvin) ? $act->atMost : $limit;
        }

        return $this;
    }

    /** Whether it may boil again once it is made. */
    public function mayBoil(): bool
    {
        return array_filter($this->acts, static fn(Act $act): bool => $act->kind->finishes() || $act->atMost !== null) === [];
    }

    private function refusePlace(int $at): void
    {
        OutOfRange::refuse('place-in-the-procedure', (float) $at, 0.0, (float) count($this->acts) - 1.0, '');
    }
}
