<?php

declare(strict_types=1);

namespace Lento\Score;

use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;

/**
 * A whole service to be put in time: what is to be done, with whom, where, and until when.
 *
 * All times are whole minutes from what the clock shows at minute 0.
 */
final readonly class Instance
{
    /** A service is planned within three days; nothing in it is further away or longer. */
    public const MOST_MINUTES = 4320;

    /** More would be planned for minutes, and cooked by no galley. */
    public const MOST_TASKS = 600;

    /**
     * @param array<string, Announced> $announced by task
     *
     * @throws Missing if nobody is there to cook, nothing is to be done, or nothing is served
     * @throws OutOfRange if it is too large
     * @throws Unknown if something is named that is not there, or there twice
     */
    public function __construct(
        public string $name,
        public Times $times,
        public Galley $galley,
        public Work $work,
        public array $announced = [],
    ) {
        if ($galley->cooks === []) {
            throw Missing::from('score', 'cook');
        }
        if (array_filter($work->sauces, static fn(Sauce $one): bool => $one->service !== null) === []) {
            throw Missing::from('score', 'serving');
        }
        OutOfRange::refuse('number-of-tasks', count($work->tasks), 1, self::MOST_TASKS, '');
        $tasks = self::names('task', $work->tasks);
        $sauces = self::names('sauce', $work->sauces);
        $cooks = self::names('cook', $galley->cooks);
        $rings = self::names('ring', $galley->rings);
        $stores = self::names('store', $galley->stores);
        self::names('stay', $work->stays);
        foreach ($work->sauces as $one) {
            self::known('task', $one->last, $tasks);
            if ($one->service !== null) {
                OutOfRange::refuse('serve-at', $one->service->at, 0, $times->horizon, 'min', $one->id);
            }
        }
        foreach ($work->tasks as $one) {
            self::known('sauce', $one->sauce, $sauces);
            self::known('cook', $one->progress->cook, $cooks);
        }
        foreach ($work->lags as $one) {
            self::known('task', $one->from, $tasks);
            self::known('task', $one->to, $tasks);
        }
        foreach ($work->stays as $one) {
            self::known('store', $one->store, $stores);
            self::known('ring', $one->wants->ring, $rings);
            array_map(static fn(string $task) => self::known('task', $task, $tasks), [$one->from, ...$one->to ?? []]);
        }
    }

    /** The minute of the last serving. */
    public function end(): int
    {
        return max([0, ...array_map(static fn(Sauce $one): int => $one->service->at ?? 0, $this->work->sauces)]);
    }

    /**
     * @param list<Task|Sauce|Cook|Ring|Store|Stay> $things
     *
     * @return array<string, true>
     */
    private static function names(string $kind, array $things): array
    {
        $names = [];
        foreach ($things as $one) {
            if (isset($names[$one->id])) {
                throw OutOfRange::between('times-named', 2, 1, 1, '', "{$kind} {$one->id}");
            }
            $names[$one->id] = true;
        }

        return $names;
    }

    /** @param array<string, true> $names */
    private static function known(string $kind, ?string $name, array $names): void
    {
        if ($name !== null && !isset($names[$name])) {
            throw Unknown::name($kind, $name);
        }
    }
}
