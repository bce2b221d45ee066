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
use App\Stove\RecordEvents;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\Finished;
use Lento\Course\Happened\Noted;
use Lento\Course\Happened\ReadOff;
use Lento\Course\Happened\Tended;
use Lento\Course\Outcome;
use Lento\Course\Reading;
use Lento\Course\Stamp;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\TendingKind;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Thickness\SpoonWord;

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
    $pot = potOf($question, $now->subDays(1), $number % 2 === 1 ? 'Petra Lund' : 'Ines Vark');
    [$taps, $clock] = [[], $pot->started_at];
    $stamp = static fn(string $id, Step $step, CarbonImmutable $at): Stamp => Stamp::of("{$number}-{$id}", $step->id, $at);
    foreach ($pot->plan->steps as $index => $step) {
        if ($step->kind === StepKind::Finish) {
            break;
        }
        $took = (int) max(30.0, $step->pace->time->seconds);
        if (in_array($step->kind, [StepKind::Simmer, StepKind::Reduce], true)) {
            $visits = EVENTS - 2 - count($pot->plan->steps);
            for ($i = 0; $i < $visits; $i++) {
                $at = $clock->addSeconds(intdiv($took * $i, $visits));
                $taps[] = Tap::made(new Tended($stamp("tended-{$i}", $step, $at), $i % 2 === 1 ? TendingKind::Stir : TendingKind::Skim));
            }
            $taps[] = Tap::made(new Noted($stamp('note', $step, $clock->addSeconds(intdiv($took, 3))), 'flame to 2, it ran ahead'));
            $deep = Length::ofMillimetres(2.0 + ($step->ends->depth?->inMillimetres() ?? 50.0));
            $taps[] = Tap::made(new ReadOff($stamp('depth', $step, $clock->addSeconds((int) (0.9 * $took))), Reading::depth($deep)));
        }
        $clock = $clock->addSeconds($took);
        $taps[] = Tap::made(new Done($stamp("done-{$index}", $step, $clock)));
    }
    $came = Volume::ofLitres(0.96 * ($pot->plan->promise?->volume->inLitres() ?? 2.0));
    $outcome = Outcome::of($came, $number % 3 !== 0 ? SpoonWord::Coats : SpoonWord::Veils)->saying('right', '');
    $last = $pot->plan->steps[count($pot->plan->steps) - 1];
    $taps[] = Tap::made(new Finished($stamp('over', $last, $clock), $outcome));
    (new RecordEvents())($pot, $taps, $now);
    $originals[] = $pot->id;
}
DB::transaction(static function () use ($originals): void {
    for ($copy = count($originals); $copy < POTS; $copy++) {
        $from = $originals[$copy % count($originals)];
        $back = 1000 * 3600 * 9 * $copy;
        /** @var array<string, mixed> $pot */
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
            'insert into pot_events (galley_id, pot_id, token, version, kind, step, at_ms, visit, data) '
                . 'select galley_id, ?, ? || token, version, kind, step, at_ms - ?, visit, data from pot_events where pot_id = ?',
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
$some = Pot::query()->where('sauce', 'espagnole')->latest('id')->firstOrFail()->id;
$other = Pot::query()->where('sauce', 'espagnole')->oldest('id')->firstOrFail()->id;
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
$ids = array_values(array_filter(Pot::query()->latest('finished_at')->pluck('id')->all(), is_int(...)));
$bytes = 0;
foreach (LogJson::write($ids, (new LoadKitchen())()) as $piece) {
    $bytes += strlen($piece);
}
printf("%-34s %6.1f s, %.1f MB\n", 'all of it as JSON', (hrtime(true) - $start) / 1e9, $bytes / 1_048_576);
exit($within ? 0 : 1);
