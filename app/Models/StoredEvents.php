<?php

declare(strict_types=1);

namespace App\Models;

use App\People\Here;
use App\Records\EventCodec;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Happened\Moved;
use stdClass;

/** Reads events by the thousand: plain rows, for a page with twenty pots may not wait for as many models. */
final readonly class StoredEvents
{
    /** Marks that begin so are the server's own, made for what a device reads. */
    public const DEVICE = 'device-';

    /** @return list<Event> all of one pot, in the order they happened */
    public static function of(int $pot): array
    {
        return self::events([$pot], self::rows()->where('pot_id', $pot)->orderBy('at_ms')->orderBy('id')->get()->all())[$pot];
    }

    /**
     * All of several pots, each in the order they happened.
     *
     * @param list<int> $pots
     *
     * @return array<int, list<Event>>
     */
    public static function ofAll(array $pots): array
    {
        return self::events(
            $pots,
            self::rows()->whereIn('pot_id', $pots)->orderBy('pot_id')->orderBy('at_ms')->orderBy('id')->get()->all(),
        );
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
        $moving = array_filter(
            EventKind::cases(),
            static fn(EventKind $kind): bool => $kind->movesTheCourse() && $kind !== EventKind::Tended,
        );
        $tended = self::rows()->whereIn('pot_id', $pots)->where('kind', EventKind::Tended->value);
        // Where a visit was taken back its last one is not known by its moment alone: those few pots are read whole.
        $whole = self::rows()
            ->join(
                'pot_events as tended',
                static fn(JoinClause $same): JoinClause => $same->on('tended.pot_id', '=', 'pot_events.pot_id')->on(
                    'tended.token',
                    '=',
                    'pot_events.undoes',
                ),
            )
            ->whereIn('pot_events.pot_id', $pots)
            ->where('pot_events.kind', EventKind::Undone->value)
            ->where('tended.kind', EventKind::Tended->value)
            ->distinct()
            ->pluck('pot_events.pot_id')
            ->all();

        return self::events($pots, [
            // Only columns of an index, so that the hundreds of visits themselves are never touched.
            ...(clone $tended)
                ->whereNotIn('pot_id', $whole)
                ->groupBy('kind', 'pot_id', 'step', 'visit')
                ->selectRaw('kind, pot_id, step, visit, max(at_ms) as at_ms')
                ->get()
                ->all(),
            ...(clone $tended)->whereIn('pot_id', $whole)->get()->all(),
            ...self::rows()
                ->whereIn('pot_id', $pots)
                ->whereIn('kind', array_column($moving, 'value'))
                ->orderBy('at_ms')
                ->orderBy('id')
                ->get()
                ->all(),
        ]);
    }

    /** The newest of all, so that a tablet can ask whether anything has happened. */
    public static function latest(): int
    {
        $latest = self::rows()->max('id');

        return is_numeric($latest) ? (int) $latest : 0;
    }

    /**
     * Where each of several pots was moved to last; those that were never moved are left out.
     *
     * @param list<int> $pots
     *
     * @return array<int, string>
     */
    public static function movedTo(array $pots): array
    {
        $rows = self::rows()
            ->whereIn('pot_id', $pots)
            ->where('kind', EventKind::Moved->value)
            ->whereNotExists(
                static fn(Builder $undone): Builder => $undone
                    ->from('pot_events', 'undone')
                    ->whereColumn('undone.pot_id', 'pot_events.pot_id')
                    ->whereColumn('undone.undoes', 'pot_events.token'),
            )
            ->orderBy('at_ms')
            ->orderBy('id')
            ->get()
            ->all();
        $places = [];
        foreach (self::events($pots, $rows) as $pot => $moves) {
            $last = $moves === [] ? null : $moves[count($moves) - 1];
            if ($last instanceof Moved) {
                $places[$pot] = $last->place;
            }
        }

        return $places;
    }

    /** ms: when somebody last had a hand on a pot; what a probe reads by itself is none. Null where nobody has yet. */
    public static function lastSign(int $pot): ?int
    {
        $last = self::rows()->where('pot_id', $pot)->where('token', 'not like', self::DEVICE . '%')->max('at_ms');

        return is_numeric($last) ? (int) $last : null;
    }

    /**
     * Adds to a pot what is not there yet.
     *
     * @param list<Event> $events
     *
     * @return int how many were new
     */
    public static function add(Pot $pot, array $events): int
    {
        $here = app(Here::class)->presence();
        $whose = ['galley_id' => $pot->galley_id, 'pot_id' => $pot->id, 'said_by' => mb_substr($here->name, 0, 60)];

        return self::rows()->insertOrIgnore(
            array_map(static fn(Event $event): array => [...$whose, ...EventCodec::toRow($event)], $events),
        );
    }

    /** Of this kitchen alone, without a model for each. */
    private static function rows(): Builder
    {
        return PotEvent::query()->toBase();
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
            $events[is_numeric($row['pot_id']) ? (int) $row['pot_id'] : 0][] = EventCodec::ofRow($row);
        }

        return $events;
    }
}
