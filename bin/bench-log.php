<?php

declare(strict_types=1);

/*
 * Times a full log: two thousand pots with two hundred thousand events between them, every one with a lesson. A few pots are cooked and
 * closed in earnest, the rest are their copies on other days.
 *
 * php bin/bench-log.php
 */

use App\Kitchen\LoadKitchen;
use App\Log\LogJson;
use App\Models\Pot;
use App\Stove\ClosePot;
use App\Stove\CurrentPot;
use App\Stove\OutcomeReader;
use App\Stove\RecordEvents;
use App\Stove\StoredEvent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;
use Lento\Plan\StepKind;

require __DIR__ . '/bench-pages.php';

const POTS = 2000;
const EVENTS = 100;
const BUDGET = 100.0;

$kernel = bootedWith('bench-log');
$now = CarbonImmutable::now();
$questions = [
    ['sauce' => 'veloute', 'amount' => '2', 'diameter' => '240', 'height' => '140'],
    ['sauce' => 'espagnole', 'amount' => '3', 'diameter' => '280', 'height' => '160'],
    ['sauce' => 'bechamel', 'amount' => '4', 'diameter' => '280', 'height' => '160'],
    ['sauce' => 'onion-gravy', 'amount' => '3', 'diameter' => '280', 'height' => '160'],
];
$originals = [];
foreach ($questions as $number => $question) {
    $pot = potOf($question, $now->subDays(1), $number % 2 ? 'Petra Lund' : 'Ines Vark');
    [$events, $clock] = [[], $pot->started_at];
    foreach ($pot->steps as $index => $step) {
        if ($step->kind === StepKind::Finish) {
            break;
        }
        $took = (int) max(30.0, $step->pace->time->seconds);
        if (in_array($step->kind, [StepKind::Simmer, StepKind::Reduce], true)) {
            $others = 2 + count($pot->steps);
            for ($i = 0, $visits = EVENTS - $others; $i < $visits; $i++) {
                $events[] = new StoredEvent(
                    EventKind::Tended,
                    "{$number}-tended-{$i}",
                    $clock->addSeconds(intdiv($took * $i, $visits))->getTimestampMs(),
                    $index,
                    choice: $i % 2 ? 'stir' : 'skim',
                );
            }
            $events[] = new StoredEvent(
                EventKind::Note,
                "{$number}-note",
                $clock->addSeconds(intdiv($took, 3))->getTimestampMs(),
                $index,
                text: 'flame to 2, it ran ahead',
            );
            $events[] = new StoredEvent(
                EventKind::Read,
                "{$number}-depth",
                $clock->addSeconds((int) (0.9 * $took))->getTimestampMs(),
                $index,
                value: (($pot->plan['end_depth_mm'] ?? 50.0) + 2.0) / 1000.0,
                choice: 'depth',
            );
        }
        $clock = $clock->addSeconds($took);
        $events[] = new StoredEvent(EventKind::Done, "{$number}-done-{$index}", $clock->getTimestampMs(), $index);
    }
    (new RecordEvents())($pot, $events, $now);
    $kitchen = (new LoadKitchen())();
    $close = new ClosePot(new CurrentPot($kitchen), $kitchen);
    $read = OutcomeReader::read(
        [
            'volume' => (string) ((0.96 * ($pot->plan['yield_ml'] ?? 2000.0)) / 1000.0),
            'spoon' => $number % 3 ? 'coats' : 'veils',
            'taste' => 'right',
        ],
        $close->kilogramsPerLitre($pot),
    )['outcome'];
    (new RecordEvents())(
        $pot,
        [new StoredEvent(EventKind::Finished, "{$number}-over", $clock->getTimestampMs(), max(0, count($pot->steps) - 1))],
        $now,
        $close->outcome($pot, $read, $clock),
        $close->lesson($pot, $read, $clock),
    );
    $originals[] = $pot->id;
}
DB::transaction(static function () use ($originals, $now): void {
    for ($copy = count($originals); $copy < POTS; $copy++) {
        $from = $originals[$copy % count($originals)];
        $back = 1000 * 3600 * 9 * $copy;
        $pot = (array) DB::table('pots')->find($from);
        $earlier = static fn(mixed $moment): string => CarbonImmutable::parse(is_string($moment) ? $moment : 'now')
            ->subMilliseconds($back)
            ->format('Y-m-d H:i:s.v');
        $id = DB::table('pots')->insertGetId([
            ...array_diff_key($pot, ['id' => 0]),
            'uid' => "copy-{$copy}",
            'started_at' => $earlier($pot['started_at']),
            'finished_at' => $earlier($pot['finished_at']),
        ]);
        DB::insert(
            'insert into pot_events (pot_id, token, kind, step, pour, seconds, text, at_ms, goes_to, value, choice, undoes) '
                . 'select ?, ? || token, kind, step, pour, seconds, text, at_ms - ?, goes_to, value, choice, undoes from '
                . 'pot_events where pot_id = ?',
            [$id, "{$copy}-", $back, $from],
        );
    }
});
printf(
    "%d pots, %d events, %d lessons\n",
    Pot::query()->count(),
    DB::table('pot_events')->count(),
    DB::table('pots')->whereNotNull('lesson')->count(),
);
$some = Pot::query()->where('base', 'espagnole')->max('id');
$other = Pot::query()->where('base', 'espagnole')->min('id');
$within = timed($kernel, [
    '/log' => 'the log',
    '/log?page=50' => 'its last page',
    '/log?words=flame+petra' => 'words of a note and a cook',
    '/log?sauce=espagnole&came=as-planned' => 'a sauce as planned',
    "/log/{$some}" => 'a pot',
    '/learning' => 'what has been learnt',
    '/compose?sauce=espagnole&amount=3' => 'Compose, with what was learnt',
    "/log/{$some}/beside/{$other}" => 'two pots beside one another',
], BUDGET);
$start = hrtime(true);
$bytes = array_sum(
    array_map(
        strlen(...),
        iterator_to_array(
            LogJson::write(array_values(array_filter(Pot::query()->latest('finished_at')->pluck('id')->all(), is_int(...)))),
            false,
        ),
    ),
);
printf("%-34s %6.1f s, %.1f MB\n", 'all of it as JSON', (hrtime(true) - $start) / 1e9, $bytes / 1_048_576);
exit($within ? 0 : 1);
