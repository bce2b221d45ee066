<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\Words;
use App\Formats\Json;
use Carbon\CarbonImmutable;
use Lento\Score\Placed;
use Lento\Score\Solution;
use Lento\Score\Task;

/** One thing that somebody has been told to do in a service, as it is kept beside its plan: every page reads it, and none plans. */
final readonly class ToldHand
{
    /**
     * @param string $pot the pot of the service, by its key
     * @param string $name of its sauce
     * @param int|null $last place of its last step in the pot; null of what the stove knows nothing of, and of a look
     */
    private function __construct(
        public string $cook,
        public CarbonImmutable $at,
        public int $minutes,
        public string $task,
        public string $pot,
        public string $name,
        public string $what,
        public ?int $last,
        public bool $isALook,
    ) {}

    /** @return list<array<string, mixed>> as they are kept, in the order of their times */
    public static function written(ServiceScore $score, Solution $solution): array
    {
        $rows = $steps = [];
        foreach ($score->plans as $key => $plan) {
            foreach ($plan->steps as $k => $step) {
                $steps[$key][$step->id] = $k;
            }
        }
        $tasks = [];
        foreach ($score->instance->work->tasks ?? [] as $task) {
            $tasks[$task->id] = $task;
            $placed = $solution->tasks[$task->id] ?? null;
            $own = array_intersect_key($steps[$task->sauce] ?? [], array_flip($score->arrangement->steps[$task->id] ?? []));
            if ($placed?->cook !== null && $task->asks->attention->needsACook()) {
                $rows[] = self::row($score, $task, $placed, [
                    'minutes' => $task->minutes->likely,
                    'what' => Words::text('score.figure.' . $task->kind),
                    'last' => $own === [] ? null : max($own),
                    'look' => false,
                ]);
            }
        }
        foreach ($solution->visits as $visit) {
            $task = $tasks[$visit->task] ?? null;
            if ($task !== null) {
                $look = ['minutes' => 1, 'what' => Words::text('score.look'), 'last' => null, 'look' => true];
                $rows[] = self::row($score, $task, new Placed($visit->at, $visit->cook), $look);
            }
        }
        usort($rows, static fn(array $a, array $b): int => $a['at'] <=> $b['at']);

        return $rows;
    }

    public static function read(Json $of): self
    {
        return new self(
            $of->text('cook'),
            CarbonImmutable::createFromTimestamp($of->number('at') ?? 0, config()->string('app.timezone')),
            $of->number('minutes') ?? 0,
            $of->text('task'),
            $of->text('pot'),
            $of->text('name'),
            $of->text('what'),
            $of->number('last'),
            $of->text('look') === 'yes',
        );
    }

    /**
     * @param array{minutes: int, what: string, last: int|null, look: bool} $more
     *
     * @return array{at: int, task: string, pot: string, name: string, cook: string, minutes: int, what: string, last: int|null,
     *     look: string}
     */
    private static function row(ServiceScore $score, Task $task, Placed $placed, array $more): array
    {
        $names = [];
        foreach ($score->instance->work->sauces ?? [] as $sauce) {
            $names[$sauce->id] = $sauce->name;
        }

        return [
            'at' => $score->day->moment($placed->start)->getTimestamp(),
            'task' => $task->id,
            'pot' => $task->sauce,
            'name' => $names[$task->sauce] ?? '',
            'cook' => (string) $placed->cook,
            'minutes' => $more['minutes'],
            'what' => $more['what'],
            'last' => $more['last'],
            'look' => $more['look'] ? 'yes' : 'no',
        ];
    }
}
