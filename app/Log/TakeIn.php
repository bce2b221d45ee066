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
use Throwable;

/**
 * Takes the pots of a log file in: all that are not here yet, or none. What is here stays as it is.
 *
 * Some at a time, for while they are written no tablet can: a year's log would hold up taps for longer than a tablet waits. Where one
 * cannot be taken, those before it go again; where the power goes, what is there can be taken back, or the file taken in once more.
 */
final readonly class TakeIn
{
    private const EVENTS_AT_ONCE = 60;

    /** About half a second's. */
    private const POTS_AT_ONCE = 20;

    public function __construct(private Here $here) {}

    /**
     * @param string $file what it was called
     *
     * @return array{taken: int, here: int} how many were new, and how many were here already
     *
     * @throws Refused where something happened to a pot twice
     */
    public function __invoke(ReadPots $pots, string $file = ''): array
    {
        $import = LogImport::query()->create([
            'name' => mb_substr($file, 0, 200),
            'by' => mb_substr($this->here->presence()->name, 0, 60),
        ]);
        try {
            [$taken, $some] = [0, []];
            // A file is newest first; ids follow time.
            foreach ($pots->backwards() as $pot) {
                $some[] = $pot;
                if (count($some) === self::POTS_AT_ONCE) {
                    $taken += $this->some($some, $import);
                    $some = [];
                }
            }
            $taken += $this->some($some, $import);
        } catch (Throwable $wrong) {
            $import->takeBack();

            throw $wrong;
        }
        if ($taken === 0) {
            $import->takeBack();
        }

        return ['taken' => $taken, 'here' => count($pots) - $taken];
    }

    /**
     * @param list<ReadPot> $pots
     *
     * @return int how many were new
     */
    private function some(array $pots, LogImport $import): int
    {
        return DB::transaction(static function () use ($pots, $import): int {
            $known = Pot::query()->whereIn('uid', array_map(static fn(ReadPot $pot): string => $pot->uid, $pots))->pluck('uid')->all();
            $taken = 0;
            foreach ($pots as $pot) {
                if (in_array($pot->uid, $known, true)) {
                    continue;
                }
                $known[] = $pot->uid;
                $stored = Pot::query()->create([...$pot->pot, 'log_import_id' => $import->id]);
                foreach (array_chunk($pot->events, self::EVENTS_AT_ONCE) as $events) {
                    if (StoredEvents::add($stored, $events) !== count($events)) {
                        throw Refused::at($pot->line, Words::text('log.file.event_elsewhere', name: mb_substr($stored->name, 0, 60)));
                    }
                }
                Projection::of($stored)->writeTo($stored);
                $taken++;
            }

            return $taken;
        });
    }
}
