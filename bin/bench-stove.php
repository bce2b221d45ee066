<?php

declare(strict_types=1);

/*
 * Times the pages of a crowded stove: twenty pots with five thousand events between them.
 *
 * php bin/bench-stove.php
 */

use App\Models\Pot;
use App\Stove\RecordEvents;
use App\Stove\Tap;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\ReadOff;
use Lento\Course\Happened\Tended;
use Lento\Course\Reading;
use Lento\Course\Stamp;
use Lento\Plan\StepKind;
use Lento\Plan\TendingKind;
use Lento\Quantity\Length;

require __DIR__ . '/bench-pages.php';

const POTS = 20;
const EVENTS = 250;
const BUDGET = 50.0;

$kernel = bootedWith('bench');
$now = CarbonImmutable::now();
foreach (range(1, POTS) as $number) {
    $pot = potOf(
        ['sauce' => $number % 2 === 1 ? 'veloute' : 'espagnole', 'amount' => '2', 'diameter' => '240', 'height' => '140'],
        $now->subHours(2),
    );
    $taps = [];
    foreach ($pot->plan->steps as $index => $step) {
        if ($step->kind === StepKind::Simmer) {
            break;
        }
        $taps[] = Tap::made(new Done(Stamp::of("{$number}-done-{$index}", $step->id, $now->subMinutes(100 - $index))));
    }
    for ($i = count($taps); $i < EVENTS; $i++) {
        $stamp = Stamp::of("{$number}-{$i}", StepKind::Simmer->value, $now->subMinutes(80)->addSeconds(15 * $i));
        $taps[] = Tap::made(match (true) {
            $i % 10 === 0 => new ReadOff($stamp, Reading::depth(Length::ofMillimetres(45.0))),
            default => new Tended($stamp, $i % 2 === 1 ? TendingKind::Stir : TendingKind::Skim),
        });
    }
    (new RecordEvents())($pot, $taps, $now);
}
$last = Pot::query()->latest('id')->firstOrFail()->id;
printf("%d pots, %d events\n", Pot::query()->count(), DB::table('pot_events')->count());
exit(
    timed(
        $kernel,
        ["/pots/{$last}" => 'the page of a pot', '/rail' => 'the rail alone', '/pulse' => 'the pulse', '/log' => 'another page'],
        BUDGET,
    )
        ? 0
        : 1
);
