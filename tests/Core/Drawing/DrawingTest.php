<?php

declare(strict_types=1);

use Lento\Drawing\BalanceDrawing;
use Lento\Drawing\CourseDrawing;
use Lento\Drawing\Ink;
use Lento\Drawing\LineChart;
use Lento\Drawing\PotDrawing;
use Lento\Drawing\Scale;
use Lento\Drawing\SpoonDrawing;
use Lento\Drawing\StairDrawing;
use Lento\Drawing\StripDrawing;
use Lento\Drawing\Svg;
use Lento\Drawing\TickStep;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

it('writes numbers as SVG does, whatever the locale', function (): void {
    $before = setlocale(LC_NUMERIC, '0');
    setlocale(LC_NUMERIC, 'de_DE.UTF-8', 'fr_FR.UTF-8');
    expect(Svg::number(1.5))->toBe('1.5')
        ->and(Svg::number(2.0))->toBe('2')
        ->and(Svg::number(-0.001))->toBe('0')
        ->and(Svg::path('M%s %s', 1.234, 100.0))->toBe('M1.23 100');
    setlocale(LC_NUMERIC, (string) $before);
});

it('draws a pan to scale, with the level where the litres put it', function (): void {
    // 24 x 14 cm: 9 units a centimetre; 4.52 l stand 10 cm deep.
    $d = PotDrawing::of(24.0, 14.0, 4.5239, 2.26195, 0.85);
    expect($d->right - $d->left)->toEqualWithDelta(216.0, 1e-6)
        ->and($d->floor - $d->startLevel)->toEqualWithDelta(90.0, 0.01)
        ->and($d->floor - $d->endLevel)->toEqualWithDelta(45.0, 0.01)
        ->and($d->floor - $d->limitLevel)->toEqualWithDelta(0.85 * 126.0, 1e-6)
        ->and(array_column($d->ticks, 'litres'))->toBe(['1', '2', '3', '4', '5', '6']);
});

it('keeps any pan inside its box and its ticks apart', function (float $diameter, float $height, float $litres): void {
    $d = PotDrawing::of($diameter, $height, $litres, 0.9 * $litres, 0.85);
    expect($d->left)->toBeGreaterThan(0.0)
        ->and($d->top)->toBeGreaterThan(0.0)
        ->and($d->startLevel)->toBeGreaterThanOrEqual($d->top - 6.0);
    for ($i = 1; $i < count($d->ticks); $i++) {
        expect($d->ticks[$i - 1]['y'] - $d->ticks[$i]['y'])->toBeGreaterThanOrEqual(14.0);
    }
    foreach ([$d->inside(), $d->walls(), $d->ears(), $d->leader($d->endLevel, 100.0)] as $path) {
        expect($path)->toMatch('/\AM[-0-9. MHVQLhqtlaZ]+\z/')->not->toContain('NAN');
    }
})->with([
    [6.0, 5.0, 0.1],
    [24.0, 14.0, 2.0],
    [28.0, 9.0, 4.0],
    [60.0, 60.0, 100.0],
    [120.0, 20.0, 200.0],
    [10.0, 100.0, 5.0],
    [24.0, 14.0, 200.0],
]);

it('closes the finger line and hangs drops as the sauce is thinner', function (): void {
    $thin = SpoonDrawing::of(0.09, 0.1, 0.04);
    $thick = SpoonDrawing::of(2.4, 7.9, 3.7);
    expect($thin->run)->toBeGreaterThan(0.9)
        ->and($thick->run)->toBe(0.0)
        ->and(count($thin->tongues()))->toBeGreaterThan(5)
        ->and($thick->tongues())->toBe([])
        ->and(count($thin->drips()))->toBe(4)
        ->and($thick->drips())->toBe([])
        ->and($thin->opacity)->toBeLessThan($thick->opacity)
        ->and(SpoonDrawing::of(50.0, 200.0, 90.0)->filmMillimetres)->toBeLessThan(4.0);
    foreach ([$thin, $thick] as $d) {
        expect(implode('', [$d->bowl(), $d->handle(), $d->film(), $d->gap(), $d->shine(), $d->sectionMetal(), ...$d->sectionFilms()]))
            ->not->toContain('NAN')
            ->and($d->sightLines())
            ->toHaveCount(2);
    }
});

it('climbs the stair by the litres, on one scale', function (): void {
    $d = StairDrawing::of(0.2, [0.4, 0.8, 0.6]);
    $rise = array_map(fn(array $tread): float => $tread['from'] - $tread['y'], $d->treads);
    expect($rise[1] / $rise[0])->toEqualWithDelta(2.0, 1e-9)
        ->and($d->treads[2]['y'])->toEqualWithDelta(24.0, 1e-9)
        ->and($d->labels(1, false))->toBeTrue();
    $many = StairDrawing::of(0.2, array_fill(0, 20, 0.1));
    expect($many->labels(3, false))->toBeFalse()
        ->and($many->labels(3, true))->toBeTrue()
        ->and($many->labels(0, false))->toBeTrue()
        ->and($many->labels(19, false))->toBeTrue();
});

it('divides the balance bar by weight', function (): void {
    $d = BalanceDrawing::of(100.0, 200.0, 700.0);
    expect($d->fat)->toEqualWithDelta(47.2, 1e-9)
        ->and($d->roux())->toEqualWithDelta(141.6, 1e-9)
        ->and($d->fatOpened)->toEqualWithDelta($d->opened / 3.0, 1e-9);
});

