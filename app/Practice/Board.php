<?php

declare(strict_types=1);

namespace App\Practice;

use App\Eye\Trainee;
use App\Models\Exercise;
use App\Models\Practice;
use App\Models\Service;
use App\Typed\TypedNumber;

/** What is set, what is served tonight, what one has cooked for practice, and what the brigade has. */
final readonly class Board
{
    private const MINE = 8;

    private const SET = 60;

    private const OF_ONE = 200;

    private function __construct() {}

    /** @return list<Row> one's own, the last one first */
    public static function mine(): array
    {
        return array_values(
            Practice::query()->where('cook_key', Trainee::here()->key)->latest('id')->limit(self::MINE)->get(Row::COLUMNS)
                ->map(static fn(Practice $one): Row => Row::of($one))->all(),
        );
    }

    /** @return list<SetRow> */
    public static function set(int $most = self::SET): array
    {
        return array_values(
            Exercise::query()->latest('id')->limit($most)->get()->map(static fn(Exercise $one): SetRow => SetRow::of($one))->all(),
        );
    }

    /** @return array<int, list<Row>> what was cooked of what is set, by its id */
    public static function cooked(): array
    {
        $titles = Exercise::query()->latest('id')->limit(self::SET)->pluck('title', 'id');
        $cooked = [];
        foreach (Practice::query()->whereIn('exercise_id', $titles->keys())->orderBy('id')->get(Row::COLUMNS) as $one) {
            $title = $titles[$one->exercise_id ?? 0] ?? '';
            $cooked[$one->exercise_id ?? 0][] = Row::of($one, is_string($title) ? $title : '');
        }

        return $cooked;
    }

    /** @return list<Row> */
    public static function cookedOf(Exercise $exercise): array
    {
        return array_values(
            $exercise->practices()->orderBy('id')->limit(self::OF_ONE)->get(Row::COLUMNS)
                ->map(static fn(Practice $one): Row => Row::of($one, $exercise->title))->all(),
        );
    }

    /** @return list<array{sauce: string, liquid: string, litres: string}> of the last service */
    public static function tonight(): array
    {
        $service = Service::query()->atHand()->latest('id')->first();
        $wishes = $service->fields['wishes'] ?? [];
        $tonight = [];
        foreach (is_array($wishes) ? $wishes : [] as $wish) {
            $sauce = is_array($wish) && is_string($wish['sauce'] ?? null) ? $wish['sauce'] : '';
            $liquid = is_array($wish) && is_string($wish['liquid'] ?? null) ? $wish['liquid'] : '';
            $litres = TypedNumber::plain(self::litres(is_array($wish) ? $wish : []));
            $tonight = $sauce === '' ? $tonight : [...$tonight, ['sauce' => $sauce, 'liquid' => $liquid, 'litres' => $litres]];
        }

        return $tonight;
    }

    /**
     * As it is wished: its litres, or so many covers of so many millilitres; within what one practises.
     *
     * @param array<mixed> $wish
     */
    private static function litres(array $wish): float
    {
        $number = static fn(string $field): float => TypedNumber::number(is_string($wish[$field] ?? null) ? $wish[$field] : '') ?? 0.0;
        $litres = $number('litres') > 0.0 ? $number('litres') : $number('covers') * $number('each') / 1000.0;

        return max(Wanted::LEAST_LITRES, min(Wanted::MOST_LITRES, round($litres, 1)));
    }
}
