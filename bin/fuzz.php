<?php

declare(strict_types=1);

/*
 * Asks every route for what nobody would, as tests/Security/Hostile.php has it. No answer may be a 500.
 *
 * ./lento fuzz [--each=1000] [--seed=1] [--only=pots]
 */

use Illuminate\Contracts\Console\Kernel as Console;
use Illuminate\Contracts\Http\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Security\Fuzz;
use Tests\Security\Hostile;

require __DIR__ . '/../vendor/autoload.php';

/** Requests to one state of the kitchen: then it is as it was. */
const KITCHEN_LASTS = 200;

$options = getopt('', ['each:', 'seed:', 'only:']);
$option = static fn(
    string $name,
    string $usual,
): string => is_array($options) && is_string($options[$name] ?? null) ? $options[$name] : $usual;
[$each, $seed, $only] = [max(1, (int) $option('each', '1000')), (int) $option('seed', '1'), $option('only', '')];

$file = (string) tempnam(sys_get_temp_dir(), 'lento-fuzz-');
$gone = static function () use ($file): void {
    foreach (['', '-wal', '-shm', '-fresh'] as $tail) {
        is_file($file . $tail) && unlink($file . $tail);
    }
};
register_shutdown_function($gone);
$settings = [
    'APP_ENV' => 'testing',
    'DB_DATABASE' => $file,
    'SESSION_DRIVER' => 'array',
    'CACHE_STORE' => 'array',
    'LOG_CHANNEL' => 'null',
    'DB_CONNECTION' => 'sqlite',
    // Every door is tried by somebody who is let in, and as often as they like.
    'LENTO_DEMO' => 'true',
    'LENTO_HASH_KB' => '64',
    'LENTO_METRICS_TOKEN' => 'fuzz',
    'LENTO_SIGN_INS_A_MINUTE' => '1000000000',
    'LENTO_WRONG_TOKENS_A_MINUTE' => '1000000000',
    'LENTO_READINGS_A_MINUTE' => '1000000000',
    'LENTO_MADE_A_MINUTE' => '1000000000',
    'LENTO_IMPORTS_AN_HOUR' => '1000000000',
];
foreach ($settings as $name => $value) {
    putenv("{$name}={$value}");
    $_ENV[$name] = $_SERVER[$name] = $value;
}
/** @var Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Console::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
Artisan::call('db:seed', ['--force' => true]);
DB::statement('pragma wal_checkpoint(truncate)');
DB::disconnect();
copy($file, $file . '-fresh');

$fuzz = new Fuzz($app->make(Kernel::class), new Hostile($seed));
[$asked, $found, $routes, $began] = [0, [], 0, hrtime(true)];
foreach ($app->make(Router::class)->getRoutes()->getRoutes() as $route) {
    if (!str_contains($route->uri(), $only)) {
        continue;
    }
    $routes++;
    for ($i = 0; $i < $each; $i++) {
        if ($i % KITCHEN_LASTS === 0) {
            DB::disconnect();
            foreach (['-wal', '-shm'] as $tail) {
                is_file($file . $tail) && unlink($file . $tail);
            }
            copy($file . '-fresh', $file);
        }
        $what = $fuzz->ask($route);
        $asked++;
        $app->forgetScopedInstances();
        if ($what !== null && ($found[$what] = ($found[$what] ?? 0) + 1) === 1) {
            echo preg_replace('/[^\x20-\x7E]/', '?', $what), "\n";
        }
    }
}
printf(
    "%d requests over %d routes, seed %d, %.0f s: %d answered 500\n",
    $asked,
    $routes,
    $seed,
    (hrtime(true) - $began) / 1e9,
    array_sum($found),
);
exit($found === [] ? 0 : 1);
