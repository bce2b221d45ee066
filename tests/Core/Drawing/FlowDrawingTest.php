<?php

declare(strict_types=1);

use Lento\Drawing\FlowAddition;
use Lento\Drawing\FlowAmount;
use Lento\Drawing\FlowDrawing;
use Lento\Drawing\FlowEnd;
use Lento\Drawing\FlowFall;
use Lento\Drawing\FlowGate;
use Lento\Drawing\FlowGrip;
use Lento\Drawing\FlowJoin;
use Lento\Drawing\FlowPan;
use Lento\Drawing\FlowRow;
use Lento\Drawing\FlowSauce;
use Tests\Core\Family\Draws;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

function baseSauce(string $key, float $litres): FlowSauce
{
    return new FlowSauce($key, ucfirst($key), new FlowAmount($litres, null, 0.0), '#efe2c4');
}

/**
 * @param list<FlowAddition> $additions
 * @param list<string> $notes
 */
function endSauce(string $key, string $from, float $taken, float $litres, array $additions = [], array $notes = []): FlowSauce
{
    return new FlowSauce(
        $key,
        ucfirst($key),
        new FlowAmount($litres, $from, $taken),
        '#d9a066',
        $additions,
        new FlowEnd(new FlowGate('do', '5 min'), $notes),
    );
}

/**
 * A base of five litres and four sauces out of it.
 *
 * @return list<FlowSauce>
 */
function velouteAndFour(): array
{
    return [
        baseSauce('velouté', 5.0),
        endSauce('aurore', 'velouté', 2.0, 2.45, [new FlowAddition('360 g', 'tomato', 343.0, '#b8432e')], ['milk, fish']),
        endSauce('yolk', 'velouté', 1.2, 1.6, [new FlowAddition('0.25 l', 'cream', 250.0, '#fff')]),
        endSauce('chervil', 'velouté', 1.0, 1.23),
        new FlowSauce('kept', 'Keep back', new FlowAmount(0.8, 'velouté', 0.8), '#efe2c4', end: new FlowEnd(kept: true)),
    ];
}

it('draws every litre as wide as every other, sixty-two pixels where there is room', function (): void {
    $small = FlowDrawing::of([baseSauce('b', 1.0), endSauce('s', 'b', 1.0, 1.1)]);
    expect($small->scale)->toBe(FlowDrawing::USUAL_SCALE)->and($small->rows)->toHaveCount(1);
    $drawing = FlowDrawing::of(velouteAndFour());
    foreach ($drawing->rows[0]->falls as $fall) {
        expect($fall->width)->toEqualWithDelta($drawing->scale * $fall->sauce->taken, 1e-9);
    }
    $pan = $drawing->rows[0]->pans[0];
    expect($pan->width)
        ->toEqualWithDelta($drawing->scale * 5.0, 1e-9)
        ->and($drawing->rows[0]->joins[0]->width)
        ->toEqualWithDelta($drawing->scale * 0.343, 1e-9);
});

it('leaves a pan in one piece: the falls stand side by side under it and fill it', function (): void {
    $row = FlowDrawing::of(velouteAndFour())->rows[0];
    $at = $row->pans[0]->x;
    foreach ($row->falls as $fall) {
        expect($fall->from)->toEqualWithDelta($at, 1e-6)->and($fall->top)->toEqualWithDelta($row->pans[0]->bottom(), 1e-9);
        $at += $fall->width;
    }
    expect($at)->toEqualWithDelta($row->pans[0]->x + $row->pans[0]->width, 1e-6);
});

it('puts a grip between neighbours, and none beside what is only kept', function (): void {
    $grips = FlowDrawing::of(velouteAndFour())->rows[0]->grips;
    expect(array_map(fn(FlowGrip $grip): string => $grip->left->key . ' ' . $grip->right->key, $grips))->toBe([
        'aurore yolk',
        'yolk chervil',
    ]);
});

