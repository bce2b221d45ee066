<?php

declare(strict_types=1);

namespace Lento\Score;

/** One pot as tasks in their order, what it stands in and on, and at which of them another pot is ladled into it. */
final readonly class PotLine
{
    public const OVEN = 'oven';

    public const HOT_WELL = 'hot-well';

    /** Before the width, mm. */
    public const PANS = 'pan-';

    /** °C of an oven that browns a roux, where a plan says none. */
    private const OVEN_AT = 160;

    /** mm: what a pan beside needs of a ring. */
    private const BESIDE = 200;

    /**
     * @param list<Task> $tasks
     * @param array<string, list<string>> $steps by task
     * @param list<Lag> $lags
     * @param string $last task after which it is ready
     * @param string $joinsAt the first task that wants what it is made of
     * @param list<array{string, Phase|null, bool}> $main task, what it is, and whether it is beside
     */
    private function __construct(
        private Part $part,
        public array $tasks,
        public array $steps,
        public array $lags,
        public string $last,
        public string $joinsAt,
        private array $main,
        public int $panWidth,
        public Stay $inPan,
    ) {}

    /** @param Band|null $reheat of what stood in the cold; null where nothing did */
    public static function of(Part $part, bool $known, ?Band $reheat): self
    {
        $tasks = $steps = $lags = $rows = [];
        $seen = [];
        foreach (Phase::of($part->plan->steps) as $phase) {
            if ($phase->figure === Figure::Ladle && $reheat !== null) {
                $rows[] = [self::name($part, Figure::Reheat, $seen), null, false];
                $tasks[] = new Task(
                    $rows[count($rows) - 1][0],
                    $part->id,
                    Figure::Reheat->value,
                    $reheat,
                    new Asks(Attention::Watch),
                    new Progress(),
                );
            }
            $name = self::name($part, $phase->figure, $seen);
            $rows[] = [$name, $phase, $phase->figure->isBeside()];
            $tasks[] = new Task($name, $part->id, $phase->figure->value, $phase->minutes(), $phase->asks($known), new Progress());
            $steps[$name] = array_map(static fn(object $step): string => $step->id, $phase->steps);
        }
        if ($rows === []) {
            $name = self::name($part, Figure::Finish, $seen);
            $rows[] = [$name, null, false];
            $tasks[] = new Task($name, $part->id, Figure::Finish->value, Band::exactly(1), new Asks(Attention::Hands), new Progress());
        }
        $main = array_values(array_filter($rows, static fn(array $row): bool => !$row[2]));
        $main = $main === [] ? $rows : $main;
        $inPan = array_values(array_filter($main, static fn(array $row): bool => $row[1]?->figure !== Figure::SetOut));
        $inPan = $inPan === [] ? $main : $inPan;
        $last = $inPan[count($inPan) - 1][0];
        $width = (int) round($part->plan->cooking?->place->pan->diameter->inMillimetres() ?? 0.0);

        return new self(
            $part,
            $tasks,
            $steps,
            [...self::lane($main), ...self::beside($rows, $main)],
            $last,
            self::joins($inPan),
            $rows,
            $width,
            new Stay($part->id . ':pan', $inPan[0][0], [$last], self::PANS . $width, new Wants()),
        );
    }

    /** @return list<Stay> rings, oven and pan */
    public function stays(int $power): array
    {
        $stays = [$this->inPan];
        $on = null;
        $number = 0;
        foreach ($this->main as [$task, $phase, $beside]) {
            $figure = $phase->figure ?? Figure::Reheat;
            if ($beside) {
                continue;
            }
            if ($figure === Figure::Bake) {
                $at = (int) round($phase?->steps[0]->conditions->at?->inCelsius() ?? self::OVEN_AT);
                $stays[] = new Stay($this->part->id . ':oven', $task, [$task], self::OVEN, new Wants(at: $at));
                $on = null;
                continue;
            }
            if (!$figure->isOnTheRing() || $phase?->endsOffTheRing() === true) {
                continue;
            }
            if ($on === null) {
                $number++;
                $on = count($stays);
                $stays[] = new Stay($this->ring($number), $task, [$task], null, new Wants($this->panWidth, $power));
            } else {
                $stays[$on] = new Stay($stays[$on]->id, $stays[$on]->from, [$task], null, $stays[$on]->wants);
            }
        }

        return [...$stays, ...$this->besideOnRings()];
    }

    /**
     * Where it is kept hot once it is ready: until it is served, and until all is ladled off.
     *
     * @param list<string> $ladled tasks that ladle it off
     *
     * @return list<Stay>
     */
    public function kept(array $ladled, bool $served): array
    {
        $stays = [];
        if ($served && ($this->part->service->holdMax ?? 0) > 0) {
            $stays[] = new Stay($this->part->id . ':kept', $this->last, null, self::HOT_WELL, new Wants(), true);
        }
        if ($ladled !== []) {
            $stays[] = new Stay($this->part->id . ':ladled', $this->last, $ladled, self::HOT_WELL, new Wants(), true);
        }

        return $stays;
    }

    /** @return list<Stay> a pan beside, from the first thing done in it to the last */
    private function besideOnRings(): array
    {
        $stays = [];
        foreach ($this->main as [$task, $phase, $beside]) {
            if (!$beside || $phase === null) {
                continue;
            }
            $id = $this->part->id . ':' . ($phase->figure === Figure::Apart ? 'apart' : 'liquid');
            $stays[$id] = new Stay($id, isset($stays[$id]) ? $stays[$id]->from : $task, [$task], null, new Wants(self::BESIDE, 1));
        }

        return array_values($stays);
    }

    private function ring(int $number): string
    {
        return $this->part->id . ':ring' . ($number === 1 ? '' : '-' . $number);
    }

    /** @param array<string, int> $seen */
    private static function name(Part $part, Figure $figure, array &$seen): string
    {
        $number = $seen[$figure->value] = ($seen[$figure->value] ?? 0) + 1;

        return $part->id . '/' . $figure->value . ($number === 1 ? '' : '-' . $number);
    }

    /**
     * @param list<array{string, Phase|null, bool}> $main
     *
     * @return list<Lag>
     */
    private static function lane(array $main): array
    {
        $lags = [];
        for ($k = 1; $k < count($main); $k++) {
            [$before, $after] = [$main[$k - 1], $main[$k]];
            $figure = $before[1]->figure ?? Figure::Reheat;
            $next = $after[1]->figure ?? Figure::Reheat;
            $lags[] = new Lag($before[0], $after[0], 0, $figure->waitsFor($next), $figure->value);
        }

        return $lags;
    }

    /**
     * What is done beside is done in its own order, and joins at the pour, or where it is stirred in.
     *
     * @param list<array{string, Phase|null, bool}> $rows
     * @param list<array{string, Phase|null, bool}> $main
     *
     * @return list<Lag>
     */
    private static function beside(array $rows, array $main): array
    {
        $lags = [];
        $before = [];
        foreach ($rows as [$task, $phase, $beside]) {
            if (!$beside || $phase === null) {
                continue;
            }
            $lane = $phase->figure === Figure::Apart ? 'apart' : 'liquid';
            $first = $main[0][1]?->figure === Figure::SetOut ? $main[0][0] : null;
            if (isset($before[$lane])) {
                [$other, $figure] = $before[$lane];
                $lags[] = new Lag($other, $task, 0, $figure->waitsFor($phase->figure), $figure->value);
            } elseif ($first !== null) {
                $lags[] = new Lag($first, $task, 0, Figure::SetOut->waitsFor($phase->figure), Figure::SetOut->value);
            }
            $before[$lane] = [$task, $phase->figure];
        }
        foreach ($before as $lane => [$task, $figure]) {
            $into = self::into($main, $lane === 'apart');
            if ($into !== null) {
                $lags[] = new Lag($task, $into, 0, $figure->waitsFor(Figure::Pour), $figure->value);
            }
        }

        return $lags;
    }

    /** @param list<array{string, Phase|null, bool}> $main */
    private static function into(array $main, bool $apart): ?string
    {
        foreach ($main as [$task, $phase]) {
            if ($apart && $phase?->takesWhatWasApart() === true) {
                return $task;
            }
        }
        foreach ($main as [$task, $phase]) {
            if (in_array($phase?->figure, [Figure::Pour, Figure::Ladle, Figure::Enrich], true)) {
                return $task;
            }
        }

        return null;
    }

    /** @param non-empty-list<array{string, Phase|null, bool}> $inPan */
    private static function joins(array $inPan): string
    {
        foreach ($inPan as [$task, $phase]) {
            if (in_array($phase?->figure, [Figure::Ladle, Figure::Pour], true)) {
                return $task;
            }
        }

        return $inPan[0][0];
    }
}
