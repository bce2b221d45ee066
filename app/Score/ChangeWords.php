<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\Station;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Score\Change;
use Lento\Score\ChangeKind;
use Lento\Score\Instance;

/** What somebody has said of a plan, or might say, in words: "Béchamel, roux: at 17:22". */
final readonly class ChangeWords
{
    public static function of(Change $change, Instance $instance, ServiceDay $day, Kitchen $kitchen): string
    {
        return Words::text(
            'score.change.' . $change->kind->value . ($change->until === null ? '' : '_until'),
            of: self::named($change, $instance, $kitchen),
            at: $change->at === null ? '' : $day->clock($change->at),
            until: $change->until === null ? '' : $day->clock($change->until),
            to: $change->kind === ChangeKind::Ring ? Station::named($change->to, $kitchen)->name ?? $change->to : $change->to,
        );
    }

    private static function named(Change $change, Instance $instance, Kitchen $kitchen): string
    {
        $of = $change->of;
        if ($change->kind === ChangeKind::Out) {
            return Station::named($of, $kitchen)->name ?? $of;
        }
        foreach ($change->kind === ChangeKind::Ring ? $instance->work->stays : [] as $stay) {
            $of = $stay->id === $change->of ? $stay->from : $of;
        }
        $names = [];
        foreach ($instance->work->sauces as $sauce) {
            $names[$sauce->id] = $sauce->name;
        }
        foreach ($instance->work->tasks as $task) {
            if ($task->id === $of) {
                $sauce = $names[$task->sauce];

                return $change->kind === ChangeKind::Ring ? $sauce : $sauce . ', ' . Words::text('score.figure.' . $task->kind);
            }
        }

        return $names[$of] ?? $of;
    }
}
