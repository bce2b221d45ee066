<?php

declare(strict_types=1);

namespace App\Pages\Score;

use App\Format\Station;
use App\Format\Words;
use App\Score\ScoreReading;
use Lento\Drawing\ScoreDrawing;
use Lento\Drawing\ScoreLook;
use Lento\Drawing\ScoreNote;
use Lento\Drawing\ScorePlaying;
use Lento\Drawing\ScoreSpan;
use Lento\Drawing\ScoreStaff;
use Lento\Drawing\ScoreUpright;
use Lento\Score\Attention;
use Lento\Score\Figure;
use Lento\Score\Interval;
use Lento\Score\Task;

/** A plan as it is drawn. */
final readonly class ScorePicture
{
    /** px of a tablet's page. */
    private const WIDTH = 1232.0;

    /** Minutes before the first start and after the last serving. */
    private const AROUND = 6;

    public ScoreDrawing $drawing;

    public ScoreUpright $upright;

    /** @param array<string, Interval> $rooms between which minutes each thing can move by itself */
    public function __construct(private ScoreReading $reading, int $zoom, private array $rooms)
    {
        [$span, $staves, $notes] = [$this->span(), $this->staves(), [...$this->notes(), ...$this->kept()]];
        $this->drawing = ScoreDrawing::of($span, $staves, $notes, $reading->cooks, self::WIDTH * $zoom);
        $this->upright = ScoreUpright::of($span, $staves, $notes, $reading->cooks);
    }

    /** @return array<string, string> names of the pots, by their letters */
    public function names(): array
    {
        $names = [];
        foreach ($this->reading->letters as $pot => $letter) {
            $names[$letter] = $this->reading->names[$pot];
        }

        return $names;
    }

    public function clock(int $minute): string
    {
        return $this->reading->score->day->clock($minute);
    }

    /** @return array{at: string, from: int, until: int}|null what a finger that drags it needs to know; null of what cannot be dragged */
    public function grip(string $note): ?array
    {
        $task = $this->reading->task($note);
        $room = $this->rooms[$note] ?? null;

        return $task === null || $room === null ? null : [
            'at' => $this->clock($this->reading->placed($task)->start),
            'from' => $room->from - $this->reading->placed($task)->start,
            'until' => $room->until - $this->reading->placed($task)->start,
        ];
    }

    private function span(): ScoreSpan
    {
        $reading = $this->reading;
        $first = $until = $reading->instance->end();
        $servings = [];
        foreach ($reading->tasks as $task) {
            $first = min($first, $reading->placed($task)->start);
            $until = max($until, $reading->placed($task)->start + $task->minutes->likely);
        }
        foreach ($reading->instance->work->sauces as $sauce) {
            if ($sauce->service !== null) {
                $servings[$sauce->service->at] = true;
            }
        }
        $now = $reading->instance->times->now;

        return new ScoreSpan(
            $first - self::AROUND,
            $until + self::AROUND,
            $now > $first - self::AROUND && $now < $until + self::AROUND ? $now : null,
            array_keys($servings),
            $this->clashes(),
        );
    }

    /** @return list<array{int, int, string}> looks that nobody has time for */
    private function clashes(): array
    {
        return array_map(fn(array $one): array => [
            $one[1],
            $one[2],
            Words::text('score.nobody_for', letter: $this->reading->letters[$one[0]->sauce]),
        ], $this->reading->clashes());
    }

    /** @return list<ScoreStaff> */
    private function staves(): array
    {
        $used = array_map($this->reading->station(...), $this->reading->tasks);
        $staves = [];
        foreach (Station::all($this->reading->kitchen) as $id => $station) {
            if ($id === Station::HOT_WELL || ($id === Station::OVEN && !in_array($id, $used, true))) {
                continue;
            }
            $kind = in_array($id, [Station::OVEN, Station::BENCH], true) ? $id : 'ring';
            $staves[] = new ScoreStaff(
                $id,
                $station->name,
                Words::text('score.staff.' . $kind . '.note'),
                array_map(static fn(string $line): string => Words::text("score.staff.{$kind}.{$line}"), ['high', 'mid', 'low']),
            );
        }

        return $staves;
    }

    /** @return list<ScoreNote> */
    private function notes(): array
    {
        $entered = [];
        $notes = [];
        foreach ($this->reading->tasks as $task) {
            $start = $this->reading->placed($task)->start;
            $station = $this->reading->station($task);
            $title = isset($entered["{$task->sauce} {$station}"]) ? '' : $this->reading->names[$task->sauce];
            $entered["{$task->sauce} {$station}"] = true;
            $notes[] = new ScoreNote(
                $task->id,
                self::vessel($task),
                $station,
                self::level(Figure::from($task->kind), $station),
                new ScorePlaying(
                    $start,
                    $start + $task->minutes->likely,
                    $this->reading->cookOf($task),
                    $task->asks->attention === Attention::Hands,
                    $this->reading->visits($task),
                ),
                new ScoreLook($this->reading->colour($task->sauce), $this->words($task), $this->reading->letters[$task->sauce], $title),
            );
        }

        return $notes;
    }

    /** @return list<ScoreNote> what is kept hot until it is served, or ladled off */
    private function kept(): array
    {
        $notes = [];
        foreach ($this->reading->instance->work->sauces as $sauce) {
            $from = $until = $this->reading->answer->solution->tasks[$sauce->last]->start
                + ($this->reading->task($sauce->last)->minutes->likely ?? 0);
            foreach ($this->reading->instance->work->stays as $stay) {
                if (in_array($stay->id, [$sauce->id . ':kept', $sauce->id . ':ladled'], true)) {
                    $until = max($until, $this->reading->until($stay, $sauce->service->at ?? $until));
                }
            }
            if ($until > $from) {
                $notes[] = new ScoreNote(
                    $sauce->id . ':kept',
                    $sauce->id,
                    Station::BENCH,
                    2,
                    new ScorePlaying($from, $until, kept: true),
                    new ScoreLook($this->reading->colour($sauce->id), '', $this->reading->letters[$sauce->id]),
                );
            }
        }

        return $notes;
    }

    private function words(Task $task): string
    {
        $words = Words::text('score.figure.' . $task->kind);

        return $task->asks->attention === Attention::None
            ? Words::text('score.left_for', what: $words, minutes: (string) $task->minutes->likely)
            : $words;
    }

    /** What is carried from one staff to another: the pot, or the pan beside it. What is set out is carried by hand. */
    private static function vessel(Task $task): string
    {
        $figure = Figure::from($task->kind);

        return match (true) {
            $figure === Figure::SetOut, $figure === Figure::Wash => $task->id,
            $figure->isBeside() => $task->sauce . ':beside',
            default => $task->sauce,
        };
    }

    /** How hot: 2 for the highest line. */
    private static function level(Figure $figure, string $station): int
    {
        if ($station === Station::BENCH) {
            return $figure === Figure::SetOut ? 0 : 1;
        }

        return match ($figure) {
            Figure::Boil, Figure::Brown, Figure::Apart, Figure::Reheat => 2,
            Figure::Roux, Figure::Pour, Figure::Skim, Figure::Bake, Figure::Warm => 1,
            default => 0,
        };
    }
}
