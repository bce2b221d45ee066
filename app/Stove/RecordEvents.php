<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\Pot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;

/**
 * Adds events to a pot, each once, whatever the line does; a pot that is over is closed with what came out.
 *
 * An event keeps the moment its tablet gave it, within reason: not before its pot, not in the future. Where the server's clock has gone
 * back, new events follow the last one by a millisecond, so that they stay behind it.
 */
final readonly class RecordEvents
{
    /**
     * @param list<StoredEvent> $events in the order they happened on the tablet
     * @param array<string, mixed>|null $outcome if one of them finishes it
     * @param array<string, mixed>|null $lesson what it then teaches of its kitchen
     */
    public function __invoke(Pot $pot, array $events, CarbonImmutable $now, ?array $outcome = null, ?array $lesson = null): void
    {
        DB::transaction(static function () use ($pot, $events, $now, $outcome, $lesson): void {
            $last = $pot->events()->max('at_ms');
            $latest = is_numeric($last) ? (int) $last : 0;
            $ends = false;
            foreach ($events as $event) {
                $at = $event->atMs === 0 ? max($now->getTimestampMs(), $latest + 1) : min(max($event->atMs, $pot->started_at->getTimestampMs()), max($now->getTimestampMs(), $latest + 1));
                $latest = max($latest, $at);
                DB::table('pot_events')->insertOrIgnore(['pot_id' => $pot->id, ...$event->at($at)->toRow()]);
                $ends = $ends || in_array($event->kind, [EventKind::Finished, EventKind::TakenOff, EventKind::Undone], true);
            }
            if ($ends) {
                self::close($pot, $outcome, $lesson);
            }
        });
    }

    /**
     * @param array<string, mixed>|null $outcome
     * @param array<string, mixed>|null $lesson
     */
    private static function close(Pot $pot, ?array $outcome, ?array $lesson): void
    {
        $course = $pot->course();
        if (($course->finishedAt === null) !== ($pot->finished_at === null)) {
            $pot->update(['finished_at' => $course->finishedAt, 'cook' => $course->cook === '' ? null : $course->cook, 'outcome' => $course->finishedAt === null ? null : $outcome, 'lesson' => $course->finishedAt === null ? null : $lesson]);
        }
    }
}
