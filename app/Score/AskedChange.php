<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\Words;
use App\Typed\ClockTime;
use Illuminate\Support\Facades\Validator;
use Lento\Score\Change;
use Lento\Score\ChangeKind;
use Lento\Score\Cook;
use Lento\Score\Instance;
use Lento\Score\Ring;
use Lento\Score\Sauce;
use Lento\Score\Stay;
use Lento\Score\Task;

/** What somebody says of a plan, as it was typed: a change, or what is wrong with it. */
final readonly class AskedChange
{
    private const LONGEST = 160;

    private function __construct(public ?Change $change, public string $fault) {}

    /** @param array<string, string> $typed kind, of, at, until, to; a button of its own may say "to" as "cook:…" or "ring:…" */
    public static function read(array $typed, ServiceScore $score): self
    {
        $kind = ChangeKind::tryFrom($typed['kind'] ?? '');
        $of = mb_substr($typed['of'] ?? '', 0, self::LONGEST);
        $instance = $score->instance;
        if ($kind === null || $instance === null || !self::isThere($kind, $of, $typed['to'] ?? '', $instance)) {
            return new self(null, Words::text('score.fault.gone'));
        }
        $times = [];
        foreach (['at', 'until'] as $field) {
            $text = trim($typed[$field] ?? '');
            $times[$field] = $text === '' ? null : $score->day->minute($text);
            $bad = Validator::make([$field => $text], [$field => [new ClockTime()]], [], [$field => Words::text('score.field.' . $field)]);
            if ($text !== '' && $bad->fails()) {
                return new self(null, $bad->errors()->first());
            }
        }

        return self::within($kind, $of, $times['at'], $times['until'], $typed['to'] ?? '', $score);
    }

    private static function within(ChangeKind $kind, string $of, ?int $at, ?int $until, string $to, ServiceScore $score): self
    {
        $now = $score->day->now;
        $timed = in_array($kind, [ChangeKind::Start, ChangeKind::NotBefore, ChangeKind::Serve], true);
        if ($timed && ($at === null || $at < $now)) {
            return new self(null, Words::text('score.fault.from_now', now: $score->day->clock($now)));
        }
        if (in_array($kind, [ChangeKind::Away, ChangeKind::Out], true)) {
            $at ??= $now;
        }
        if ($until !== null && $until <= ($at ?? $now)) {
            return new self(null, Words::text('score.fault.until', from: $score->day->clock($at ?? $now)));
        }

        return new self(new Change($kind, $of, $at, $until, $to), '');
    }

    /** Whether what it is said of is in the service, and what it is given to is in the kitchen. */
    private static function isThere(ChangeKind $kind, string $of, string $to, Instance $instance): bool
    {
        $tasks = array_map(
            static fn(Task $one): string => $one->id,
            array_filter($instance->work->tasks, static fn(Task $one): bool => !$one->isDone()),
        );
        $stays = array_map(static fn(Stay $one): string => $one->id, $instance->work->stays);
        $sauces = array_map(static fn(Sauce $one): string => $one->id, $instance->work->sauces);
        $cooks = array_map(static fn(Cook $one): string => $one->id, $instance->galley->cooks);
        $rings = array_map(static fn(Ring $one): string => $one->id, $instance->galley->rings);

        return match ($kind) {
            ChangeKind::Start, ChangeKind::NotBefore, ChangeKind::Leave => in_array($of, $tasks, true),
            ChangeKind::Cook => in_array($of, $tasks, true) && in_array($to, $cooks, true),
            ChangeKind::Ring => in_array($of, $stays, true) && in_array($to, $rings, true),
            ChangeKind::Serve => in_array($of, $sauces, true),
            ChangeKind::Away => in_array($of, $cooks, true),
            ChangeKind::Out => in_array($of, $rings, true),
            ChangeKind::Help => $to !== '',
        };
    }
}
