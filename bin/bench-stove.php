<?php

declare(strict_types=1);

/*
 * Times the pages of a crowded stove: twenty pots with five thousand events between them.
 *
 * php bin/bench-stove.php
 */

use App\Models\Pot;
use App\Stove\RecordEvents;
use App\Stove\StoredEvent;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;
use Lento\Plan\StepKind;

require __DIR__ . '/bench-pages.php';

const POTS = 20;
const EVENTS = 250;
const BUDGET = 50.0;

$kernel = bootedWith('bench');
$now = CarbonImmutable::now();
foreach (range(1, POTS) as $number) {
    $pot = potOf(
        ['sauce' => $number % 2 ? 'veloute' : 'espagnole', 'amount' => '2', 'diameter' => '240', 'height' => '140'],
        $now->subHours(2),
    );
    $events = [];
    foreach ($pot->steps as $index => $step) {
        if ($step->kind === StepKind::Simmer) {
            break;
        }
        $events[] = new StoredEvent(EventKind::Done, "{$number}-done-{$index}", $now->subMinutes(100 - $index)->getTimestampMs(), $index);
    }
    for ($i = count($events); $i < EVENTS; $i++) {
        $events[] = $i % 10 === 0
            ? new StoredEvent(
                EventKind::Read,
                "{$number}-{$i}",
                $now
                    ->subMinutes(80)
                    ->addSeconds(15 * $i)
                    ->getTimestampMs(),
                count($pot->steps) - 7,
                value: 0.045,
                choice: 'depth',
            )
            : new StoredEvent(
                EventKind::Tended,
                "{$number}-{$i}",
                $now
                    ->subMinutes(80)
                    ->addSeconds(15 * $i)
                    ->getTimestampMs(),
                count($pot->steps) - 7,
                choice: $i % 2 ? 'stir' : 'skim',
            );
    }
    (new RecordEvents())($pot, $events, $now);
}
$last = Pot::query()->max('id');
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
