<?php

declare(strict_types=1);

namespace Lento\Score\Search;

use Lento\Score\Bound;
use Lento\Score\Ease;
use Lento\Score\Limit;
use Lento\Score\LimitKind;
use Lento\Score\Objective;

/** Lower bounds that take milliseconds, each with its proof in docs/score.md (SCHEDULE, section 5). */
final readonly class Bounds
{
    private function __construct(private Problem $problem) {}

    public static function of(Problem $problem): Bound
    {
        return (new self($problem))->bound();
    }

    private function bound(): Bound
    {
        $problem = $this->problem;
        $late = 0;
        // Nothing but the past, now and the lags: resources can only make it later.
        [$earliest] = $problem->windows(null, $problem->now);
        foreach ($problem->dues as $due) {
            $late += $due->service->weight * max(0, $earliest[$due->last] + $problem->minutes[$due->last] - $due->due);
        }
        [, $latest] = $problem->windows($late === 0 ? array_fill(0, count($problem->dues), 0) : null, $problem->now);
        $span = 0;
        foreach ($problem->ahead as $task => $ahead) {
            $span = $ahead ? max($span, $problem->end - $latest[$task]) : $span;
        }
        $by = new Limit(LimitKind::CriticalPath);
        if ($late === 0 && count($problem->free()) === $problem->tasks) {
            [$head, $tail] = [$this->heads(), []];
            foreach ($latest as $task => $last) {
                $tail[$task] = $problem->end - $last - $problem->minutes[$task];
            }
            foreach ($this->groups($head, $tail, $latest) as [$kind, $what, $units, $rows]) {
                [$least, $minutes] = self::shared($rows, $units);
                if ($least > $span) {
                    [$span, $by] = [$least, new Limit($kind, $what, $minutes, $units)];
                }
            }
        }

        return new Bound(new Objective(0, $late, 0, 0, $span, new Ease()), $by);
    }

    /** @return array<int, int> least minutes from the first start of a plan to that of each task */
    private function heads(): array
    {
        return array_map(static fn(array $row): int => max([0, ...$row]), $this->problem->net->before);
    }

    /**
     * Work that must share so many units: least minutes before it, of it, and after it.
     *
     * @param array<int, int> $head
     * @param array<int, int> $tail
     * @param array<int, int> $latest
     *
     * @return list<array{LimitKind, list<string>, int, list<array{int, int, int}>}>
     */
    private function groups(array $head, array $tail, array $latest): array
    {
        $problem = $this->problem;
        $cooks = count($problem->away);
        $hands = $looks = $skilled = [];
        foreach ($problem->minutes as $task => $minutes) {
            $row = [$head[$task], $minutes, $tail[$task]];
            if ($problem->crewed[$task]) {
                $hands[] = $row;
                $skill = $problem->instance->work->tasks[$task]->asks->skill;
                if ($skill !== null) {
                    $skilled[$skill] ??= [$skill, []];
                    $skilled[$skill][1][] = $row;
                }
            }
            // A cook who watches may look about.
            if ($problem->hands[$task]) {
                $looks[] = $row;
            }
            if ($problem->windows[$task] !== []) {
                $looks[] = [$head[$task], count($problem->windows[$task]), $tail[$task]];
            }
        }
        $groups = [[LimitKind::Hands, [], $cooks, $hands], [LimitKind::HandsAndVisits, [], $cooks, $looks]];
        foreach ($skilled as [$skill, $rows]) {
            $able = 0;
            foreach ($problem->instance->galley->cooks as $cook) {
                $able += $cook->can($skill) ? 1 : 0;
            }
            $groups[] = [LimitKind::Skill, [$skill], max(1, $able), $rows];
        }

        return [...$groups, ...$this->places($head, $latest)];
    }

    /**
     * @param array<int, int> $head
     * @param array<int, int> $latest
     *
     * @return list<array{LimitKind, list<string>, int, list<array{int, int, int}>}>
     */
    private function places(array $head, array $latest): array
    {
        $problem = $this->problem;
        $sets = $stored = [];
        $rows = [];
        foreach ($problem->stays as $k => $stay) {
            if ($stay->to === []) {
                continue;
            }
            $last = PHP_INT_MIN;
            foreach ($stay->to as $task) {
                $last = max($last, $latest[$task] + $problem->minutes[$task]);
            }
            $from = $stay->from[0];
            $rows[$k] = [$head[$from] + $stay->lead[$from], $stay->spot->least, $problem->end - $last];
            if ($stay->spot->store !== null) {
                $stored[$stay->spot->store][] = $rows[$k];
            } elseif ($stay->rings !== []) {
                $set = $stay->rings;
                sort($set);
                $sets[implode(',', $set)] = $set;
            }
        }
        $groups = [];
        foreach ($sets as $set) {
            $in = [];
            foreach ($rows as $k => $row) {
                $stay = $problem->stays[$k];
                if ($stay->spot->store === null && $stay->rings !== [] && array_diff($stay->rings, $set) === []) {
                    $in[] = $row;
                }
            }
            $names = array_map(fn(int $ring): string => $problem->instance->galley->rings[$ring]->id, $set);
            $groups[] = [LimitKind::Rings, $names, count($set), $in];
        }
        foreach ($stored as $store => $in) {
            if (count($in) > $problem->slots[$store] && $problem->slots[$store] > 0) {
                $groups[] = [LimitKind::Store, [$problem->instance->galley->stores[$store]->id], $problem->slots[$store], $in];
            }
        }

        return $groups;
    }

    /**
     * The most that any part of the work asks for: what comes before all of it, its minutes over the units, what comes after all of it.
     *
     * @param list<array{int, int, int}> $rows
     *
     * @return array{int, int} minutes, and those of work among them
     */
    private static function shared(array $rows, int $units): array
    {
        [$most, $of] = [0, 0];
        usort($rows, static fn(array $a, array $b): int => $b[2] <=> $a[2]);
        foreach (array_unique(array_column($rows, 0)) as $head) {
            $work = 0;
            foreach ($rows as [$before, $minutes, $after]) {
                if ($before < $head) {
                    continue;
                }
                $work += $minutes;
                $least = $head + intdiv($work + $units - 1, $units) + $after;
                if ($least > $most) {
                    [$most, $of] = [$least, $work];
                }
            }
        }

        return [$most, $of];
    }
}
