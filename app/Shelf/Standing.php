<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Batch;
use App\Models\Tub;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Lento\Shelf\Batch as KeptBatch;
use Lento\Shelf\Tub as KeptTub;

/** Writes down how each tub of a batch stands, so that a shelf is read without going through all that happened. */
final readonly class Standing
{
    public static function write(Batch $row, KeptBatch $batch, CarbonImmutable $now): void
    {
        $nth = 0;
        foreach ($batch->tubs as $uid => $tub) {
            Tub::query()->updateOrCreate(['batch_id' => $row->id, 'uid' => $uid], ['nth' => ++$nth, ...self::of($tub, $now)]);
        }
        // What was never put away after all.
        Tub::query()->where('batch_id', $row->id)->whereNotIn('uid', array_keys($batch->tubs))->delete();
    }

    /** @return array<string, mixed> */
    private static function of(KeptTub $tub, CarbonImmutable $now): array
    {
        return [
            'vessel' => $tub->vesselName(),
            'state' => $tub->state($now),
            'spot' => $tub->spot(),
            'ml' => (int) round($tub->volume()->inMillilitres()),
            'celsius' => $tub->lastRead()?->temperature->inCelsius(),
            'use_by' => $tub->useBy()?->format('Y-m-d'),
            'looks_at_ms' => Moment::maybe($tub->looksNext($now)),
            'put_in_at_ms' => Moment::ms($tub->since()),
            'gone_at_ms' => Moment::maybe($tub->goneAt()),
            'reheated' => $tub->reheatedAt() !== null,
            'made_ml' => $tub->ledger()->made,
            'served_ml' => $tub->ledger()->served,
            'binned_ml' => $tub->ledger()->binned,
            'lost_ml' => $tub->ledger()->lost,
            'bin_reason' => $tub->binned()?->reason->value,
        ];
    }
}
