<?php

declare(strict_types=1);

/* What is done to a pot of velouté in two hours: for bin/bench.php and bin/two-hours.php. */

use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Simulation\Action;
use Lento\Simulation\Heating;

$put = static fn(float $at, string $what, float $grams, float $celsius): Action => Action::add(
    Duration::ofMinutes($at),
    Larder::house()->any($what),
    Mass::ofGrams($grams),
    Temperature::ofCelsius($celsius),
);

return [
    $put(0.0, 'butter', 140.0, 8.0),
    Action::heat(Duration::ofMinutes(0.0), Heating::hob(HobHeat::Medium)),
    $put(6.0, 'plain-flour', 140.0, 20.0),
    Action::heat(Duration::ofMinutes(12.0), Heating::off()),
    $put(16.0, 'chicken-stock', 700.0, 8.0),
    $put(18.0, 'chicken-stock', 1400.0, 8.0),
    Action::heat(Duration::ofMinutes(19.0), Heating::hob(HobHeat::High)),
    Action::heat(Duration::ofMinutes(36.0), Heating::simmer(SimmerLevel::Bare)),
    $put(80.0, 'chicken-stock', 300.0, 90.0),
    Action::strain(Duration::ofMinutes(118.0)),
];
