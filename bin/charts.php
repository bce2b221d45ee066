<?php

declare(strict_types=1);

/*
 * Draws the charts of docs/model.md from the core's own numbers: php bin/charts.php [DIRECTORY]
 */

require __DIR__ . '/../vendor/autoload.php';

use Lento\Drawing\LineChart;
use Lento\Heat\HobHeat;
use Lento\Keeping\Container;
use Lento\Keeping\Cooling;
use Lento\Keeping\Place;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Quantity\Volume;
use Lento\Roux\HobRoux;
use Lento\Roux\OffHeat;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Roux\Shade;
use Lento\Simulation\Action;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Simulation;
use Lento\Simulation\TracePoint;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

$directory = $argv[1] ?? __DIR__ . '/../docs/charts';
is_dir($directory) || mkdir($directory, 0o777, true);
$larder = Larder::house();
$write = static function (string $name, string $svg) use ($directory): void {
    file_put_contents($directory . '/' . $name . '.svg', $svg);
    echo $directory . '/' . $name . '.svg' . PHP_EOL;
};
/**
 * @param Closure(float): float $y
 *
 * @return non-empty-list<array{float, float}>
 */
function along(float $from, float $to, int $steps, Closure $y): array
{
    $points = [[$from, $y($from)]];
    for ($i = 1; $i <= $steps; $i++) {
        $x = $from + (($to - $from) * $i) / $steps;
        $points[] = [$x, $y($x)];
    }

    return $points;
}


$strength = LineChart::of('Strength left by shade', 'shade: 0 raw, 1 blond, 2 brown, 3 dark, 3.5 burnt', '% of a white roux', 4.0, 100.0, [
    ['name' => 'strength', 'points' => along(0.0, 4.0, 80, static fn(float $s): float => 100.0 * Shade::of($s)->strength())],
]);
$swatches = implode(
    '',
    array_map(
        static fn(array $p): string => $strength->swatch($p[0], $p[0] + 0.05, Shade::of($p[0])->swatch()->hex()),
        along(0.0, 3.95, 79, static fn(): float => 0.0),
    ),
);
$write('strength-by-shade', $strength->svg($swatches));

$white = static function (float $flour, string $liquid, float $strength) use ($larder): float {
    $roux = Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams($flour), $strength, gelatinised: 1.0)
        ->withFat($larder->fat('butter'), Mass::ofGrams($flour));
    $perGram = Sauce::nothing()->with($larder->ingredient($liquid), Mass::ofGrams(1.0))->millilitres();

    return EquivalentFlour::of($roux->with($larder->ingredient($liquid), Mass::ofGrams((1000.0 - $roux->millilitres()) / $perGram)))
        ->gramsPerLitre;
};
$write(
    'thickness-by-flour',
    LineChart::of(
        'Thickness by flour, liquid and colour',
        'g of flour per litre of finished sauce',
        'equivalent flour, g/l',
        140.0,
        140.0,
        array_map(
            static fn(array $one): array => [
                'name' => $one[0],
                'points' => along(0.0, 140.0, 70, static fn(float $f): float => $white($f, $one[1], Shade::of($one[2])->strength())),
            ],
            [
                ['milk, white', 'whole-milk', 0.0],
                ['white stock, white', 'chicken-stock', 0.0],
                ['white stock, blond', 'chicken-stock', 1.0],
                ['brown stock, brown', 'brown-stock', 2.0],
                ['brown stock, dark', 'brown-stock', 3.0],
            ],
        ),
    )->svg(),
);

$roux = Roux::of($larder->thickener('plain-flour'), Mass::ofGrams(100.0), $larder->fat('butter'), Mass::ofGrams(100.0));
$write(
    'minutes-to-shade',
    LineChart::of(
        'Shade by minutes: 100 g butter + 100 g flour, 20 cm pan',
        'minutes after the flour',
        'shade',
        60.0,
        4.0,
        array_map(
            static fn(HobHeat $heat): array => [
                'name' => $heat->value,
                'points' => along(
                    0.0,
                    60.0,
                    60,
                    static fn(float $m): float => HobRoux::inPan(
                        $roux,
                        new PanBottom(Length::ofCentimetres(20.0), Mass::ofKilograms(1.0)),
                        $heat,
                    )->after(Duration::ofMinutes($m))->shade->value,
                ),
            ],
            HobHeat::cases(),
        ),
    )->svg(),
);

