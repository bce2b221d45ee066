<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Practice\Row;
use App\Practice\SetRow;

/** What is set for the brigade, how often it was cooked, and where the brigade goes wrong. */
final readonly class ExercisesPage
{
    public Choices $choices;

    private SauceNames $names;

    /**
     * @param list<SetRow> $set
     * @param array<int, list<Row>> $cooked by the id of what is set
     */
    public function __construct(Kitchen $kitchen, private array $set, private array $cooked, public bool $maySet)
    {
        $this->choices = Choices::of($kitchen);
        $this->names = new SauceNames($kitchen);
    }

    /** @return list<array{id: int, title: string, line: string}> */
    public function set(): array
    {
        return array_map(fn(SetRow $one): array => [
            'id' => $one->id,
            'title' => $one->title,
            'line' => ChoosePage::line($one, $this->names) . ' · ' . $this->times(count($this->cooked[$one->id] ?? [])),
        ], $this->set);
    }

    /** @return array<string, string> how often, by the cause, the most frequent first */
    public function faults(): array
    {
        $faults = [];
        foreach (array_merge(...array_values($this->cooked)) as $one) {
            $cause = $one->causes[0] ?? '';
            $faults = $cause === '' ? $faults : [...$faults, $cause => ($faults[$cause] ?? 0) + 1];
        }
        arsort($faults);

        return array_map($this->times(...), $faults);
    }

    private function times(int $times): string
    {
        return $times === 0
            ? Words::text('practice.exercise.nobody')
            : trans_choice('practice.exercise.times', $times, ['count' => $times]);
    }
}
