<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Score\Answer;
use Lento\Score\Clause;
use Lento\Score\ClauseKind;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\Limit;
use Lento\Score\Stay;

/** What the score has to say of a plan, and of why there is none. */
final readonly class ScoreWords
{
    /** Rules that speak of a minute, not of minutes. */
    private const TIMED = [ClauseKind::Began, ClauseKind::Now, ClauseKind::ReadyBy, ClauseKind::SetAt, ClauseKind::SetFrom];

    public static function limit(Limit $limit): string
    {
        return Words::text(
            'score.limit.' . $limit->kind->value,
            what: implode(', ', $limit->what),
            minutes: (string) $limit->minutes,
            units: (string) $limit->units,
        );
    }

    /** How sure it is that no plan is better. */
    public static function sure(Answer $answer): string
    {
        $from = $answer->atMostFromBest();

        return match (true) {
            $answer->isProven() => Words::text('score.sure.proven'),
            // Who is late begins at once: how early one begins is then no question.
            $answer->objective->late > 0 => Words::text(
                $answer->objective->clashes === 0 && $answer->objective->late === $answer->bound->least->late
                    ? 'score.sure.least_late'
                    : 'score.sure.open',
            ),
            $from !== null => Words::text('score.sure.from_best', minutes: (string) $from),
            default => Words::text('score.sure.open'),
        };
    }

    public static function impossible(Impossible $why, Instance $instance): string
    {
        $clauses = [];
        foreach (self::chained($why->because, $instance) as $one) {
            if (is_string($one)) {
                $clauses[] = $one;
                continue;
            }
            // The clock is said once, however often a proof passes it.
            $words = self::clause($one, $instance);
            if (!in_array($words, $clauses, true)) {
                $clauses[] = $words;
            }
        }
        $sentence = implode('; ', $clauses);

        return Words::text(
            $why->over > 0 ? 'score.reason_over' : 'score.reason',
            reason: Words::text('score.reasons.' . $why->reason->value),
            because: $sentence,
            over: (string) $why->over,
        );
    }

    /**
     * What of one pot follows on itself is said in one: how long it takes from its first to its last, and not each task of it.
     *
     * @param list<Clause> $because
     *
     * @return list<Clause|string>
     */
    private static function chained(array $because, Instance $instance): array
    {
        $pots = [];
        foreach ($instance->work->tasks as $task) {
            $pots[$task->id] = $task->sauce;
        }
        $chains = [];
        foreach ($because as $clause) {
            $before = $chains === [] ? [] : $chains[count($chains) - 1];
            $last = $before === [] ? null : $before[count($before) - 1];
            $isOfOnePot = static fn(?Clause $one): bool => $one?->kind === ClauseKind::Takes
                && ($pots[$one->of] ?? '') === ($pots[$one->and] ?? '-');
            if ($isOfOnePot($clause) && $isOfOnePot($last) && $last?->and === $clause->of) {
                $chains[count($chains) - 1][] = $clause;
            } else {
                $chains[] = [$clause];
            }
        }

        return array_map(
            static fn(array $chain): Clause|string => count($chain) < 2 ? $chain[0] : self::chain($chain, $instance),
            $chains,
        );
    }

    /** @param non-empty-list<Clause> $chain */
    private static function chain(array $chain, Instance $instance): string
    {
        $tasks = [];
        foreach ($instance->work->tasks as $task) {
            $tasks[$task->id] = $task;
        }
        [$first, $last] = [$tasks[$chain[0]->of] ?? null, $tasks[$chain[count($chain) - 1]->and] ?? null];

        return Words::text(
            'score.clauses.chain',
            sauce: self::named($first->sauce ?? '', $instance),
            from: self::figure($first->kind ?? ''),
            to: self::figure($last->kind ?? ''),
            minutes: (string) array_sum(array_map(static fn(Clause $one): int => $one->minutes, $chain)),
        );
    }

    private static function figure(string $kind): string
    {
        $words = Words::text('score.figure.' . $kind);

        return $words === 'score.figure.' . $kind ? $kind : $words;
    }

    private static function clause(Clause $clause, Instance $instance): string
    {
        $timed = in_array($clause->kind, self::TIMED, true);
        $lacks = in_array($clause->kind, [ClauseKind::NoRing, ClauseKind::NoPlace, ClauseKind::NoSkill], true);

        return Words::text(
            'score.clauses.' . $clause->kind->value,
            of: self::named($clause->of, $instance),
            and: $lacks ? $clause->and : self::named($clause->and, $instance),
            minutes: (string) $clause->minutes,
            at: $timed ? $instance->times->clockAt($clause->minutes) : '',
            why: $clause->why === '' ? '' : Words::text('score.why', why: $clause->why),
            pan: $clause->kind === ClauseKind::NoRing ? self::pan($clause->of, $instance) : '',
        );
    }

    private static function named(string $id, Instance $instance): string
    {
        foreach ($instance->work->sauces as $sauce) {
            if ($sauce->id === $id) {
                return $sauce->name;
            }
        }
        foreach ($instance->work->tasks as $task) {
            $path = 'score.figure.' . $task->kind;
            $words = Words::text($path);
            if ($task->id === $id && $words !== $path) {
                return Words::text('score.task', sauce: self::named($task->sauce, $instance), what: $words);
            }
        }

        return $id;
    }

    /** The widest and strongest that is asked of a ring from this task on. */
    private static function pan(string $task, Instance $instance): string
    {
        $stays = array_filter($instance->work->stays, static fn(Stay $one): bool => $one->isOnARing() && $one->from === $task);

        return Words::text(
            'score.pan',
            pan: (string) max([0, ...array_map(static fn(Stay $one): int => $one->wants->pan, $stays)]),
            power: (string) max([1, ...array_map(static fn(Stay $one): int => $one->wants->power, $stays)]),
        );
    }
}
