<?php

declare(strict_types=1);

/*
 * A pot of two hours, second by second: how much slower the simulation is in PHP than its own loop in C. php bin/two-hours.php [ROUNDS]
 *
 * Needs a C compiler. Both run in turns, so that what else the machine does weighs on both; the fastest run of each counts. The states at
 * the end of every segment are compared first: it is the same loop, or nothing is printed. Two ratios: against C that works everything out
 * every second, as the laws are written, which has a budget, and against C that looks at what moves slowly every five, as PHP does. PHP
 * makes its trace of 241 points besides. Ends with 1 if the first is over its budget.
 */

use Lento\Heat\HeatCapacity;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Simulation\Action;
use Lento\Simulation\Hands;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\PasteInPan;
use Lento\Simulation\PotState;
use Lento\Simulation\SauceInPan;
use Lento\Simulation\Setting;
use Lento\Simulation\Simulation;

require __DIR__ . '/../vendor/autoload.php';

const BUDGET = 12.0;
const C_RUNS = 50;
const LOOKS = 5;
const SAME = 1e-6;

$larder = Larder::house();
$minutes = static fn(float $m): Duration => Duration::ofMinutes($m);
$pot = HeatedPan::of(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0)));
/** @var list<Action> $acts */
$acts = require __DIR__ . '/two-hours-pot.php';
$moments = [...array_map(static fn(Action $act): float => $act->at->seconds, $acts), 7200.0];

/** @return list<float> of a segment, as the C program reads them */
function segment(PotState $state, Setting $setting, HeatedPan $pot, float $seconds): array
{
    $heating = $setting->heating;
    $paste = $state->paste;
    if ($paste !== null) {
        $dry = $pot->heatCapacity() + $paste->heatCapacity() - HeatCapacity::WATER * ($paste->fatWater + $paste->flourWater);

        return [
            0.0, 12.0, $seconds, (float) ($heating->flux() > 0.0), $heating->flux(), $heating->hob?->heldCelsius() ?? 0.0, $dry,
            $pot->area(), (float) $paste->hasFlour(), $state->celsius, $paste->fatWater, $paste->flourWater, $paste->dose, $paste->decay,
        ];
    }
    $sauce = $state->sauce;
    $starch = $sauce->starch;
    $parts = $sauce->parts();

    return [
        1.0, 23.0, $seconds, $heating->flux() * $pot->area(), ($heating->simmer?->flux() ?? 0.0) * $pot->area() / 60.0,
        $heating->simmer?->celsius() ?? 1e9, $pot->area(),
        $pot->heatCapacity() + HeatCapacity::of(0.0, $sauce->fatGrams, $sauce->solidsGrams, 0.0),
        min($sauce->waterGrams, Simmer::DRIEST * ($sauce->solidsGrams + $sauce->fatGrams)), $sauce->pH(), $state->celsius,
        $sauce->waterGrams, $sauce->solidsGrams, $sauce->fatGrams, $sauce->freeFat()->inGrams(), $sauce->gelatinGrams,
        $parts['other_thickening'], $starch->dryGrams, $starch->strengthGrams, $starch->longSimmerLoss, $starch->swellingCelsius,
        $starch->gelatinised, $starch->acidLeft, $starch->simmeredMinutes, $starch->rawTaste,
    ];
}

[$hands, $inPan, $inPot] = [new Hands($pot), new PasteInPan($pot), new SauceInPan($pot)];
[$state, $setting, $lines, $ends] = [PotState::emptyPan(20.0), Setting::cold(), [], []];
foreach ($acts as $i => $act) {
    [$state, $setting] = $hands->do($act, $state, $setting);
    $seconds = (int) ($moments[$i + 1] - $moments[$i]);
    if ($seconds === 0) {
        continue;
    }
    $lines[] = implode(' ', array_map(static fn(float $one): string => sprintf('%.17g', $one), segment($state, $setting, $pot, $seconds)));
    $state = $state->paste !== null
        ? $inPan->after($state, $state->paste, $setting, $seconds)
        : $inPot->after($state, $setting, $seconds);
    $ends[] = $state->paste !== null
        ? [$state->celsius, $state->paste->fatWater + $state->paste->flourWater]
        : [$state->celsius, $state->sauce->waterGrams];
}
$binary = sys_get_temp_dir() . '/lento-two-hours-' . getmypid();
exec('cc -O2 -o ' . escapeshellarg($binary) . ' ' . escapeshellarg(__DIR__ . '/two-hours.c') . ' -lm 2>&1', $said, $failed);
if ($failed !== 0) {
    fwrite(STDERR, 'No C compiler: ' . implode(' ', $said) . PHP_EOL);
    exit(2);
}
file_put_contents($binary . '.txt', implode("\n", $lines));
$inC = static function (int $looks) use ($binary): array {
    exec(escapeshellarg($binary) . ' ' . C_RUNS . ' ' . $looks . ' < ' . escapeshellarg($binary . '.txt'), $out);

    return array_map(static fn(string $line): array => array_map(floatval(...), explode(' ', $line)), $out);
};
$answer = $inC(LOOKS);
foreach ($ends as $i => [$celsius, $water]) {
    [$there, $left] = $answer[$i + 1];
    if (abs($there - $celsius) > SAME * $celsius || abs($left - $water) > SAME * max(1.0, $water)) {
        fwrite(STDERR, "Segment $i differs: $celsius °C, $water g here, $there °C, $left g in C" . PHP_EOL);
        exit(3);
    }
}
[$written, $c, $php] = [INF, INF, INF];
for ($round = 0; $round < (int) ($argv[1] ?? 15); $round++) {
    $written = min($written, $inC(1)[0][0]);
    $c = min($c, $inC(LOOKS)[0][0]);
    $begun = hrtime(true);
    Simulation::in($pot)->run($acts, $minutes(120.0));
    $php = min($php, (hrtime(true) - $begun) / 1e6);
}
array_map(unlink(...), [$binary, $binary . '.txt']);
printf("a pot of two hours in PHP: %.2F ms\n", $php);
printf("in C, everything every second: %.3F ms, ratio %.1F (budget %.0F)\n", $written, $php / $written, BUDGET);
printf("in C, what moves slowly every %d s: %.3F ms, ratio %.1F\n", LOOKS, $c, $php / $c);
exit($php / $written > BUDGET ? 1 : 0);
