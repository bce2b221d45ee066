<?php

declare(strict_types=1);

namespace Lento\Score;

/** A service that is over, beside the plan that was told before it began. */
final readonly class After
{
    /** Tasks beyond which nobody reads on, and minutes from which one is worth telling. */
    private const SHOWN = 5;
    private const TOLD_FROM = 2;

    /**
     * @param array<string, array{int, int}> $ready minute at which each sauce that was served was to be ready, and at which it was
     * @param array<string, array{int, int}> $hands minutes with hands full that each cook was to have, and had
     * @param array<string, array{int, int}> $longest minutes that a task was to take and took, of those that took most longer
     */
    private function __construct(public array $ready, public array $hands, public array $longest) {}

    /**
     * @param Instance $planned before anything was begun
     * @param list<Begun> $begun
     */
    public static function of(Instance $planned, Solution $told, array $begun): self
    {
        $done = [];
        foreach ($begun as $one) {
            if ($one->done) {
                $done[$one->task] = $one;
            }
        }
        $tasks = $hands = $longest = $ready = [];
        foreach ($planned->work->tasks as $task) {
            $tasks[$task->id] = $task;
            $was = $told->tasks[$task->id] ?? null;
            $is = $done[$task->id] ?? null;
            if ($was === null || $is === null) {
                continue;
            }
            if ($task->asks->attention === Attention::Hands) {
                $hands = self::plus($hands, $was->cook, $task->minutes->likely, 0);
                $hands = self::plus($hands, $is->cook ?? $was->cook, 0, $is->minutes);
            }
            if ($is->minutes - $task->minutes->likely >= self::TOLD_FROM) {
                $longest[$task->id] = [$task->minutes->likely, $is->minutes];
            }
        }
        foreach ($planned->work->sauces as $sauce) {
            $is = $done[$sauce->last] ?? null;
            $was = $told->tasks[$sauce->last] ?? null;
            if ($sauce->service !== null && $is !== null && $was !== null) {
                $ready[$sauce->id] = [$was->start + $tasks[$sauce->last]->minutes->likely, $is->end()];
            }
        }
        uasort($longest, static fn(array $a, array $b): int => $b[1] - $b[0] <=> $a[1] - $a[0]);
        ksort($hands);

        return new self($ready, $hands, array_slice($longest, 0, self::SHOWN, true));
    }

    /**
     * @param array<string, array{int, int}> $hands
     *
     * @return array<string, array{int, int}>
     */
    private static function plus(array $hands, ?string $cook, int $told, int $had): array
    {
        if ($cook === null) {
            return $hands;
        }
        [$a, $b] = $hands[$cook] ?? [0, 0];

        return [...$hands, $cook => [$a + $told, $b + $had]];
    }
}
