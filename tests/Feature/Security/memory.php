<?php

declare(strict_types=1);

// Reads a log file in a process of its own, whose memory DoorTest bounds; prints what was said, and how much it took at most.

use App\Kitchen\Kitchen;
use App\Log\LogCsv;
use App\Log\LogJson;
use App\Log\Refused;
use App\Log\TakeIn;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;

require __DIR__ . '/../../../vendor/autoload.php';
/** @var Illuminate\Foundation\Application $app */
$app = require __DIR__ . '/../../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
Artisan::call('migrate', ['--force' => true]);
$text = (string) file_get_contents($argv[1]);
try {
    $pots = str_ends_with($argv[1], '.csv') ? LogCsv::read($text) : LogJson::read($text, app(Kitchen::class));
    unset($text);
    $taken = app(TakeIn::class)($pots, 'x');
    echo $taken['taken'], " taken\n";
} catch (Refused $refused) {
    echo 'refused: ', $refused->getMessage(), "\n";
}
echo round(memory_get_peak_usage(true) / 1_048_576), " MB\n";
