<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Models\Pot;
use App\Records\EventCodec;
use App\Stove\Projection;
use Illuminate\Support\Facades\DB;
use Lento\Course\Event;

/** Takes the pots of a log file in: all that are not here yet, or none. What is here stays as it is. */
final readonly class TakeIn
{
    private const AT_ONCE = 60;

    /**
     * @param list<ReadPot> $pots
     *
     * @return array{taken: int, here: int} how many were new, and how many were here already
     *
     * @throws Refused where an event is already another pot's
     */
    public function __invoke(array $pots): array
    {
        return DB::transaction(static function () use ($pots): array {
            $known = array_fill_keys(array_filter(DB::table('pots')->pluck('uid')->all(), is_string(...)), true);
            $taken = 0;
            // A file is newest first; ids follow time.
            foreach (array_reverse($pots) as $pot) {
                if (isset($known[$pot->uid])) {
                    continue;
                }
                $known[$pot->uid] = true;
                $stored = Pot::query()->create($pot->pot);
                foreach (array_chunk($pot->events, self::AT_ONCE) as $events) {
                    $kept = DB::table('pot_events')->insertOrIgnore(
                        array_map(static fn(Event $event): array => ['pot_id' => $stored->id, ...EventCodec::toRow($event)], $events),
                    );
                    if ($kept !== count($events)) {
                        throw Refused::at($pot->line, Words::text('log.file.event_elsewhere', name: mb_substr($stored->name, 0, 60)));
                    }
                }
                Projection::of($stored)->writeTo($stored);
                $taken++;
            }

            return ['taken' => $taken, 'here' => count($pots) - $taken];
        });
    }
}