it('puts shade along the strip and strength above it', function (): void {
    $d = StripDrawing::of(300.0, 40.0, [[0.0, '#ffffff', 1.0], [1.5, '#888888', 0.8], [3.0, '#000000', 0.3]]);
    expect($d->x(1.5))->toEqualWithDelta(150.0, 1e-9)
        ->and($d->x(9.0))->toEqualWithDelta(300.0, 1e-9)
        ->and($d->y(1.0))->toEqualWithDelta(2.0, 1e-9)
        ->and($d->stops[1])->toBe(['offset' => 50.0, 'hex' => '#888888'])
        ->and($d->area())->toEndWith('Z');
});

it('lays plan and course on one scale of time', function (): void {
    $d = CourseDrawing::of([5.0, 0.0, 30.0], [[0, 0.0, 6.0], [2, 6.0, 50.0]]);
    expect($d->planned)->toHaveCount(2)
        ->and($d->happened[1]['x'] + $d->happened[1]['width'])->toEqualWithDelta($d->end, 1e-6)
        ->and($d->happened[1]['word'])->toBeTrue()
        ->and(array_reverse($d->ticks)[0]['minute'])->toBe(50)
        ->and(CourseDrawing::of([0.0], [])->happened)->toBe([]);
});

it('chooses the ink that reads', fn(string $hex, Ink $ink) => expect(Ink::on($hex))->toBe($ink))->with([
    ['#e8dcbd', Ink::OnLight],
    ['#daba83', Ink::OnLight],
    ['#402c24', Ink::OnDark],
    ['#683f2a', Ink::OnDark],
]);

it('maps and steps plainly', function (): void {
    expect((new Scale(0.0, 10.0, 100.0, 200.0))->at(5.0))->toBe(150.0)
        ->and((new Scale(3.0, 3.0, 100.0, 200.0))->at(3.0))->toBe(100.0)
        ->and(TickStep::first([1.0, 5.0], fn(float $step): bool => $step > 2.0))->toBe(5.0)
        ->and(TickStep::first([1.0, 5.0], fn(float $step): bool => $step > 4000.0))->toBe(5000.0);
});

it('draws a chart that any XML reader takes, with every curve named', function (): void {
    $chart = LineChart::of('Shade & time', 'min', '<shade>', 60.0, 4.0, [
        ['name' => 'low', 'points' => [[0.0, 0.0], [60.0, 1.5]]],
        ['name' => 'high', 'points' => [[0.0, 0.0], [10.0, 3.5], [20.0, 4.4]]],
        ['name' => 'also low', 'points' => [[0.0, 0.0], [60.0, 1.5]]],
    ]);
    $xml = simplexml_load_string($chart->svg($chart->gate(20.0, 2.0, 'stop') . $chart->swatch(0.0, 1.0, '#ffffff')));
    expect($xml)->not->toBeFalse();
    $texts = array_map(strval(...), $xml === false ? [] : ($xml->xpath('//*[local-name()="text"]') ?: []));
    expect($texts)
        ->toContain('low', 'high', 'also low', 'stop', 'Shade & time', '<shade>', 'min')
        ->and($xml === false ? '' : (string) $xml->title)
        ->toBe('Shade & time')
        ->and($chart->svg())
        ->not->toContain('NAN', 'INF');
    $heights = array_map(
        static fn(SimpleXMLElement $text): float => (float) $text['y'],
        array_values(
            array_filter(
                $xml === false ? [] : ($xml->xpath('//*[local-name()="text"]') ?: []),
                static fn(SimpleXMLElement $text): bool => in_array((string) $text, ['low', 'also low'], true),
            ),
        ),
    );
    expect(abs($heights[0] - $heights[1]))->toBeGreaterThanOrEqual(16.0);
});

it('leaves out what lies beyond the axes', function (): void {
    $svg = fn(float $y): string => LineChart::of('t', 'x', 'y', 10.0, 10.0, [
        ['name' => 'curve', 'points' => [[0.0, $y], [10.0, $y]]],
    ])->svg();
    expect($svg(5.0))->toContain('>curve<')->and($svg(11.0))->not->toContain('>curve<');
});

it('gives the words of what happened lanes of their own, and turns them left where the drawing ends', function (): void {
    $marks = CourseDrawing::of(
        [60.0],
        [[0, 0.0, 60.0]],
        [
            [10.0, 'tick', ''],
            [10.0, 'ring', 'depth 47 mm'],
            [11.0, 'note', 'flame to 2, it ran ahead'],
            [30.0, 'ring', 'depth 40 mm'],
            [59.0, 'ring', 'spoon: coats'],
            [99.0, 'note', 'after the drawing'],
        ],
    )->marks;
    expect(array_column($marks, 'text'))
        ->toBe(['', 'depth 47 mm', 'flame to 2, it ran ahead', 'depth 40 mm', 'spoon: coats'])
        ->and(array_column($marks, 'lane'))
        ->toBe([null, 0, 1, 0, 0])
        ->and(array_column($marks, 'left'))
        ->toBe([false, false, false, false, true]);
    // More than the lanes hold: the mark stays, its words are left to the table.
    $crowd = CourseDrawing::of(
        [60.0],
        [[0, 0.0, 60.0]],
        array_map(static fn(int $i): array => [10.0 + $i / 10.0, 'note', 'something was written here'], range(0, 7)),
    )->marks;
    expect(
        array_count_values(
            array_map(static fn(?int $lane): string => $lane === null ? 'none' : (string) $lane, array_column($crowd, 'lane')),
        ),
    )
        ->toBe(['0' => 1, '1' => 1, '2' => 1, '3' => 1, 'none' => 4])
        // Two drawings share a scale.
        ->and(CourseDrawing::of([60.0], [[0, 0.0, 30.0]], [], 120.0)->end)->toBeLessThan(CourseDrawing::of([60.0], [[0, 0.0, 30.0]])->end);
});
