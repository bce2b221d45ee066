<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Format\SauceNames;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Practice\Row;
use App\Practice\SetRow;

/** What can be practised, and what has been. */
final readonly class ChoosePage
{
    private SauceNames $names;

    public Choices $choices;

    /**
     * @param list<Row> $mine the last ones
     * @param list<SetRow> $set by the chef
     * @param list<array{sauce: string, liquid: string, litres: string}> $tonight
     */
    public function __construct(Kitchen $kitchen, private array $mine, private array $set, private array $tonight)
    {
        $this->names = new SauceNames($kitchen);
        $this->choices = Choices::of($kitchen);
    }

    /** @return list<array{name: string, line: string, address: string}> */
    public function mine(): array
    {
        return array_map(static fn(Row $one): array => [
            'name' => $one->name,
            'line' => Words::text('practice.difficulty.' . $one->difficulty->value) . ' · ' . self::came($one),
            'address' => route('practice.show', $one->id),
        ], $this->mine);
    }

    /** @return list<array{id: int, title: string, line: string}> */
    public function set(): array
    {
        return array_map(
            fn(SetRow $one): array => ['id' => $one->id, 'title' => $one->title, 'line' => self::line($one, $this->names)],
            $this->set,
        );
    }

    /** @return list<array{sauce: string, liquid: string, litres: string, name: string}> */
    public function tonight(): array
    {
        return array_map(
            fn(array $one): array => [...$one, 'name' => $this->names->name($one['sauce'], $one['liquid'])],
            $this->tonight,
        );
    }

    public static function line(SetRow $set, SauceNames $names): string
    {
        return $names->name($set->sauce, $set->liquid) . ', ' . round($set->litres, 2) . ' l, '
            . Words::text('practice.difficulty.' . $set->difficulty->value);
    }

    private static function came(Row $one): string
    {
        return match (true) {
            $one->finishedAt === null => Words::text('practice.choose.at', clock: PracticePage::minutes($one->second)),
            $one->isIt => Words::text('practice.choose.it'),
            default => Words::text('practice.choose.not_it'),
        };
    }
}
