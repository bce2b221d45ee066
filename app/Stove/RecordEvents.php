<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\Pot;
use App\Models\StoredEvents;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\Course;
use Lento\Course\EventKind;

/**
 * Adds events to a pot, each once, whatever the line does, and writes down what then follows from all of them.
 *
 * An event keeps the moment its tablet gave it, within reason: not before its pot, not in the future. Where the server's clock has gone
 * back, new events follow the last one by a millisecond, so that they stay behind it.
 */
final readonly class RecordEvents
{
    /** @param list<Tap> $taps in the order they happened on the tablet */
    public function __invoke(Pot $pot, array $taps, CarbonImmutable $now): void
    {
        DB::transaction(static function () use ($pot, $taps, $now): void {
            $last = $pot->events()->max('at_ms');
            [$latest, $events] = [is_numeric($last) ? (int) $last : 0, []];
            foreach ($taps as $tap) {
                $at = $tap->atMs === 0
                    ? max($now->getTimestampMs(), $latest + 1)
                    : min(max($tap->atMs, $pot->started_at->getTimestampMs()), max($now->getTimestampMs(), $latest + 1));
                $latest = max($latest, $at);
                $events[] = $tap->happenedAt($at);
            }
            StoredEvents::add($pot, $events);
            if (self::mayEnd($taps) || Pot::query()->whereKey($pot->id)->whereNotNull('finished_at')->exists()) {
                Projection::of($pot)->writeTo($pot);
            } else {
                self::callsNext($pot);
            }
        });
    }

    /** The hundreds of visits of a long simmer are not read for it. */
    private static function callsNext(Pot $pot): void
    {
        $course = Course::of($pot->plan->steps, $pot->started_at, StoredEvents::coursesOf([$pot->id])[$pot->id]);
        // As a query: what another tablet has written since this row was read must not stand in its way.
        Pot::query()->whereKey($pot->id)->update([
            'calls_at_ms' => Moment::maybe($course->nextCall()?->at),
            'touched_at_ms' => StoredEvents::lastSign($pot->id) ?? Moment::ms($pot->started_at),
        ]);
    }

    /**
     * Of a pot that is on only its next call is written down, so that nothing but what ends it, or takes an end back, has it reckoned
     * through.
     *
     * @param list<Tap> $taps
     */
    private static function mayEnd(array $taps): bool
    {
        $ends = [EventKind::Finished->value, EventKind::TakenOff->value, EventKind::Undone->value];

        return array_filter($taps, static fn(Tap $tap): bool => in_array($tap->kind, $ends, true)) !== [];
    }
}