it('wraps into rows of four, the base drawn again over each', function (): void {
    $sauces = [baseSauce('b', 12.0)];
    for ($i = 1; $i <= 12; $i++) {
        $sauces[] = endSauce("s$i", 'b', 1.0, 1.1);
    }
    $rows = FlowDrawing::of($sauces)->rows;
    expect($rows)->toHaveCount(3);
    foreach ($rows as $row) {
        expect($row->pans[0]->sauce->key)->toBe('b')->and(count(array_filter($row->pans, fn(FlowPan $pan): bool => $pan->isEnd)))->toBe(4);
    }
});

it('stands small families beside one another, and a chain over its ends', function (): void {
    $drawing = FlowDrawing::of([
        baseSauce('béchamel', 4.0),
        endSauce('gratin', 'béchamel', 4.0, 4.0),
        baseSauce('espagnole', 1.6),
        new FlowSauce(
            'demi',
            'Demi-glace',
            new FlowAmount(1.3, 'espagnole', 1.6),
            '#683a1e',
            [new FlowAddition('1.6 l', 'stock', 1600.0, '#966238')],
        ),
        endSauce('hunter', 'demi', 0.7, 0.9),
        endSauce('pepper', 'demi', 0.6, 0.7),
    ]);
    expect($drawing->rows)->toHaveCount(1);
    $pans = array_column(array_map(fn(FlowPan $pan): array => [$pan->sauce->key, $pan], $drawing->rows[0]->pans), 1, 0);
    expect($pans['demi']->y)->toBeGreaterThan($pans['espagnole']->bottom())->toBeLessThan($pans['hunter']->y)
        ->and($pans['gratin']->y)->toBe($pans['hunter']->y)
        ->and($pans['demi']->middle())->toBeGreaterThan($pans['hunter']->x - 200.0)->toBeLessThan($pans['pepper']->middle());
});

it('draws what is tiny wide enough to be seen, and says so', function (): void {
    $row = FlowDrawing::of([
        baseSauce('b', 3.0),
        endSauce('s', 'b', 2.0, 2.1, [
            new FlowAddition('30 g', 'chervil', 30.0, '#494'),
            new FlowAddition('0.1 l', 'cream', 100.0, '#fff'),
        ]),
    ])->rows[0];
    expect(array_map(fn(FlowJoin $join): array => [$join->toScale, $join->width > FlowRow::THINNEST - 1e-9], $row->joins))->toBe([
        [false, true],
        [true, true],
    ]);
});

it('names only the additions that have room above the gate, and counts the others', function (): void {
    $additions = array_map(fn(int $i): FlowAddition => new FlowAddition("$i g", 'thing', 20.0, '#999'), range(1, 9));
    $row = FlowDrawing::of([baseSauce('b', 2.0), endSauce('s', 'b', 1.0, 2.0, $additions)])->rows[0];
    $shown = $row->joins;
    expect(count($shown))
        ->toBeLessThan(9)
        ->toBeGreaterThan(1)
        ->and($shown[count($shown) - 1]->more)
        ->toBe(9 - count($shown))
        ->and($shown[0]->more)
        ->toBe(0);
    foreach ($shown as $i => $join) {
        expect($join->y + $join->width)->toBeLessThan($row->falls[0]->rim - 24.0);
        if ($i > 0) {
            expect($join->y - 20.0)
                ->toBeGreaterThan($shown[$i - 1]->y + $shown[$i - 1]->width - 1e-9)
                ->and($join->edge)
                ->toBeLessThan($shown[$i - 1]->edge);
        }
    }
});

