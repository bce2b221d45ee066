<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\Pot;
use App\Models\PotEvent;
use App\Records\EventCodec;
use App\Typed\FieldFault;
use Lento\Course\EventKind;
use stdClass;

/**
 * Which of a tablet's taps cannot stand beside what is kept, each with the reason: what is acknowledged is kept, and as it was said.
 *
 * Asked inside the transaction that keeps the others, so that no other tablet comes between.
 */
final readonly class Beside
{
    private const ENDINGS = [EventKind::Finished->value, EventKind::TakenOff->value];

    /** More in one batch are no pot's life, and each is weighed. */
    private const MOST_ENDINGS = 8;

    /** SQLite takes some thousands of values in a query, others fewer. */
    private const AT_ONCE = 500;

    /**
     * @param array<int, Tap> $taps by their place in the list that was sent
     *
     * @return array<int, non-empty-list<FieldFault>>
     */
    public static function faults(Pot $pot, array $taps): array
    {
        $faults = self::taken($pot, $taps);
        $faults += self::endedAlready($pot, array_diff_key($taps, $faults));
        while (($idle = self::takeBackNothing($pot, array_diff_key($taps, $faults))) !== []) {
            $faults += array_map(static fn(Tap $tap): array => [FieldFault::of('undoes', 'not_happened')], $idle);
        }
        ksort($faults);

        return $faults;
    }

    /**
     * Their mark is kept already, for something else; the same sent again is no fault.
     *
     * @param array<int, Tap> $taps
     *
     * @return array<int, non-empty-list<FieldFault>>
     */
    private static function taken(Pot $pot, array $taps): array
    {
        $kept = [];
        foreach (array_chunk(array_map(static fn(Tap $tap): string => $tap->id, $taps), self::AT_ONCE) as $ids) {
            $rows = PotEvent::query()->where('pot_id', $pot->id)->whereIn('token', $ids)->toBase();
            foreach ($rows->get(['token', 'kind', 'step', 'undoes', 'data']) as $row) {
                $kept[self::text($row->token)] = $row;
            }
        }
        [$faults, $said] = [[], []];
        foreach ($taps as $i => $tap) {
            $before = $kept[$tap->id] ?? null;
            $what = self::ofTap($tap);
            if ($before !== null && self::what($before) !== $what || ($said[$tap->id] ??= $what) !== $what) {
                $faults[$i] = [FieldFault::of('token', 'mark_taken')];
            }
        }

        return $faults;
    }

    /**
     * A pot is over once, until that is taken back: the outcome that was kept first stands.
     *
     * @param array<int, Tap> $taps
     *
     * @return array<int, non-empty-list<FieldFault>>
     */
    private static function endedAlready(Pot $pot, array $taps): array
    {
        $ends = array_filter($taps, static fn(Tap $tap): bool => in_array($tap->kind, self::ENDINGS, true));
        $faults = array_map(
            static fn(Tap $tap): array => [FieldFault::of('outcome', 'ends_too_often', ['most' => (string) self::MOST_ENDINGS])],
            array_slice($ends, self::MOST_ENDINGS, null, true),
        );
        $ending = $ends === [] ? null : $pot->course()->ending();
        $reopened = array_map(static fn(Tap $tap): string => $tap->undoes(), $taps);
        if ($ending === null || in_array($ending->id, $reopened, true)) {
            return $faults;
        }
        // One that is kept already is sent again, and one taken back in the same breath changes nothing.
        $known = [...$pot->events()->whereIn('kind', self::ENDINGS)->pluck('token')->all(), ...$reopened];
        $late = array_filter($ends, static fn(Tap $tap): bool => !in_array($tap->id, $known, true));

        return $faults + array_map(static fn(Tap $tap): array => [FieldFault::of('outcome', 'over_already')], $late);
    }

    /**
     * Those that take back what never happened: neither in this batch, wherever it stands in it, nor before.
     *
     * @param array<int, Tap> $taps
     *
     * @return array<int, Tap>
     */
    private static function takeBackNothing(Pot $pot, array $taps): array
    {
        $ids = array_map(static fn(Tap $tap): string => $tap->id, $taps);

        return array_filter(
            $taps,
            static fn(Tap $tap): bool => $tap->kind === EventKind::Undone->value
                && !in_array($tap->undoes(), $ids, true)
                && !$pot->events()->where('token', $tap->undoes())->exists(),
        );
    }

    /** All that a tap says but its moment, which is held within reason and may so differ from what was sent. */
    private static function ofTap(Tap $tap): string
    {
        return self::what((object) EventCodec::toRow($tap->happenedAt(max(0, $tap->atMs))));
    }

    private static function what(stdClass $row): string
    {
        return implode("\n", array_map(self::text(...), [$row->kind, $row->step, $row->undoes, $row->data]));
    }

    private static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }
}
