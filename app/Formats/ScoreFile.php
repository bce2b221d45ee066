<?php

declare(strict_types=1);

namespace App\Formats;

use App\Typed\FieldFault;
use App\Typed\Number;
use Lento\Score\Announced;
use Lento\Score\Asks;
use Lento\Score\Attention;
use Lento\Score\Band;
use Lento\Score\Cook;
use Lento\Score\Galley;
use Lento\Score\Instance;
use Lento\Score\Interval;
use Lento\Score\Lag;
use Lento\Score\Progress;
use Lento\Score\Ring;
use Lento\Score\Sauce;
use Lento\Score\Service;
use Lento\Score\Stay;
use Lento\Score\Store;
use Lento\Score\StoreKind;
use Lento\Score\Task;
use Lento\Score\TaskState;
use Lento\Score\Times;
use Lento\Score\Visits;
use Lento\Score\Wants;
use Lento\Score\Work;

/** A request of `lento score`, docs/formats/score-request.schema.json: a service as tasks, lags and stays. */
final readonly class ScoreFile
{
    /** @param list<string> $messages */
    private function __construct(public ?Instance $instance, public array $messages) {}

    public static function read(string $json): self
    {
        $text = JsonText::of($json, 'score-request');
        $fields = $text->faulty(...self::crossed($text->values));

        return $fields->faults === []
            ? new self(self::instance(Json::of($text->values)), [])
            : new self(null, $fields->messages());
    }

    /**
     * What no schema can say: that a number depends on another.
     *
     * @param array<mixed> $values
     *
     * @return list<FieldFault>
     */
    private static function crossed(array $values): array
    {
        $of = Json::of($values);
        $faults = [];
        foreach ($of->list('tasks') as $k => $task) {
            $minutes = $task->number('minutes') ?? 1;
            if (($task->number('low') ?? 0) > $minutes) {
                $faults[] = Number::whole(0, $minutes)->outside("tasks.{$k}.low");
            }
            if (($task->number('high') ?? $minutes) < $minutes) {
                $faults[] = Number::whole($minutes, Instance::MOST_MINUTES)->outside("tasks.{$k}.high");
            }
        }
        foreach ($of->list('arcs') as $k => $lag) {
            $most = $lag->number('max');
            if ($most !== null && $most < ($lag->number('min') ?? $most)) {
                $faults[] = Number::whole($lag->number('min') ?? 0, Instance::MOST_MINUTES)->outside("arcs.{$k}.max");
            }
        }
        $now = $of->number('now') ?? 0;
        if ($of->number('horizon') !== null && $of->number('horizon') < $now) {
            $faults[] = Number::whole(max(1, $now), Instance::MOST_MINUTES)->outside('horizon');
        }
        $horizon = $of->number('horizon') ?? Instance::MOST_MINUTES;
        foreach ($of->list('sauces') as $k => $sauce) {
            if (($sauce->number('serve_at') ?? 0) > $horizon) {
                $faults[] = Number::whole(0, $horizon)->outside("sauces.{$k}.serve_at");
            }
        }
        foreach (['cooks' => 'away', 'rings' => 'out'] as $list => $key) {
            foreach ($of->list($list) as $k => $one) {
                foreach ($one->pairs($key) as $i => [$from, $until]) {
                    if ($until < $from) {
                        $faults[] = Number::whole($from, Instance::MOST_MINUTES)->outside("{$list}.{$k}.{$key}.{$i}.1");
                    }
                }
            }
        }

        return [...$faults, ...self::names($of)];
    }

    /**
     * What is named and not there, or there twice.
     *
     * @return list<FieldFault>
     */
    private static function names(Json $of): array
    {
        $faults = [];
        $known = [];
        foreach (['cooks', 'rings', 'stores', 'sauces', 'tasks', 'uses'] as $list) {
            foreach ($of->list($list) as $k => $one) {
                $name = $list . ' ' . $one->text('id');
                if (isset($known[$name])) {
                    $faults[] = FieldFault::of("{$list}.{$k}.id", 'named_twice', ['value' => $one->text('id')]);
                }
                $known[$name] = true;
            }
        }
        $looked = [];
        foreach ($of->list('sauces') as $k => $one) {
            $looked["sauces.{$k}.last"] = ['tasks', $one->word('last')];
        }
        foreach ($of->list('tasks') as $k => $one) {
            $looked["tasks.{$k}.sauce"] = ['sauces', $one->word('sauce')];
            $looked["tasks.{$k}.cook"] = ['cooks', $one->word('cook')];
        }
        foreach ($of->list('arcs') as $k => $one) {
            $looked["arcs.{$k}.from"] = ['tasks', $one->word('from')];
            $looked["arcs.{$k}.to"] = ['tasks', $one->word('to')];
        }
        foreach ($of->list('uses') as $k => $one) {
            $looked["uses.{$k}.from"] = ['tasks', $one->word('from')];
            $looked["uses.{$k}.on"] = ['stores', $one->word('on') === 'ring' ? null : $one->word('on')];
            $looked["uses.{$k}.ring"] = ['rings', $one->word('ring')];
            foreach ($one->texts('to') as $i => $task) {
                $looked["uses.{$k}.to.{$i}"] = ['tasks', $task];
            }
        }
        foreach ($looked as $field => [$list, $name]) {
            if ($name !== null && !isset($known[$list . ' ' . $name])) {
                $faults[] = FieldFault::of($field, 'not_there', ['value' => $name]);
            }
        }

        return $faults;
    }

    /** Of what has been looked at, or is known to be whole. */
    public static function instance(Json $of): Instance
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $of->text('clock')));
        $announced = [];
        foreach ($of->map('announced') as $task => $told) {
            $announced[$task] = new Announced($told->number('start') ?? 0, $told->word('cook'));
        }

        return new Instance(
            $of->text('name'),
            new Times(($hours * 60 + $minutes) % 1440, $of->number('now') ?? 0, $of->number('horizon') ?? 1),
            new Galley(
                array_map(self::cook(...), $of->list('cooks')),
                array_map(self::ring(...), $of->list('rings')),
                array_map(
                    static fn(Json $one): Store
                        => new Store($one->text('id'), StoreKind::from($one->text('kind')), $one->number('slots') ?? 0),
                    $of->list('stores'),
                ),
            ),
            new Work(
                array_map(self::sauce(...), $of->list('sauces')),
                array_map(self::task(...), $of->list('tasks')),
                array_map(self::lag(...), $of->list('arcs')),
                array_map(self::stay(...), $of->list('uses')),
            ),
            $announced,
        );
    }

    private static function cook(Json $of): Cook
    {
        return new Cook($of->text('id'), $of->texts('skills'), self::intervals($of, 'away'));
    }

    private static function ring(Json $of): Ring
    {
        return new Ring($of->text('id'), $of->number('max_pan_mm') ?? 0, $of->number('power') ?? 1, self::intervals($of, 'out'));
    }

    /** @return list<Interval> */
    private static function intervals(Json $of, string $key): array
    {
        return array_map(static fn(array $pair): Interval => new Interval($pair[0], $pair[1]), $of->pairs($key));
    }

    private static function sauce(Json $of): Sauce
    {
        $at = $of->number('serve_at');

        return new Sauce($of->text('id'), $of->text('name'), $of->text('last'), $at === null ? null : new Service(
            $at,
            $of->number('buffer') ?? 0,
            $of->number('weight') ?? 1,
            $of->number('hold_like') ?? 0,
            $of->number('hold_max') ?? Instance::MOST_MINUTES,
            $of->number('latest'),
        ), $of->word('parent'));
    }

    private static function task(Json $of): Task
    {
        $minutes = $of->number('minutes') ?? 1;
        $visits = $of->part('visits');

        return new Task(
            $of->text('id'),
            $of->text('sauce'),
            $of->text('kind'),
            new Band($minutes, $of->number('low') ?? $minutes, $of->number('high') ?? $minutes),
            new Asks(Attention::from($of->text('attention')), $visits === null ? null : new Visits(
                $visits->number('every') ?? 2,
                $visits->number('slack') ?? 0,
                $visits->number('minutes') ?? 1,
                $visits->number('done') ?? 0,
            ), $of->word('skill')),
            new Progress(
                TaskState::tryFrom($of->word('state') ?? '') ?? TaskState::ToDo,
                $of->number('start'),
                $of->word('cook'),
                $of->number('not_before'),
            ),
        );
    }

    private static function lag(Json $of): Lag
    {
        return new Lag($of->text('from'), $of->text('to'), $of->number('min') ?? 0, $of->number('max'), $of->text('why'));
    }

    private static function stay(Json $of): Stay
    {
        $on = $of->text('on');

        return new Stay(
            $of->text('id'),
            $of->text('from'),
            $of->word('to') === null ? $of->texts('to') : null,
            $on === 'ring' ? null : $on,
            new Wants($of->number('pan_mm') ?? 0, $of->number('power') ?? 1, $of->number('at'), $of->word('ring')),
            $of->word('from_edge') === 'end',
        );
    }
}