$tray = static fn(float $cm): Container => Container::tray(
    Length::ofCentimetres(53.0),
    Length::ofCentimetres(32.5),
    Length::ofCentimetres($cm),
);
$potOf5 = Container::roundHolding(Length::ofCentimetres(24.0), Volume::ofLitres(5.0));
$cooling = LineChart::of(
    'Cooling from 57 °C, margin of 1.3 included: US model code',
    'hours',
    '°C',
    7.0,
    60.0,
    array_map(
        static fn(array $one): array => ['name' => $one[0], 'points' => along(0.0, 7.0, 70, static function (float $h) use ($one): float {
            $cooling = Cooling::of($one[1], $one[2], Viscosity::ofPascalSeconds(1.5))->cautious();
            $there = $cooling->surroundings->inCelsius();

            return $there + (57.0 - $there) * exp((-60.0 * $h) / $cooling->timeConstant()->inMinutes());
        }),
        ],
        [
            ['pot 24 cm, fridge', $potOf5, Place::Fridge],
            ['tray 5 cm, open', $tray(5.0), Place::FridgeUncovered],
            ['tray 3 cm, open', $tray(3.0), Place::FridgeUncovered],
            ['tray 1 cm, covered', $tray(1.0), Place::Fridge],
            ['pot in ice, stirred', $potOf5, Place::IceBathStirred],
        ],
    ),
);
$write('cooling', $cooling->svg($cooling->gate(2.0, 21.0, '21 °C in 2 h') . $cooling->gate(6.0, 5.0, '5 °C in 6 h')));

$m = Duration::ofMinutes(...);
$put = static fn(float $at, string $what, float $grams, float $celsius): Action => Action::add(
    $m($at),
    $larder->any($what),
    Mass::ofGrams($grams),
    Temperature::ofCelsius($celsius),
);
$trace = Simulation::in(HeatedPan::of(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0))))->run(
    [
        $put(0.0, 'butter', 140.0, 8.0),
        Action::heat($m(0.0), Heating::hob(HobHeat::Medium)),
        $put(6.0, 'plain-flour', 140.0, 20.0),
        Action::heat($m(11.0), Heating::off(OffHeat::Bench)),
        $put(13.0, 'chicken-stock', 340.0, 8.0),
        $put(14.0, 'chicken-stock', 750.0, 8.0),
        $put(15.0, 'chicken-stock', 850.0, 8.0),
        Action::heat($m(15.5), Heating::hob(HobHeat::High)),
        Action::heat($m(31.0), Heating::simmer(SimmerLevel::Bare)),
        $put(60.0, 'salt', 15.0, 20.0),
        Action::strain($m(61.0)),
        Action::heat($m(61.0), Heating::off(OffHeat::Bench)),
    ],
    $m(70.0),
    Duration::ofSeconds(30.0),
);
$write(
    'simulated-pot',
    LineChart::of('Two litres of velouté, simulated', 'minutes', '', 70.0, 170.0, [
        [
            'name' => 'temperature, °C',
            'points' => array_map(static fn(TracePoint $p): array => [$p->at->inMinutes(), $p->temperature->inCelsius()], $trace->points),
        ],
        [
            'name' => 'thickness, g/l',
            'points' => array_map(
                static fn(TracePoint $p): array => [$p->at->inMinutes(), $p->thickness()->gramsPerLitre ?? 0.0],
                $trace->points,
            ),
        ],
        [
            'name' => 'shade × 10',
            'points' => array_map(
                static fn(TracePoint $p): array => [$p->at->inMinutes(), 10.0 * ($p->shade->value ?? 0.0)],
                $trace->points,
            ),
        ],
    ])->svg(),
);
