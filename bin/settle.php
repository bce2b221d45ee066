<?php

declare(strict_types=1);

/*
 * Whether whatever the Compose page allows is answered or refused clearly. php bin/settle.php [QUESTIONS] [SEED]
 *
 * Ends with 1 if one was not, and prints it: an error, a solver that did not come to rest, a yield that is not what was asked for.
 */

use App\Kitchen\Kitchen;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Lento\Quantity\MeasureSystem;
use Tests\Feature\Questions\RandomQuestion;

require __DIR__ . '/../vendor/autoload.php';

/** Share of the yield asked for by which a sheet may miss it. */
const TOLERANCE = 1e-3;

/** @var Application $app */
$app = require __DIR__ . '/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$kitchen = Kitchen::unknown(MeasureSystem::Metric);
mt_srand((int) ($argv[2] ?? 1));
$found = ['answered' => 0, 'refused' => 0, 'unsettled' => 0, 'failed' => 0, 'missed' => 0];
$unsettled = __('refusals.unsettled');
for ($i = 0; $i < (int) ($argv[1] ?? 20000); $i++) {
    $fields = RandomQuestion::drawn();
    try {
        $answer = Answer::to(ComposeFields::from($fields), $kitchen);
        $sheet = $answer->sheet;
        $served = $sheet === null
            ? 1.0
            : ($sheet->served->millilitres() + $sheet->pieces->inMillilitres()) / $sheet->question->yield->inMillilitres();
        $how = match (true) {
            abs($served - 1.0) > TOLERANCE => 'missed',
            $sheet !== null => 'answered',
            str_contains($answer->faults[0]->message(), $unsettled) => 'unsettled',
            default => 'refused',
        };
    } catch (Throwable $wrong) {
        $how = 'failed';
        echo $wrong->getMessage(), ' ';
    }
    $found[$how]++;
    if (!in_array($how, ['answered', 'refused'], true)) {
        echo $how, ' ', json_encode($fields, JSON_THROW_ON_ERROR), PHP_EOL;
    }
}
foreach ($found as $how => $times) {
    echo "$how $times  ";
}
echo PHP_EOL;
exit($found['unsettled'] + $found['failed'] + $found['missed'] > 0 ? 1 : 0);
