<?php

declare(strict_types=1);

namespace Lento\Score;

/**
 * A service whose sauces and bases may stand hot as long as they must: where a kitchen has more to do than it can within those limits,
 * one sees what would stand too long instead of nothing. What is held still weighs, so it is held as little as can be.
 */
final readonly class Eased
{
    public static function of(Instance $instance): Instance
    {
        $work = $instance->work;

        return new Instance(
            $instance->name,
            $instance->times,
            $instance->galley,
            new Work(
                array_map(self::sauce(...), $work->sauces),
                $work->tasks,
                array_map(self::lag(...), $work->lags),
                $work->stays,
            ),
            $instance->announced,
        );
    }

    private static function sauce(Sauce $sauce): Sauce
    {
        $was = $sauce->service;

        return $was === null ? $sauce : new Sauce(
            $sauce->id,
            $sauce->name,
            $sauce->last,
            new Service($was->at, $was->buffer, $was->weight, $was->holdLike, Instance::MOST_MINUTES, $was->latest),
            $sauce->parent,
        );
    }

    private static function lag(Lag $lag): Lag
    {
        return $lag->most === null || $lag->most < Lag::HOLDS_FROM ? $lag : new Lag($lag->from, $lag->to, $lag->least, null, $lag->why);
    }
}
