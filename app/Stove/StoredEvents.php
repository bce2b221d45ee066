<?php

declare(strict_types=1);

namespace App\Stove;

use Illuminate\Support\Facades\DB;
use Lento\Course\Event;
use Lento\Course\EventKind;
use stdClass;

/** Reads events by the thousand: plain rows, for a page with twenty pots may not wait for as many models. */
final readonly class StoredEvents
{
    /** @return list<Event> all of one pot, in the order they happened */
    public static function of(int $pot): array
    {
        return self::events([$pot], DB::table('pot_events')->where('pot_id', $pot)->orderBy('at_ms')->orderBy('id')->get()->all())[$pot];
    }

    /**
     * What tells where each pot stands. Of the visits, which come by the hundred, only the last of each kind at each step counts.
     *
     * @param list<int> $pots
     *
     * @return array<int, list<Event>>
     */
    public static function coursesOf(array $pots): array
    {
        $moving = array_filter(EventKind::cases(), static fn(EventKind $kind): bool => $kind->movesTheCourse() && $kind !== EventKind::Tended);
        $undone = DB::table('pot_events')->whereIn('pot_id', $pots)->where('kind', EventKind::Undone->value)->select('undoes');
        $visits = DB::table('pot_events')->whereIn('pot_id', $pots)->where('kind', EventKind::Tended->value)->whereNotIn('token', $undone)
            ->groupBy('pot_id', 'step', 'choice')->selectRaw('*, max(at_ms) as latest');

        return self::events($pots, [
            ...$visits->get()->all(),
            ...DB::table('pot_events')->whereIn('pot_id', $pots)->whereIn('kind', array_column($moving, 'value'))->orderBy('at_ms')->orderBy('id')->get()->all(),
        ]);
    }

    /** The newest of all, so that a tablet can ask whether anything has happened. */
    public static function latest(): int
    {
        $latest = DB::table('pot_events')->max('id');

        return is_numeric($latest) ? (int) $latest : 0;
    }

    /**
     * @param list<int> $pots
     * @param array<stdClass> $rows
     *
     * @return array<int, list<Event>>
     */
    private static function events(array $pots, array $rows): array
    {
        $events = array_fill_keys($pots, []);
        foreach ($rows as $row) {
            /** @var array<string, mixed> $row */
            $row = (array) $row;
            $events[is_numeric($row['pot_id']) ? (int) $row['pot_id'] : 0][] = StoredEvent::ofRow($row)->toEvent();
        }

        return $events;
    }
}
