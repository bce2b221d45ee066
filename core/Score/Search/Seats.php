<?php

declare(strict_types=1);

namespace Lento\Score\Search;

/**
 * Who looks at which pot when: a matching of visits to minutes in which somebody has a hand free. Starts and cooks given, it is exact.
 *
 * A visit is known by its number: that of its task, and its place among the task's. Each minute has room for as many as there are cooks
 * present who have not both hands full; a visit that finds no room pushes another on to a minute of its own window, and so on.
 */
final class Seats
{
    /** @var array<int, int> room in each minute */
    private array $room;

    /** @var array<int, array<int, true>> visits seated in each minute */
    private array $seated = [];

    /** @var array<int, int> minute of each visit that is seated */
    private array $minuteOf = [];

    /** @var array<int, array{int, int}> first and last minute of each visit that is asked for now */
    private array $window = [];

    /** @var array<int, true> minutes that were tried in one search */
    private array $tried = [];

    /** @var list<array{int, int}> what was moved since the last mark: visit, and the minute it had or NONE */
    private array $log = [];

    /** @param array<int, int> $room */
    public function __construct(array $room)
    {
        $this->room = $room;
    }

    public function mark(): void
    {
        $this->log = [];
    }

    /** Everything as it was at the mark, but for the room. */
    public function back(): void
    {
        foreach (array_reverse($this->log) as [$visit, $minute]) {
            $this->put($visit, $minute);
        }
        $this->log = [];
    }

    /**
     * A hand less from one minute up to another.
     *
     * @return array<int, int> visits that this turns out
     */
    public function less(int $from, int $until): array
    {
        $out = [];
        for ($m = $from; $m < $until; $m++) {
            $room = --$this->room[$m];
            if (isset($this->seated[$m]) && count($this->seated[$m]) > $room) {
                $visit = (int) array_key_last($this->seated[$m]);
                $this->put($visit, Problem::NONE);
                $out[] = $visit;
            }
        }

        return $out;
    }

    public function more(int $from, int $until): void
    {
        for ($m = $from; $m < $until; $m++) {
            $this->room[$m]++;
        }
    }

    /** Asks for a visit within these minutes. */
    public function ask(int $visit, int $from, int $to): void
    {
        $this->window[$visit] = [$from, $to];
    }

    /** Asks for it no longer. */
    public function drop(int $visit): void
    {
        if (isset($this->minuteOf[$visit])) {
            $this->put($visit, Problem::NONE);
        }
        unset($this->window[$visit]);
    }

    /** Finds it a minute, if there is any. */
    public function seat(int $visit): bool
    {
        $this->tried = [];

        return $this->find($visit);
    }

    /** @return array<int, int> minute of each visit */
    public function minutes(): array
    {
        return $this->minuteOf;
    }

    public function isSeated(int $visit): bool
    {
        return isset($this->minuteOf[$visit]);
    }

    private function find(int $visit): bool
    {
        [$from, $to] = $this->window[$visit];
        for ($m = $from; $m <= $to; $m++) {
            if (count($this->seated[$m] ?? []) < $this->room[$m]) {
                $this->put($visit, $m);

                return true;
            }
        }
        for ($m = $from; $m <= $to; $m++) {
            if (isset($this->tried[$m]) || $this->room[$m] <= 0) {
                continue;
            }
            $this->tried[$m] = true;
            foreach ($this->seated[$m] ?? [] as $other => $_) {
                // It goes to another minute of its own: its place is free.
                if ($this->find($other)) {
                    $this->put($visit, $m);

                    return true;
                }
            }
        }

        return false;
    }

    private function put(int $visit, int $minute): void
    {
        $old = $this->minuteOf[$visit] ?? Problem::NONE;
        $this->log[] = [$visit, $old];
        if ($old !== Problem::NONE) {
            unset($this->seated[$old][$visit]);
        }
        if ($minute === Problem::NONE) {
            unset($this->minuteOf[$visit]);
        } else {
            $this->seated[$minute][$visit] = true;
            $this->minuteOf[$visit] = $minute;
        }
    }
}
