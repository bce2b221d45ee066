<?php

declare(strict_types=1);

namespace App\Formats;

use Lento\Score\Announced;
use Lento\Score\Cook;
use Lento\Score\Instance;
use Lento\Score\Interval;
use Lento\Score\Lag;
use Lento\Score\Ring;
use Lento\Score\Sauce;
use Lento\Score\Stay;
use Lento\Score\Store;
use Lento\Score\Task;

/** A service to be put in time, as docs/formats/score-request.schema.json has it. */
final readonly class InstanceJson
{
    /** @return array<string, mixed> */
    public static function of(Instance $instance): array
    {
        return [
            'format' => 'lento-score/1',
            'name' => $instance->name,
            'clock' => $instance->times->clockAt(0),
            'horizon' => $instance->times->horizon,
            'now' => $instance->times->now,
            'cooks' => array_map(static fn(Cook $one): array => [
                'id' => $one->id,
                'skills' => $one->skills,
                'away' => self::intervals($one->away),
            ], $instance->galley->cooks),
            'rings' => array_map(static fn(Ring $one): array => [
                'id' => $one->id,
                'max_pan_mm' => $one->widestPan,
                'power' => $one->power,
                'out' => self::intervals($one->out),
            ], $instance->galley->rings),
            'stores' => array_map(static fn(Store $one): array => [
                'id' => $one->id,
                'kind' => $one->kind->value,
                'slots' => $one->slots,
            ], $instance->galley->stores),
            'sauces' => array_map(self::sauce(...), $instance->work->sauces),
            'tasks' => array_map(self::task(...), $instance->work->tasks),
            'arcs' => array_map(static fn(Lag $one): array => [
                'from' => $one->from,
                'to' => $one->to,
                'min' => $one->least,
                'max' => $one->most,
                'why' => $one->why,
            ], $instance->work->lags),
            'uses' => array_map(self::stay(...), $instance->work->stays),
            'announced' => (object) array_map(
                static fn(Announced $one): array => ['start' => $one->start, 'cook' => $one->cook],
                $instance->announced,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function sauce(Sauce $one): array
    {
        $service = $one->service;

        return ['id' => $one->id, 'name' => $one->name, 'parent' => $one->parent, 'last' => $one->last, 'serve_at' => $service?->at]
            + ($service === null ? [] : [
                'latest' => $service->latest,
                'buffer' => $service->buffer,
                'weight' => $service->weight,
                'hold_like' => $service->holdLike,
                'hold_max' => $service->holdMax,
            ]);
    }

    /** @return array<string, mixed> */
    private static function task(Task $one): array
    {
        $visits = $one->asks->visits;

        return [
            'id' => $one->id,
            'sauce' => $one->sauce,
            'kind' => $one->kind,
            'minutes' => $one->minutes->likely,
            'low' => $one->minutes->low,
            'high' => $one->minutes->high,
            'attention' => $one->asks->attention->value,
            'skill' => $one->asks->skill,
            'state' => $one->progress->state->value,
            'start' => $one->progress->start,
            'cook' => $one->progress->cook,
            'not_before' => $one->progress->notBefore,
        ] + ($visits === null ? [] : ['visits' => [
            'every' => $visits->every,
            'slack' => $visits->slack,
            'minutes' => $visits->minutes,
            'done' => $visits->done,
        ]]);
    }

    /** @return array<string, mixed> */
    private static function stay(Stay $one): array
    {
        return [
            'id' => $one->id,
            'on' => $one->store ?? 'ring',
            'from' => $one->from,
            'from_edge' => $one->fromEnd ? 'end' : 'start',
            'to' => $one->to ?? 'serve',
            'ring' => $one->wants->ring,
        ] + ($one->isOnARing() ? ['pan_mm' => $one->wants->pan, 'power' => $one->wants->power] : [])
            + ($one->wants->at === null ? [] : ['at' => $one->wants->at]);
    }

    /**
     * @param list<Interval> $rows
     *
     * @return list<array{int, int}>
     */
    private static function intervals(array $rows): array
    {
        return array_map(static fn(Interval $one): array => [$one->from, $one->until], $rows);
    }
}
