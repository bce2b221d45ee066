<?php

declare(strict_types=1);

/*
 * Times the pages of a crowded stove: twenty pots with five thousand events between them. Each page is asked for in one process that has
 * booted, as a worker behind nginx would be; the median of fifteen runs, by hrtime.
 *
 * php bin/bench-stove.php
 */

use App\Kitchen\LoadKitchen;
use App\Models\Pot;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Stove\RecordEvents;
use App\Stove\StartPot;
use App\Stove\StoredEvent;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Lento\Compose\StepKind;
use Lento\Course\EventKind;

require __DIR__ . '/../vendor/autoload.php';

const RUNS = 15;
const WARM_UP = 5;
const POTS = 20;
const EVENTS = 250;
const BUDGET = 50.0;

$database = __DIR__ . '/../build/bench.sqlite';
@mkdir(dirname($database), recursive: true);
@unlink($database);
touch($database);
putenv('APP_ENV=testing');
putenv("DB_DATABASE={$database}");
[$_ENV['APP_ENV'], $_ENV['DB_DATABASE'], $_SERVER['APP_ENV'], $_SERVER['DB_DATABASE']] = ['testing', $database, 'testing', $database];

$app = require __DIR__ . '/../bootstrap/app.php';
$kernel = $app->make(Kernel::class);
$kernel->bootstrap();
Artisan::call('migrate', ['--force' => true]);

$now = CarbonImmutable::now();
foreach (range(1, POTS) as $number) {
    $fields = ComposeFields::from(['sauce' => $number % 2 ? 'veloute' : 'espagnole', 'amount' => '2', 'diameter' => '240', 'height' => '140']);
    $kitchen = (new LoadKitchen())();
    $sheet = Answer::to($fields, $kitchen)->sheet ?? exit("no sheet\n");
    $pot = (new StartPot())($sheet, $fields->filled($kitchen), $now->subHours(2), 'Ines Vark');
    $events = [];
    foreach ($pot->steps as $index => $step) {
        if ($step->kind === StepKind::Simmer) {
            break;
        }
        $events[] = new StoredEvent(EventKind::Done, "{$number}-done-{$index}", $now->subMinutes(100 - $index)->getTimestampMs(), $index);
    }
    for ($i = count($events); $i < EVENTS; $i++) {
        $events[] = $i % 10 === 0
            ? new StoredEvent(EventKind::Read, "{$number}-{$i}", $now->subMinutes(80)->addSeconds(15 * $i)->getTimestampMs(), count($pot->steps) - 7, value: 0.045, choice: 'depth')
            : new StoredEvent(EventKind::Tended, "{$number}-{$i}", $now->subMinutes(80)->addSeconds(15 * $i)->getTimestampMs(), count($pot->steps) - 7, choice: $i % 2 ? 'stir' : 'skim');
    }
    (new RecordEvents())($pot, $events, $now);
}

$median = static function (string $address) use ($app, $kernel): float {
    $times = [];
    for ($run = 0; $run < WARM_UP + RUNS; $run++) {
        $app->forgetScopedInstances();
        $start = hrtime(true);
        $status = $kernel->handle(Request::create($address))->getStatusCode();
        $times[] = (hrtime(true) - $start) / 1e6;
        if ($status !== 200) {
            exit("{$address} answers {$status}\n");
        }
    }
    $times = array_slice($times, WARM_UP);
    sort($times);

    return $times[intdiv(RUNS, 2)];
};

$last = Pot::query()->max('id');
printf("%d pots, %d events\n", Pot::query()->count(), Illuminate\Support\Facades\DB::table('pot_events')->count());
$over = false;
foreach (["/pots/{$last}" => 'the page of a pot', '/rail' => 'the rail alone', '/pulse' => 'the pulse', '/log' => 'another page'] as $address => $what) {
    $ms = $median($address);
    $over = $over || $ms > BUDGET;
    printf("%-20s %6.1f ms  %s\n", $what, $ms, $ms > BUDGET ? 'OVER ' . BUDGET : '');
}
exit($over ? 1 : 0);
