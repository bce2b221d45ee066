<?php

declare(strict_types=1);

namespace Tests\Core\Score;

use Lento\Score\Answer;
use Lento\Score\Budget;
use Lento\Score\Change;
use Lento\Score\Changed;
use Lento\Score\ChangeKind;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\MadeVisit;
use Lento\Score\Placed;
use Lento\Score\Planner;
use Lento\Score\Solution;

/** Services planned with little patience: which plan comes of it is kept, for every machine is to find the same. */
final readonly class Plans
{
    /** Plans and placings by size: enough to go through every way of searching, not enough to find the best. */
    private const BUDGETS = ['small' => [300, 40_000], 'medium' => [200, 50_000], 'large' => [50, 40_000], 'special' => [150, 40_000]];

    /** Gone on from: the same again after something was said, close to what was planned. */
    private const GONE_ON = ['small-06', 'small-14', 'medium-02', 'medium-16', 'special-04-cook-away', 'special-06-replan-running-pots'];

    /** @return array<string, array<string, mixed>> */
    public static function found(): array
    {
        $found = [];
        foreach (Services::names() as $name) {
            $budget = self::BUDGETS[(string) strstr($name, '-', true)];
            $instance = Services::instance($name);
            $answer = self::answer($instance, 3, $budget);
            $found[$name] = self::told($answer);
            // Other dice, and more patience.
            $found[$name . ' again'] = self::told(self::answer($instance, 11, [2 * $budget[0], 2 * $budget[1]]));
            if ($answer instanceof Answer && in_array($name, self::GONE_ON, true)) {
                $found[$name . ' gone on'] = self::told(self::answer(self::later($instance), 5, $budget, $answer->solution));
            }
        }

        return $found;
    }

    /** The first that is served ten minutes later. */
    private static function later(Instance $instance): Instance
    {
        foreach ($instance->work->sauces as $sauce) {
            if ($sauce->service !== null) {
                return Changed::of($instance, [new Change(ChangeKind::Serve, $sauce->id, $sauce->service->at + 10)]);
            }
        }

        return $instance;
    }

    /**
     * @param array{int, int} $budget
     *
     * @return Answer|list<Impossible>
     */
    private static function answer(Instance $instance, int $seed, array $budget, ?Solution $from = null): Answer|array
    {
        return (new Planner($seed, new Budget(...$budget)))->plan($instance, from: $from);
    }

    /**
     * @param Answer|list<Impossible> $answer
     *
     * @return array<string, mixed>
     */
    private static function told(Answer|array $answer): array
    {
        if (!$answer instanceof Answer) {
            return ['impossible' => $answer[0]->reason->value];
        }

        return [
            'worth' => $answer->objective->terms(),
            'least' => $answer->bound->least->terms(),
            'tasks' => array_map(static fn(Placed $one): string => $one->start . ' ' . $one->cook, $answer->solution->tasks),
            'rings' => $answer->solution->rings,
            'visits' => array_map(
                static fn(MadeVisit $one): string => sprintf('%s %d %d %d %s', $one->task, $one->k, $one->part, $one->at, $one->cook),
                $answer->solution->visits,
            ),
        ];
    }
}
