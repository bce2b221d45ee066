<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\SauceColour;
use App\Format\Station;
use App\Kitchen\Kitchen;
use Lento\Score\Answer;
use Lento\Score\Cook;
use Lento\Score\Figure;
use Lento\Score\Instance;
use Lento\Score\Missed;
use Lento\Score\Placed;
use Lento\Score\Sauce;
use Lento\Score\Stay;
use Lento\Score\Task;

/** A plan read task by task: where each is played, by whom, under which letter. */
final readonly class ScoreReading
{
    /** @var list<Task> in the order of their starts */
    public array $tasks;

    /** @var array<string, Task> all of them, by id */
    private array $byId;

    /** @var array<string, string> letter of each pot, in the order in which they are begun */
    public array $letters;

    /** @var array<string, string> name of each pot */
    public array $names;

    /** @var list<string> */
    public array $cooks;

    /** @param Instance $instance as it stands now */
    public function __construct(public ServiceScore $score, public Instance $instance, public Answer $answer, public Kitchen $kitchen)
    {
        // A pan that nobody needs again is washed when there is time: it is no part of the service.
        $end = $this->instance->end();
        $this->byId = array_column(array_map(static fn(Task $one): array => [$one->id, $one], $this->instance->work->tasks), 1, 0);
        $tasks = array_values(array_filter(
            $this->instance->work->tasks,
            fn(Task $one): bool => $one->kind !== Figure::Wash->value || $this->placed($one)->start < $end,
        ));
        usort($tasks, fn(Task $a, Task $b): int => [$this->placed($a)->start, $a->id] <=> [$this->placed($b)->start, $b->id]);
        $this->tasks = $tasks;
        $letters = [];
        foreach ($tasks as $task) {
            $letters[$task->sauce] ??= self::letter(count($letters));
        }
        $this->letters = $letters;
        $this->names = array_column(
            array_map(static fn(Sauce $one): array => [$one->id, $one->name], $this->instance->work->sauces),
            1,
            0,
        );
        $this->cooks = array_map(static fn(Cook $one): string => $one->id, $this->instance->galley->cooks);
    }

    public function placed(Task $task): Placed
    {
        return $this->answer->solution->tasks[$task->id];
    }

    public function cookOf(Task $task): ?int
    {
        $cook = array_search($this->placed($task)->cook, $this->cooks, true);

        return $task->asks->attention->needsACook() && is_int($cook) ? $cook : null;
    }

    /** @return list<array{int, int}> minute and cook of each look at it */
    public function visits(Task $task): array
    {
        $visits = [];
        foreach ($this->answer->solution->visits as $visit) {
            $cook = array_search($visit->cook, $this->cooks, true);
            if ($visit->task === $task->id && is_int($cook)) {
                $visits[] = [$visit->at, $cook];
            }
        }

        return $visits;
    }

    /** @return list<array{Task, int, int}> looks that nobody has time for: at what, and from which minute up to which */
    public function clashes(): array
    {
        return Missed::of($this->instance, $this->answer->solution);
    }

    /** The ring, the oven or the bench that it is done at. */
    public function station(Task $task): string
    {
        $stay = $this->stay($task);

        return match (true) {
            Figure::from($task->kind) === Figure::Bake => Station::OVEN,
            $stay !== null => $this->answer->solution->rings[$stay->id] ?? Station::BENCH,
            default => Station::BENCH,
        };
    }

    /** The stay on a ring that it is part of; null where it is at none. */
    public function stay(Task $task): ?Stay
    {
        $figure = Figure::from($task->kind);
        $start = $this->placed($task)->start;
        foreach ($figure === Figure::Bake ? [] : $this->instance->work->stays as $stay) {
            $beside = str_ends_with($stay->id, ':apart') || str_ends_with($stay->id, ':liquid');
            if ($stay->isOnARing() && str_starts_with($stay->id, $task->sauce . ':') && $beside === $figure->isBeside()
                && $start >= $this->answer->solution->tasks[$stay->from]->start && $start < $this->until($stay)) {
                return $stay;
            }
        }

        return null;
    }

    public function task(string $id): ?Task
    {
        return $this->byId[$id] ?? null;
    }

    /** The minute in which a stay ends: with the last of what it lasts for, or the serving where that is given. */
    public function until(Stay $stay, int $served = 0): int
    {
        $ends = array_map(
            fn(string $task): int => $this->answer->solution->tasks[$task]->start + ($this->byId[$task]->minutes->likely ?? 0),
            $stay->to === [] ? [$stay->from] : $stay->to ?? [],
        );

        return $stay->to === null ? $served : max($this->answer->solution->tasks[$stay->from]->start, ...$ends);
    }

    /** As the cooks call it. */
    public function stationName(Task $task): string
    {
        return (Station::all($this->kitchen)[$this->station($task)] ?? null)->name ?? '';
    }

    public function colour(string $pot): string
    {
        return SauceColour::ofPlan($this->score->plans[$pot]);
    }

    private static function letter(int $number): string
    {
        return $number < 26 ? chr(65 + $number) : chr(65 + intdiv($number, 26) - 1) . chr(65 + $number % 26);
    }
}
