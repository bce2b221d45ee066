<?php

declare(strict_types=1);

namespace App\Stove;

use Illuminate\Support\Facades\DB;
use Lento\Course\Event;
use Lento\Course\EventKind;

/** Reads events by the thousand: plain rows, for a page with twenty pots may not wait for as many models. */
final readonly class StoredEvents
{
    /** @return list<Event> all of one pot, in the order they happened */
    public static function of(int $pot): array
    {
        return self::ofPots([$pot], array_column(EventKind::cases(), 'value'))[$pot] ?? [];
    }

    /**
     * @param list<int> $pots
     *
     * @return array<int, list<Event>> of each pot, only what tells where it stands
     */
    public static function coursesOf(array $pots): array
    {
        return self::ofPots($pots, array_values(array_map(
            static fn(EventKind $kind): string => $kind->value,
            array_filter(EventKind::cases(), static fn(EventKind $kind): bool => $kind->movesTheCourse()),
        )));
    }

    /** The newest of all, so that a tablet can ask whether anything has happened. */
    public static function latest(): int
    {
        $latest = DB::table('pot_events')->max('id');

        return is_numeric($latest) ? (int) $latest : 0;
    }

    /**
     * @param list<int> $pots
     * @param list<string> $kinds
     *
     * @return array<int, list<Event>>
     */
    private static function ofPots(array $pots, array $kinds): array
    {
        $events = array_fill_keys($pots, []);
        $rows = DB::table('pot_events')->whereIn('pot_id', $pots)->whereIn('kind', $kinds)->orderBy('pot_id')->orderBy('at_ms')->orderBy('id')->get();
        foreach ($rows as $row) {
            /** @var array<string, mixed> $row */
            $row = (array) $row;
            $events[is_numeric($row['pot_id']) ? (int) $row['pot_id'] : 0][] = StoredEvent::ofRow($row)->toEvent();
        }

        return $events;
    }
}
