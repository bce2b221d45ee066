<?php

declare(strict_types=1);

/*
 * Times services: the demo's supper, and forty sauces over seven bases, worked out by the core; the page of the supper.
 *
 * php bin/bench-family.php
 */

use App\Family\ServiceFields;
use App\Models\Service as StoredService;
use Lento\Family\Catalogue;
use Lento\Family\Scaling;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Quantity\Volume;
use Lento\Thickness\ThicknessClass;

require __DIR__ . '/bench-pages.php';

const BUDGET = 150.0;

$kernel = bootedWith('bench-family');
$catalogue = Catalogue::house();
$wish = static fn(string $sauce, float $litres, ?string $liquid = null, ?ThicknessClass $class = null): Wish => new Wish(
    $sauce,
    $liquid ?? $catalogue->liquids($sauce)[0],
    Volume::ofLitres($litres),
    $class,
);
$supper = Service::of(
    [
        $wish('bechamel', 3.96, null, ThicknessClass::Gratin),
        $wish('aurore', 2.4, 'fish-stock'),
        $wish('mushroom-shallot', 1.6),
        $wish('onion-gravy', 2.88),
    ],
    0.05,
);
$forty = [];
foreach (array_slice(array_keys($catalogue->derivatives()), 0, 33) as $i => $sauce) {
    $forty[] = $wish($sauce, 1.0 + 0.1 * $i);
}
foreach (
    [
        'aurore' => 'fish-stock',
        'mushroom' => 'fish-stock',
        'green-herb' => 'fish-stock',
        'bechamel' => 'whole-milk',
        'tomato' => 'chicken-stock',
        'onion-gravy' => 'brown-stock',
        'mustard-tarragon' => 'fish-stock',
    ] as $sauce => $liquid
) {
    $forty[] = $wish($sauce, 1.5, $liquid);
}
$forty = Service::of($forty);
StoredService::query()->create([
    'fields' => ServiceFields::from([
        'name' => 'Supper',
        'spare' => '5',
        'wishes' => [
            ['sauce' => 'bechamel', 'thickness' => 'gratin', 'covers' => '72', 'each' => '55'],
            ['sauce' => 'aurore', 'liquid' => 'fish-stock', 'covers' => '40', 'each' => '60'],
            ['sauce' => 'mushroom-shallot', 'covers' => '32', 'each' => '50'],
            ['sauce' => 'onion-gravy', 'covers' => '72', 'each' => '40'],
        ],
    ])->toRow(),
]);

$house = Workplace::house();
$worked = [
    'the supper, 4 sauces over 5 bases' => static fn(): ServiceFlow => ServiceFlow::of($supper, $catalogue, $house),
    sprintf(
        '%d sauces over %d bases',
        count($forty->wishes),
        count(ServiceFlow::of($forty, $catalogue, $house)->bases()),
    ) => static fn(): ServiceFlow => ServiceFlow::of($forty, $catalogue, $house),
    'the supper and twice as much of it' => static fn(): Scaling => Scaling::by(
        2.0,
        ServiceFlow::of($supper, $catalogue, $house),
        $catalogue,
        $house,
    ),
];
$within = true;
foreach ($worked as $what => $does) {
    $times = [];
    for ($run = 0; $run < WARM_UP + RUNS; $run++) {
        $start = hrtime(true);
        $does();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    $times = array_slice($times, WARM_UP);
    sort($times);
    $within = $within && $times[intdiv(RUNS, 2)] < BUDGET;
    printf("%-34s %6.1f ms  %s\n", $what, $times[intdiv(RUNS, 2)], $times[intdiv(RUNS, 2)] < BUDGET ? '' : 'over the budget');
}
$within = timed(
    $kernel,
    [
        '/services/1' => 'the page of the supper',
        '/services/1/shopping' => 'its shopping',
        '/family/hunters' => 'a sauce of the catalogue',
        '/family/tree' => 'the tree',
        '/family/have?base=veloute&litres=3' => 'what three litres can become',
    ],
    BUDGET,
) && $within;
exit($within ? 0 : 1);