it('lets nothing overlap at any litres: pans, falls and the words beside them', function (int $seed): void {
    $draws = new Draws($seed);
    $sauces = [];
    foreach (range(1, $draws->whole(1, 5)) as $b) {
        $ends = [];
        foreach (range(1, $draws->whole(1, 6)) as $e) {
            $litres = $draws->between(0.05, 20.0);
            $ends[] = endSauce(
                "s$b-$e",
                "b$b",
                $litres,
                $litres * $draws->between(0.7, 1.5),
                array_map(
                    fn(int $i): FlowAddition => new FlowAddition("$i", '', $draws->between(1.0, 900.0), '#999'),
                    range(1, $draws->whole(1, 4)),
                ),
            );
        }
        $sauces = [...$sauces, baseSauce("b$b", array_sum(array_map(fn(FlowSauce $end): float => $end->taken, $ends))), ...$ends];
    }
    $drawing = FlowDrawing::of($sauces);
    foreach ($drawing->rows as $row) {
        foreach ([true, false] as $ends) {
            $pans = array_values(array_filter($row->pans, fn(FlowPan $pan): bool => $pan->isEnd === $ends));
            foreach ($pans as $i => $pan) {
                expect($pan->x)->toBeGreaterThan(-1.0)->and($pan->x + $pan->width)->toBeLessThan(FlowDrawing::WIDTH + 1.0);
                if ($i > 0) {
                    expect($pan->x - ($pans[$i - 1]->x + $pans[$i - 1]->width))->toBeGreaterThan($ends ? 60.0 : 20.0);
                }
            }
        }
        foreach ($row->joins as $join) {
            expect($join->edge - $join->x)->toBeGreaterThan(40.0);
        }
        expect($row->height)->toBeGreaterThan(200.0)->toBeLessThan(600.0);
    }
})->with(range(1, 30));

it('writes shapes that SVG can read', function (): void {
    $row = FlowDrawing::of(velouteAndFour())->rows[0];
    $shapes = [
        ...array_map(fn(FlowFall $fall): string => $fall->shape(), $row->falls),
        ...array_map(fn(FlowJoin $join): string => $join->shape(), $row->joins),
        ...array_map(fn(FlowPan $pan): string => $pan->walls() . $pan->sauceShape(), $row->pans),
    ];
    foreach ($shapes as $shape) {
        expect($shape)->toMatch('/\AM[-0-9. MLHVCQvhclZ]+\z/')->not->toContain('NAN');
    }
    expect($row->pans[0]->labelInside())->toBeFalse()->and($row->pans[1]->labelInside())->toBe($row->pans[1]->width >= 90.0)
        ->and($row->pans[0]->labelX())->toBeGreaterThan($row->pans[0]->x + $row->pans[0]->width)
        ->and($row->falls[0]->labelInside())->toBe($row->falls[0]->width >= 66.0)
        ->and($row->falls[3]->labelX())->toBeGreaterThan($row->falls[3]->right())
        ->and($row->falls[0]->gateBars($row->pans[1]->x)[1][0])->toBeGreaterThan($row->falls[0]->right())
        ->and($row->falls[0]->gateLabelX())->toBeGreaterThan($row->falls[0]->gateBars(0.0)[1][0])
        ->and($row->falls[0]->gateLabelY())->toBeLessThan($row->falls[0]->rim);
});

it('breaks a long name and cuts a long addition, so that neither runs into its neighbour', function (): void {
    $row = FlowDrawing::of([
        new FlowSauce('m', 'Mushroom and parsley sauce', new FlowAmount(2.0, null, 0.0), '#eee'),
        endSauce('s', 'm', 2.0, 2.2, [
            new FlowAddition('0.20 l', 'mushroom liquor of the house', 200.0, '#999'),
            new FlowAddition('5 g', 'salt', 60.0, '#fff'),
        ]),
    ])->rows[0];
    $lines = $row->pans[0]->nameLines();
    expect(array_column($lines, 1))
        ->toBe(['Mushroom and', 'parsley sauce'])
        ->and($lines[1][0])
        ->toBeGreaterThan($lines[0][0] + 10.0)
        ->toBeLessThan($row->pans[0]->labelY() - 10.0)
        ->and($row->joins[0]->name())
        ->toEndWith('…')
        ->and(mb_strlen($row->joins[0]->name()))
        ->toBeLessThan(16)
        ->and($row->joins[1]->name())
        ->toBe('salt');
});

it('draws nothing of nothing', function (): void {
    expect(FlowDrawing::of([])->rows)->toBe([]);
});
