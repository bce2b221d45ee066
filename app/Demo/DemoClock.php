<?php

declare(strict_types=1);

namespace App\Demo;

use App\Models\Pot;
use App\Models\PotEvent;
use App\Stove\Projection;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * The demo galley opened the next day: while nobody has touched its pots, they are put on anew, as long before now as the story has them.
 *
 * The pots that are on move to the minute, those of the log by whole days, so that they stay in the afternoon.
 */
final readonly class DemoClock
{
    /** What the seeder's events are called, and no tablet's. */
    public const SEED = 'seed-';

    /** Put on so long before it is looked at: the last pot of the seeder. */
    public const LAST_PUT_ON = 14;

    private const DAY_MS = 86_400_000;

    /** @return bool whether they were moved */
    public static function wind(CarbonImmutable $now): bool
    {
        $last = Pot::query()->whereNull('finished_at')->latest('started_at')->first();
        if ($last === null || self::touched()) {
            return false;
        }
        $late = $now->startOfMinute()->subMinutes(self::LAST_PUT_ON)->getTimestampMs() - $last->started_at->getTimestampMs();
        if ($late <= 0) {
            return false;
        }
        DB::transaction(static function () use ($late): void {
            foreach (Pot::query()->get() as $pot) {
                $by = $pot->finished_at === null ? $late : intdiv($late, self::DAY_MS) * self::DAY_MS;
                $pot->events()->toBase()->increment('at_ms', $by);
                $pot->update(['started_at' => $pot->started_at->addMilliseconds($by)]);
                Projection::of($pot->refresh())->writeTo($pot);
            }
        });

        return true;
    }

    /** Whether there is a pot, or a tap, that is not the seeder's. */
    private static function touched(): bool
    {
        return PotEvent::query()
            ->where('token', 'not like', self::SEED . '%')
            ->exists()
            || Pot::query()
                ->whereNotExists(static fn(Builder $events): Builder => $events->from('pot_events')->whereColumn('pot_id', 'pots.id'))
                ->exists();
    }
}
