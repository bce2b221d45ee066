<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Kitchen\Kitchen;
use App\Models\Batch;
use App\Models\Pot;
use App\Records\LotCodec;
use App\Records\Moment;
use App\Stove\RecordEvents;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lento\Course\Happened\LadledOff;
use Lento\Course\Stamp;
use Lento\Quantity\Volume;
use Lento\Shelf\Happened\PutIn;
use Lento\Shelf\Mark;

/** Puts what comes from a pot into its vessels: one batch, a tub for each vessel; a pot that is on has so much less in it. */
final readonly class PutAway
{
    /** ml by which a batch is cut into tubs: nobody pours finer. */
    private const DROP = 1.0;

    public function __construct(private RecordEvents $record, private Kitchen $kitchen) {}

    public function __invoke(PotToKeep $from, PutAwayFields $asked, CarbonImmutable $now): Batch
    {
        return DB::transaction(function () use ($from, $asked, $now): Batch {
            $batch = $this->batch($from, $now);
            $events = [];
            foreach ($asked->portions as $portion) {
                foreach (self::cut($portion->volume, $portion->count) as $volume) {
                    $tub = (string) Str::uuid();
                    $events[] = new PutIn(
                        Mark::of((string) Str::uuid(), $tub, $now->toDateTimeImmutable(), StoredShelf::by()),
                        $portion->vessel->measured(),
                        $portion->vessel->name,
                        $volume,
                        $asked->temperature,
                        $portion->spot,
                    );
                }
            }
            StoredShelf::add($batch, $events, $now);
            if ($from->pot->finished_at === null) {
                $stamp = Stamp::of((string) Str::uuid(), $from->pot->course()->step()->id, $now->toDateTimeImmutable());
                $ladled = new LadledOff($stamp, $asked->total(), for: mb_substr(__('keep.kept_as', ['code' => $batch->code]), 0, 60));
                ($this->record)($from->pot, [Tap::made($ladled, now: true)], $now);
            }

            return $batch;
        });
    }

    private function batch(PotToKeep $from, CarbonImmutable $now): Batch
    {
        $pot = $from->pot;

        return Batch::query()->create([
            'uid' => (string) Str::uuid(),
            'code' => self::code($now),
            'name' => $pot->name,
            'sauce' => $pot->sauce,
            'liquid' => $pot->plan->making?->liquid,
            'pot_id' => $pot->id,
            'cook' => $pot->course()->cook === '' ? StoredShelf::by() : $pot->course()->cook,
            'made_at_ms' => Moment::ms($from->facts->lot->made),
            'facts' => LotCodec::facts($from->facts),
            'cost_per_litre' => $this->cost($pot),
        ]);
    }

    /** "1129-3": the third of the 29th of November. */
    private static function code(CarbonImmutable $now): string
    {
        $day = $now->format('ymd');
        $taken = Batch::query()->where('code', 'like', $day . '-%')->pluck('code')->all();
        $last = array_map(static fn(mixed $code): int => is_string($code) ? (int) substr($code, 7) : 0, $taken);

        return $day . '-' . (max([0, ...$last]) + 1);
    }

    /** @return list<Volume> in whole ml that add up to all of it */
    public static function cut(Volume $all, int $count): array
    {
        $left = (int) round($all->inMillilitres() / self::DROP);
        $cut = [];
        for ($i = $count; $i > 0; $i--) {
            $ml = (int) round($left / $i);
            $cut[] = Volume::ofMillilitres($ml * self::DROP);
            $left -= $ml;
        }

        return $cut;
    }

    private function cost(Pot $pot): ?float
    {
        $costs = $this->kitchen->costs($pot->plan->amounts());
        $litres = $pot->plan->promise?->volume->inLitres() ?? 0.0;

        return $costs === [] || $litres <= 0.0 ? null : array_sum($costs) / $litres;
    }
}
