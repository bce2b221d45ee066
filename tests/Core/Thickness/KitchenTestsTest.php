<?php

declare(strict_types=1);

use Lento\Exception\Missing;
use Lento\Exception\NotReachable;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\FunnelTest;
use Lento\Thickness\LineSpread;
use Lento\Thickness\MeasuredThickness;
use Lento\Thickness\ReferenceBechamel;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Thickness'));

it('meets the ladder’s columns of line-spread and funnels', function (array $row): void {
    $flow = Flow::at(Samples::whiteSauce(number($row['flour g/l']), $row['liquid'] === 'milk' ? 'whole-milk' : 'chicken-stock'), 60.0);
    expect(LineSpread::radius($flow)->inCentimetres())->toEqualWithDelta(number($row['spread cm 30 s']), 0.05 + 1e-9);
    foreach (['funnel 6 mm s' => FunnelTest::narrow(), 'funnel 10 mm s' => FunnelTest::wide()] as $column => $funnel) {
        $seconds = $funnel->time($flow)?->inSeconds();
        // The prototype printed "-" for what takes over five minutes or never runs through.
        $row[$column] === '-'
            ? expect($seconds ?? INF)->toBeGreaterThan(300.0)
            : expect($seconds)->toEqualWithDelta(number($row[$column]), 0.05 + 1e-9);
    }
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t5-ladder')));

it('meets the ladder’s weighed spoon', function (array $row): void {
    $spoon = SpoonTest::of(
        Flow::at(Samples::whiteSauce(number($row['flour g/l']), $row['liquid'] === 'milk' ? 'whole-milk' : 'chicken-stock'), 60.0),
    );
    expect(min(99.0, $spoon->gramsPerSquareDecimetre()))->toEqualWithDelta(number($row['g/dm2']), 0.05 + 1e-9);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t5-ladder')));

it('agrees with the prototype on line-spread and funnel to nine digits', function (): void {
    $flow = Flow::at(Samples::whiteSauce(60.0), 60.0);
    expect(LineSpread::radius($flow)->inCentimetres())->toEqualWithDelta(Table::vectors()['spread'], 1e-9 * 6.5)
        ->and(FunnelTest::wide()->time($flow)?->inSeconds())->toEqualWithDelta(Table::vectors()['funnel10'], 1e-8);
});

it('meets the table of measured sauces', function (string $case, string $result): void {
    $believed = Samples::whiteSauce(60.0, litres: 2.0);
    $warm = Temperature::ofCelsius(60.0);
    $measured = preg_match('/line-spread ([\d.]+) cm/', $case, $radius) === 1
        ? MeasuredThickness::fromLineSpread($believed, $warm, Length::ofCentimetres(number($radius[1])))
        : MeasuredThickness::fromFunnel(
            $believed,
            $warm,
            FunnelTest::wide(),
            Duration::ofSeconds((float) (preg_match('/10 mm ([\d.]+) s/', $case, $time) === 1 ? $time[1] : 'NAN')),
        );
    preg_match('/c factor ([\d.]+) -> EF (\d+)/', $result, $want);
    $want += ['', 'NAN', 'NAN'];
    expect($measured->factor)
        ->toEqualWithDelta(number($want[1]), 0.005 + 1e-9)
        ->and($measured->thickness()->gramsPerLitre)
        ->toEqualWithDelta(number($want[2]), 0.5 + 1e-3);
})->with(
    fn() => array_values(
        array_map(
            'array_values',
            array_filter(Table::rows('t10-corrections'), fn(array $row): bool => str_contains($row['result'], 'c factor')),
        ),
    ),
);

it('believes itself when the test says what it foresaw', function (float $flour): void {
    $sauce = Samples::whiteSauce($flour);
    $warm = Temperature::ofCelsius(62.0);
    $flow = Flow::of($sauce, $warm);
    expect(MeasuredThickness::fromLineSpread($sauce, $warm, LineSpread::radius($flow))->factor)->toEqualWithDelta(1.0, 1e-6)
        ->and(MeasuredThickness::fromFilm($sauce, $warm, SpoonTest::of($flow)->film)->factor)->toEqualWithDelta(1.0, 1e-6);
})->with([20.0, 45.0, 60.0, 120.0]);

it('takes a thicker reading for a stronger thickener, test by test', function (): void {
    $sauce = Samples::whiteSauce(50.0);
    $warm = Temperature::ofCelsius(60.0);
    $byRadius = fn(float $cm): float => MeasuredThickness::fromLineSpread($sauce, $warm, Length::ofCentimetres($cm))->factor;
    $byTime = fn(float $s): float => MeasuredThickness::fromFunnel($sauce, $warm, FunnelTest::narrow(), Duration::ofSeconds($s))->factor;
    expect($byRadius(6.0))->toBeGreaterThan($byRadius(7.0))->and($byTime(40.0))->toBeGreaterThan($byTime(10.0));
});

it('refuses a reading that no thickener gives, and a sauce that has none', function (): void {
    $warm = Temperature::ofCelsius(60.0);
    expect(fn() => MeasuredThickness::fromLineSpread(Samples::whiteSauce(60.0), $warm, Length::ofCentimetres(2.6)))
        ->toThrow(NotReachable::class)
        ->and(fn() => MeasuredThickness::fromLineSpread(Samples::whiteSauce(0.0), $warm, Length::ofCentimetres(9.0)))
        ->toThrow(Missing::class);
});

it('spreads less and drips longer with every gram of flour', function (): void {
    [$radius, $seconds] = [INF, 0.0];
    for ($flour = 0.0; $flour <= 200.0; $flour += 4.0) {
        $flow = Flow::at(ReferenceBechamel::house()->sauce($flour), 60.0);
        $now = LineSpread::radius($flow)->inCentimetres();
        $time = FunnelTest::wide()->time($flow)?->inSeconds() ?? INF;
        expect($now)->toBeLessThan($radius)->and($time)->toBeGreaterThanOrEqual($seconds);
        [$radius, $seconds] = [$now, $time];
    }
    expect($seconds)->toBe(INF);
});

it('reads the scale back to a ten-millionth over its whole length', function (): void {
    $bechamel = ReferenceBechamel::house();
    for ($grams = 0.25; $grams < 200.0; $grams += 0.75) {
        expect($bechamel->flourFor($bechamel->viscosity($grams)))->toEqualWithDelta($grams, 1e-7 * $grams);
    }
    expect($bechamel->flourFor(0.0))->toBe(EquivalentFlour::LEAST)
        ->and($bechamel->flourFor(1e6))->toBe(EquivalentFlour::MOST);
});

it('meets the pasting recipe that anchors the absolute scale', function (): void {
    $larder = Lento\Larder\Larder::house();
    $paste = Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Lento\Quantity\Mass::ofGrams(3.5), gelatinised: 1.0)
        ->with($larder->ingredient('water'), Lento\Quantity\Mass::ofGrams(25.0));
    expect(Flow::at($paste, 95.0)->pascalSeconds(53.0))
        ->toEqualWithDelta(1.29, 0.005)
        ->and(Flow::at($paste, 50.0)->pascalSeconds(53.0))
        ->toEqualWithDelta(2.8, 0.005);
});
