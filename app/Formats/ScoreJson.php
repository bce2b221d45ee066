<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\ScoreWords;
use Lento\Score\Answer;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\MadeVisit;
use Lento\Score\Placed;
use Lento\Score\Solution;

/** The answer of `lento score --json`; its shape is docs/formats/score-answer.schema.json and stays stable. */
final readonly class ScoreJson
{
    private const TERMS = ['clashes', 'late', 'held', 'moves', 'span', 'handovers', 'potminutes'];

    /** @return array<string, mixed> */
    public static function of(Answer $answer): array
    {
        $least = $answer->bound->least->bounded();

        return [
            'solution' => self::solution($answer->solution),
            'objective' => array_combine(self::TERMS, $answer->objective->terms()),
            'bound' => [
                ...array_combine(array_slice(self::TERMS, 0, count($least)), $least),
                'why' => ScoreWords::limit($answer->bound->by),
            ],
            'proven' => $answer->isProven(),
        ];
    }

    /**
     * @param list<Impossible> $why
     *
     * @return array<string, mixed>
     */
    public static function impossible(array $why, Instance $instance): array
    {
        return ['impossible' => array_map(static fn(Impossible $one): array => [
            'reason' => $one->reason->value,
            'words' => ScoreWords::impossible($one, $instance),
            'minutes' => $one->over,
        ], $why)];
    }

    /** A solution as it was written. */
    public static function read(Json $of): Solution
    {
        $tasks = $rings = [];
        foreach ($of->part('tasks')?->all() ?? [] as $task => $placed) {
            $tasks[$task] = new Placed($placed->number('start') ?? 0, $placed->word('cook'));
        }
        foreach ($of->part('rings')?->words() ?? [] as $stay => $ring) {
            $rings[$stay] = $ring;
        }

        return new Solution($tasks, $rings, array_map(static fn(Json $one): MadeVisit => new MadeVisit(
            $one->text('task'),
            $one->number('k') ?? 1,
            $one->number('part') ?? 0,
            $one->number('at') ?? 0,
            $one->text('cook'),
        ), $of->list('visits')));
    }

    /** @return array<string, mixed> */
    public static function solution(Solution $solution): array
    {
        return [
            // An object, whatever the tasks are called.
            'tasks' => (object) array_map(
                static fn(Placed $one): array => ['start' => $one->start, 'cook' => $one->cook],
                $solution->tasks,
            ),
            'rings' => (object) $solution->rings,
            'visits' => array_map(static fn(MadeVisit $one): array => [
                'task' => $one->task,
                'k' => $one->k,
                'part' => $one->part,
                'at' => $one->at,
                'cook' => $one->cook,
            ], $solution->visits),
        ];
    }
}
