<?php

declare(strict_types=1);

/*
 * Times the pages of a shelf with a year behind it: twenty thousand tubs, three hundred of them still there, one with a probe in it.
 *
 * php bin/bench-shelf.php
 */

use App\Kitchen\LoadKitchen;
use App\Models\Batch;
use App\Models\Tub;
use App\Models\Vessel;
use App\Shelf\PotToKeep;
use App\Shelf\PutAway;
use App\Shelf\PutAwayFields;
use App\Shelf\StoredShelf;
use App\Stove\RecordEvents;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\Happened\Done;
use Lento\Course\Stamp;
use Lento\Plan\StepKind;
use Lento\Quantity\Temperature;
use Lento\Shelf\Happened\ReadOff;
use Lento\Shelf\Mark;

require __DIR__ . '/bench-pages.php';

const TUBS = 20_000;
const THERE = 300;
const DAYS = 365;
const DAY_MS = 86_400_000;
const BUDGET = 100.0;

$kernel = bootedWith('bench-shelf');
$kitchen = (new LoadKitchen())();
$now = CarbonImmutable::now();
$vessel = Vessel::query()->create(['name' => 'tray', 'length_mm' => 530, 'width_mm' => 325, 'height_mm' => 65, 'owned' => 4]);
$pot = potOf(['sauce' => 'veloute', 'amount' => '2', 'diameter' => '240', 'height' => '140'], $now->subHours(4));
$taps = [];
foreach ($pot->plan->steps as $index => $step) {
    if ($step->kind === StepKind::Keep) {
        break;
    }
    $taps[] = Tap::made(new Done(Stamp::of("done-$index", $step->id, $now->subMinutes(200 - $index))));
}
(new RecordEvents())($pot, $taps, $now);

/** So much of it in the tray, three hours ago. */
$putAway = static function (string $litres, CarbonImmutable $at) use ($pot, $kitchen, $vessel): Tub {
    $row = ['litres' => $litres, 'vessel' => (string) $vessel->id, 'count' => '1', 'spot' => 'fridge-uncovered'];
    $asked = PutAwayFields::read(['celsius' => '85', 'rows' => [$row]], LoadKitchen::vessels());
    $batch = (new PutAway(new RecordEvents(), $kitchen))(PotToKeep::of($pot, $kitchen, $at), $asked, $at);

    return Tub::query()->where('batch_id', $batch->id)->firstOrFail();
};
$read = static fn(Tub $tub, string $id, CarbonImmutable $at, float $celsius): ReadOff => new ReadOff(
    Mark::of($id, $tub->uid, $at->toDateTimeImmutable(), 'Petra Lund'),
    Temperature::ofCelsius($celsius),
);
$kept = $putAway('0.4', $now->subHours(3));
StoredShelf::add(Batch::query()->findOrFail($kept->batch_id), [
    $read($kept, 'a', $now->subMinutes(165), 62.0),
    $read($kept, 'b', $now->subMinutes(100), 7.0),
], $now);
$probed = $putAway('0.4', $now->subHours(3));
StoredShelf::add(Batch::query()->findOrFail($probed->batch_id), array_map(
    static fn(int $i): ReadOff => $read($probed, "probe-$i", $now->subMinutes(180 - 2 * $i), 3.0 + 82.0 * exp(-2 * $i / 90.0)),
    range(1, 88),
), $now);

$of = static fn(string $table, string $column): array => array_map(
    static fn(object $row): array => array_diff_key((array) $row, ['id' => 0]),
    DB::table($table)->where($column, $kept->batch_id)->get()->all(),
);
/** @var array<string, mixed> $batch */
[$batch, $tub, $events] = [$of('batches', 'id')[0], $of('tubs', 'batch_id')[0], $of('tub_events', 'batch_id')];
DB::transaction(static function () use ($batch, $tub, $events, $now): void {
    for ($i = 0; $i < TUBS; $i++) {
        $ago = static fn(mixed $ms): int => (is_numeric($ms) ? (int) $ms : 0) - DAY_MS * ($i % DAYS);
        $id = DB::table('batches')->insertGetId([...$batch, 'uid' => "u$i", 'code' => "c-$i", 'made_at_ms' => $ago($batch['made_at_ms'])]);
        $isThere = $i < THERE;
        DB::table('tubs')->insert([
            ...$tub,
            'batch_id' => $id,
            'uid' => "t$i",
            'state' => $isThere ? 'kept' : 'gone',
            'gone_at_ms' => $isThere ? null : $ago($tub['put_in_at_ms']) + 3_600_000,
            'binned_ml' => $isThere || $i % 7 !== 0 ? 0 : 400,
            'put_in_at_ms' => $ago($tub['put_in_at_ms']),
            'use_by' => $now->addDays($i % 4)->format('Y-m-d'),
        ]);
        foreach ($events as $k => $event) {
            DB::table('tub_events')->insert([
                ...$event,
                'batch_id' => $id,
                'tub' => "t$i",
                'token' => "e$i-$k",
                'at_ms' => $ago($event['at_ms']),
                'said_at_ms' => $ago($event['said_at_ms']),
            ]);
        }
    }
});
printf("%d tubs, %d there, %d events\n", Tub::query()->count(), Tub::query()->there()->count(), DB::table('tub_events')->count());
$day = $now->subDays(5)->format('Y-m-d');
exit(
    timed(
        $kernel,
        [
            '/keep' => 'the shelf',
            '/keep?page=9' => 'its ninth page',
            "/keep/tubs/{$probed->id}" => 'a tub with a probe in it',
            "/keep/record?day={$day}" => 'a day of 55 batches',
            '/keep/waste' => 'waste and par',
            '/keep/labels?tubs=1,2,3,4' => 'four labels',
            '/compose?sauce=veloute&amount=2&diameter=240&height=140' => 'Compose beside it',
        ],
        BUDGET,
    ) ? 0 : 1
);
