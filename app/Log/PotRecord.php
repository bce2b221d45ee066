<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\Pot;
use App\Stove\StoredEvent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** One pot as it stands in a log file, docs/formats/log.schema.json: what was planned, what happened, what came out. */
final readonly class PotRecord
{
    /** To the millisecond, in UTC: the same in every kitchen. */
    public const MOMENT = 'Y-m-d\TH:i:s.v\Z';

    /**
     * Straight from the tables, for a whole log may be written at once.
     *
     * @param list<int> $ids
     *
     * @return list<array<string, mixed>> in the order of the ids
     */
    public static function ofAll(array $ids): array
    {
        $events = [];
        foreach (DB::table('pot_events')->whereIn('pot_id', $ids)->orderBy('pot_id')->orderBy('at_ms')->orderBy('id')->get()->all() as $row) {
            /** @var array<string, mixed> $row */
            $row = (array) $row;
            $events[is_numeric($row['pot_id']) ? (int) $row['pot_id'] : 0][] = self::event(StoredEvent::ofRow($row));
        }
        $records = [];
        foreach (DB::table('pots')->whereIn('id', $ids)->get()->all() as $pot) {
            $records[is_numeric($pot->id) ? (int) $pot->id : 0] = [
                'id' => $pot->uid,
                'name' => $pot->name,
                'sauce' => $pot->base,
                'cook' => $pot->cook,
                'place' => $pot->place,
                'started_at' => self::moment($pot->started_at),
                'finished_at' => self::moment($pot->finished_at),
                'left_out' => (bool) $pot->left_out,
                'question' => self::json($pot->question, map: true),
                'plan' => self::json($pot->plan, map: true),
                'steps' => self::json($pot->steps, map: false),
                'outcome' => self::json($pot->outcome, map: true),
                'lesson' => self::json($pot->lesson, map: true),
                'events' => $events[is_numeric($pot->id) ? (int) $pot->id : 0] ?? [],
            ];
        }

        return array_values(array_filter(array_map(static fn(int $id): ?array => $records[$id] ?? null, $ids)));
    }

    /** @return array<string, mixed> only what this kind of event says */
    private static function event(StoredEvent $event): array
    {
        return [
            'id' => $event->token,
            'at' => StoredEvent::moment($event->atMs)->setTimezone(new \DateTimeZone('UTC'))->format(self::MOMENT),
            'kind' => $event->kind->value,
            'step' => $event->step,
            ...array_filter(['pour' => $event->pour, 'seconds' => $event->seconds], static fn(int $number): bool => $number !== 0),
            ...array_filter(['goes_to' => $event->goesTo, 'value' => $event->value], static fn(int|float|null $number): bool => $number !== null),
            ...array_filter(['choice' => $event->choice, 'text' => $event->text, 'undoes' => $event->undoes], static fn(string $text): bool => $text !== ''),
        ];
    }

    private static function moment(mixed $stored): ?string
    {
        return is_string($stored) ? CarbonImmutable::parse($stored)->utc()->format(self::MOMENT) : null;
    }

    /** An empty map and an empty list look the same once decoded; what is stored says nothing of it. */
    private static function json(mixed $stored, bool $map): mixed
    {
        $value = is_string($stored) ? json_decode($stored, true) : null;

        return $map && $value === [] ? (object) [] : $value;
    }
}
