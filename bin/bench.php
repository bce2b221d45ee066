<?php

declare(strict_types=1);

/*
 * Times the core: after a warm-up, the median of fifteen runs by hrtime, against the budget. Ends with 1 if one is over it.
 *
 * php bin/bench.php [--markdown]
 */

require __DIR__ . '/../vendor/autoload.php';

use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Given;
use Lento\Compose\Question;
use Lento\Keeping\Container;
use Lento\Keeping\Cooling;
use Lento\Keeping\CoolingForecast;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\Place;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Practice\CarefulCook;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Practice\Exercise;
use Lento\Practice\Played;
use Lento\Practice\PracticePot;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Rescue\Reduction;
use Lento\Rescue\Thickening;
use Lento\Simulation\Action;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Simulation;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ReferenceBechamel;

const RUNS = 15;
const WARM_UP = 5;
const MOST_MEGABYTES = 32.0;

/** @return float ms, median */
function median(Closure $work): float
{
    for ($i = 0; $i < WARM_UP; $i++) {
        $work();
    }
    $times = [];
    for ($i = 0; $i < RUNS; $i++) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return $times[intdiv(RUNS, 2)];
}

$larder = Larder::house();
$minutes = static fn(float $m): Duration => Duration::ofMinutes($m);
$pan = Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0));
/** @var list<Action> $twoHours */
$twoHours = require __DIR__ . '/two-hours-pot.php';
$recipe
    = "2/3 cup butter\n1 cup flour\n2 quarts chicken stock\n1 onion\n1/2 cup cream\nroux: blond\nsimmer: 40 min\npan: 28 "
        . "cm\nreduce: by 1/4\nfinish: 30 g butter";
// All of our own recipes, over six hundred lines.
$recipes = array_merge(...array_map(
    static fn(string $which): array => explode(
        "\n---\n",
        (string) file_get_contents(__DIR__ . "/../tests/Core/Assay/recipes/{$which}.txt"),
    ),
    ['seen', 'apart'],
));
$viscosities = array_map(
    static fn(int $i): Viscosity => Viscosity::ofPascalSeconds(ReferenceBechamel::house()->viscosity(5.0 + 0.019 * $i)),
    range(0, 9999),
);
$sauce = ReferenceBechamel::house()->sauce(45.0);
$simmer = new Simmer($pan, SimmerLevel::Simmer);
$target = EquivalentFlour::ofGramsPerLitre(60.0);

$practised = Exercise::of((new Composer())->answer(Question::of(Base::Veloute, Volume::ofLitres(2.0)))->plan(), $larder);
$practice = new PracticePot($practised);
$late = array_slice((new CarefulCook($practice))->finishes(Played::from($practice->begun()))->deeds ?? [], 0, -4);

/** @var list<array{string, float|null, Closure}> $works name, budget in ms, work */
$works = [
    ['compose, béchamel, 2 l', 2.0, static fn() => (new Composer())->answer(Question::of(Base::Bechamel, Volume::ofLitres(2.0)))],
    ['compose, velouté, 2 l', 2.0, static fn() => (new Composer())->answer(Question::of(Base::Veloute, Volume::ofLitres(2.0)))],
    ['compose, espagnole, 2 l', null, static fn() => (new Composer())->answer(Question::of(Base::Espagnole, Volume::ofLitres(2.0)))],
    [
        'compose, velouté from 3 l of stock',
        null,
        static fn() => (new Composer())->answer(Question::of(Base::Veloute, Given::liquid(Volume::ofLitres(3.0)))),
    ],
    [
        'compose, wine sauce, reduced by a third',
        null,
        static fn() => (new Composer())->answer(Question::of(Base::WineSauce, Volume::ofLitres(2.0))),
    ],
    [
        'compose, demi-glace with its espagnole',
        null,
        static fn() => (new Composer())->answer(Question::of(Base::DemiGlace, Volume::ofLitres(2.0))),
    ],
    ['assay, ten lines', 2.0, static fn() => Assay::of((new Reader($larder))->read($recipe), $larder)],
    ['six hundred lines of recipes, read', 200.0, static fn() => array_map((new Reader($larder))->read(...), $recipes)],
    ['a pot of two hours, 1 s steps', 60.0, static fn() => Simulation::in(HeatedPan::of($pan))->run($twoHours, $minutes(120.0))],
    ['practice: a deed late in a velouté, ten minutes ahead', 60.0, static function () use ($practised, $late): array {
        $pot = new PracticePot($practised);
        $played = $pot->with(Deed::of($late[count($late) - 1]->at + 30, DeedKind::Look), $pot->after($late));

        return $pot->ahead($played->standing->second(), $played->standing->second() + 600, $played);
    }],
    [
        '10,000 readings of the thickness scale',
        100.0,
        static function () use ($viscosities): void {
            foreach ($viscosities as $viscosity) {
                EquivalentFlour::ofViscosity($viscosity);
            }
        },
    ],
    [
        'a correction: thicken, and reduce',
        null,
        static fn() => [
            Thickening::to($target, $sauce, Means::BeurreManie, $larder->thickener('plain-flour'), $simmer, $larder),
            Reduction::to($target, $sauce, $simmer),
        ],
    ],
    [
        'a cooling forecast',
        null,
        static fn() => CoolingForecast::of(
            Cooling::of(
                Container::tray(Length::ofCentimetres(53.0), Length::ofCentimetres(32.5), Length::ofCentimetres(3.0)),
                Place::Fridge,
                Viscosity::ofPascalSeconds(1.5),
            ),
            FoodSafety::usModelCode(),
            Temperature::ofCelsius(90.0),
        ),
    ],
];

$opcache = function_exists('opcache_get_status') ? opcache_get_status(false) : false;
$jit = is_array($opcache) && is_array($opcache['jit'] ?? null) && ($opcache['jit']['on'] ?? false) === true ? 'on' : 'off';
printf(
    "PHP %s, opcache %s, JIT %s\n\n| work | median | budget |\n|---|---|---|\n",
    PHP_VERSION,
    is_array($opcache) && $opcache['opcache_enabled'] === true ? 'on' : 'off',
    $jit,
);
$over = 0;
foreach ($works as [$name, $budget, $work]) {
    $ms = median($work);
    $late = $budget !== null && $ms > $budget;
    $over += $late ? 1 : 0;
    printf(
        "| %s | %s ms | %s |\n",
        $name,
        $ms < 1.0 ? sprintf('%.3F', $ms) : sprintf('%.2F', $ms),
        $budget === null ? '' : sprintf('%s ms%s', $budget, $late ? ', OVER' : ''),
    );
}
$megabytes = memory_get_peak_usage(true) / 1024 ** 2;
$over += $megabytes > MOST_MEGABYTES ? 1 : 0;
printf("| peak memory | %.1F MB | %.0F MB%s |\n", $megabytes, MOST_MEGABYTES, $megabytes > MOST_MEGABYTES ? ', OVER' : '');

exit($over > 0 ? 1 : 0);
