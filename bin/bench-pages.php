<?php

declare(strict_types=1);

/*
 * What the timings of pages share: an own database, the application booted once, as a worker behind nginx would be, and the median of many
 * runs by hrtime.
 */

use App\Kitchen\LoadKitchen;
use App\Models\Pot;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use App\Stove\StartPot;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;

require __DIR__ . '/../vendor/autoload.php';

const RUNS = 15;
const WARM_UP = 5;

/** An empty database under build/, migrated; the application is booted with it. */
function bootedWith(string $name): Kernel
{
    $database = __DIR__ . "/../build/{$name}.sqlite";
    @mkdir(dirname($database), recursive: true);
    foreach (['', '-wal', '-shm'] as $part) {
        @unlink($database . $part);
    }
    touch($database);
    putenv('APP_ENV=testing');
    putenv("DB_DATABASE={$database}");
    [$_ENV['APP_ENV'], $_ENV['DB_DATABASE'], $_SERVER['APP_ENV'], $_SERVER['DB_DATABASE']] = ['testing', $database, 'testing', $database];
    /** @var Application $app */
    $app = require __DIR__ . '/../bootstrap/app.php';
    $kernel = $app->make(Kernel::class);
    $kernel->bootstrap();
    Artisan::call('migrate', ['--force' => true]);

    return $kernel;
}

/** @param array<string, string> $question */
function potOf(array $question, CarbonImmutable $at, string $cook = 'Ines Vark'): Pot
{
    $kitchen = (new LoadKitchen())();
    $fields = ComposeFields::from($question);
    $sheet = Answer::to($fields, $kitchen)->sheet ?? exit("no sheet\n");

    return (new StartPot($kitchen))($sheet->plan(), $at, $fields->filled($kitchen)->toAddress(), $cook);
}

/**
 * Asks for each page and prints its median.
 *
 * @param array<string, string> $pages what each is, by its address
 *
 * @return bool whether all are within the budget, in ms
 */
function timed(Kernel $kernel, array $pages, float $budget): bool
{
    $within = true;
    foreach ($pages as $address => $what) {
        $times = [];
        for ($run = 0; $run < WARM_UP + RUNS; $run++) {
            app()->forgetScopedInstances();
            $start = hrtime(true);
            $status = $kernel->handle(Request::create($address))->getStatusCode();
            $times[] = (hrtime(true) - $start) / 1e6;
            if ($status !== 200) {
                exit("{$address} answers {$status}\n");
            }
        }
        $times = array_slice($times, WARM_UP);
        sort($times);
        $ms = $times[intdiv(RUNS, 2)];
        $within = $within && $ms <= $budget;
        printf("%-34s %6.1f ms  %s\n", $what, $ms, $ms > $budget ? "OVER {$budget}" : '');
    }

    return $within;
}
