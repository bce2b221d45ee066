<?php

declare(strict_types=1);

namespace App\Log;

use App\Format\Words;
use App\Models\LogImport;
use App\Models\Pot;
use App\Models\StoredEvents;
use App\People\Here;
use App\Stove\Projection;
use Illuminate\Support\Facades\DB;
use Lento\Course\Event;

/** Takes the pots of a log file in: all that are not here yet, or none. What is here stays as it is. */
final readonly class TakeIn
{
    private const AT_ONCE = 60;

    /**
     * @param list<ReadPot> $pots
     * @param string $file what it was called
     *
     * @return array{taken: int, here: int} how many were new, and how many were here already
     *
     * @throws Refused where an event is already another pot's
     */
    public function __invoke(array $pots, string $file = ''): array
    {
        return DB::transaction(static function () use ($pots, $file): array {
            $import = null;
            $known = array_fill_keys(array_filter(Pot::query()->toBase()->pluck('uid')->all(), is_string(...)), true);
            $taken = 0;
            // A file is newest first; ids follow time.
            foreach (array_reverse($pots) as $pot) {
                if (isset($known[$pot->uid])) {
                    continue;
                }
                $known[$pot->uid] = true;
                $import ??= LogImport::query()->create([
                    'name' => mb_substr($file, 0, 200),
                    'by' => mb_substr(app(Here::class)->presence()->name, 0, 60),
                ]);
                $stored = Pot::query()->create([...$pot->pot, 'log_import_id' => $import->id]);
                foreach (array_chunk($pot->events, self::AT_ONCE) as $events) {
                    if (StoredEvents::add($stored, $events) !== count($events)) {
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
