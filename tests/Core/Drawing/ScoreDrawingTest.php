<?php

declare(strict_types=1);

use Lento\Drawing\ScoreDrawing;
use Lento\Drawing\ScoreLabel;
use Lento\Drawing\ScoreLook;
use Lento\Drawing\ScoreNote;
use Lento\Drawing\ScorePlaying;
use Lento\Drawing\ScoreSpan;
use Lento\Drawing\ScoreStaff;
use Lento\Drawing\ScoreUpright;
use Lento\Score\Search\Dice;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

/** @return list<ScoreStaff> */
function staves(int $rings): array
{
    $staves = [];
    foreach (range(1, $rings) as $number) {
        $staves[] = new ScoreStaff("ring-{$number}", "Ring {$number}", 'ring', ['high', 'mid', 'low']);
    }

    return [...$staves, new ScoreStaff('bench', 'Bench', 'and hot well', ['hot', 'table', 'cold'])];
}

/**
 * So many sauces over four hours, crowded towards the serving as they always are.
 *
 * @return list<ScoreNote>
 */
function crowdedNotes(int $sauces, int $cooks, int $rings): array
{
    $dice = new Dice($sauces * 100 + $cooks * 10 + $rings);
    $notes = [];
    foreach (range(1, $sauces) as $sauce) {
        $minute = 240 - $dice->between(30, 240);
        $ring = 'ring-' . $dice->between(1, $rings);
        foreach (['set out', 'roux', 'pour, whisk', 'to the boil', 'simmer 26', 'taste, finish', 'stir in'] as $k => $words) {
            $long = $words === 'simmer 26' ? 26 : $dice->between(1, 12);
            $notes[] = new ScoreNote(
                "{$sauce}-{$k}",
                (string) $sauce,
                $k === 0 ? 'bench' : $ring,
                $dice->between(0, 2),
                new ScorePlaying(
                    $minute,
                    $minute + $long,
                    $words === 'simmer 26' ? null : $dice->between(0, $cooks - 1),
                    $words !== 'to the boil',
                    $words === 'simmer 26' ? [[$minute + 10, $dice->between(0, $cooks - 1)]] : [],
                ),
                new ScoreLook('#c8a060', $words, chr(64 + $sauce), $k < 2 ? 'Mushroom and shallot sauce, the second' : ''),
            );
            $minute += $long;
        }
    }

    return $notes;
}

/** @return list<string> */
function crewOf(int $cooks): array
{
    return array_slice(['Ines Vark', 'Petra Lund', 'Jon', 'Mara'], 0, $cooks);
}

function crowded(int $sauces, int $cooks, int $rings, float $width = 1232.0): ScoreDrawing
{
    return ScoreDrawing::of(
        new ScoreSpan(0, 260, 90, [240]),
        staves($rings),
        crowdedNotes($sauces, $cooks, $rings),
        crewOf($cooks),
        $width,
    );
}

/** @return list<array{float, float, float, float}> left, top, right, bottom of each word */
function boxes(ScoreDrawing $drawing): array
{
    $boxes = [];
    foreach ($drawing->blocks as $block) {
        foreach ($block->labels as $label) {
            $boxes[] = [$label->x, $label->y - 13.0, $label->x + $label->width(), $label->y + 4.0];
        }
    }

    return $boxes;
}

it('writes no word over another, nor over a beam, nor over the edge', function (int $sauces, int $cooks, int $rings): void {
    $drawing = crowded($sauces, $cooks, $rings);
    $boxes = boxes($drawing);
    foreach ($boxes as $i => [$a, $b, $c, $d]) {
        expect($a)->toBeGreaterThanOrEqual(0.0)->and($c)->toBeLessThanOrEqual($drawing->width);
        foreach (array_slice($boxes, $i + 1) as [$e, $f, $g, $h]) {
            expect($a < $g && $e < $c && $b < $h && $f < $d)->toBeFalse("words {$i} of {$sauces} sauces");
        }
    }
    foreach ($drawing->blocks as $block) {
        foreach ($block->labels as $label) {
            // Beams lie within thirty px of the outer lines.
            $within = $label->y > $block->lines[0] - 28.0 && $label->y - 10.0 < $block->lines[2] + 24.0;
            expect($within)->toBeFalse();
        }
    }
    expect(count($boxes))->toBeGreaterThan($sauces);
})->with([
    [3, 1, 2], [3, 2, 2], [4, 2, 2], [6, 3, 3], [8, 2, 2], [8, 4, 6], [10, 3, 4], [12, 4, 4], [14, 1, 2], [14, 2, 4], [14, 4, 6],
]);

it('names every sauce on its staff, however crowded it is', function (): void {
    $titles = 0;
    foreach (crowded(14, 2, 2)->blocks as $block) {
        $titles += count(array_filter($block->labels, static fn(ScoreLabel $one): bool => $one->kind === ScoreLabel::TITLE));
    }
    expect($titles)->toBe(28);
});

it('has room for more words when the hours are drawn wider', function (): void {
    expect(count(boxes(crowded(14, 2, 2, 4928.0))))->toBeGreaterThan(count(boxes(crowded(14, 2, 2))));
});

it('stands what is hotter higher, and the staves under one another', function (): void {
    $drawing = crowded(6, 2, 3);
    $last = 0.0;
    foreach ($drawing->blocks as $block) {
        expect($block->lines[0])->toBeLessThan($block->lines[1])->toBeGreaterThan($last);
        $last = $block->lines[2];
    }
    expect($drawing->bottom)->toBeGreaterThan($last)->and($drawing->height)->toBeGreaterThan($drawing->bottom);
});

it('puts minutes where they belong', function (): void {
    $drawing = crowded(3, 2, 2);
    expect($drawing->x(0))->toEqualWithDelta(ScoreDrawing::LEFT, 1e-9)
        ->and($drawing->x(260))->toEqualWithDelta(1232.0 - ScoreDrawing::RIGHT, 1e-9)
        ->and($drawing->x(130) - $drawing->x(0))->toEqualWithDelta($drawing->x(260) - $drawing->x(130), 1e-9);
    $ticks = array_column($drawing->ticks(), 'minute');
    expect($ticks[0])->toBe(0)->and($ticks[1])->toBe(30)
        ->and(array_column(crowded(3, 2, 2, 4928.0)->ticks(), 'minute')[1])->toBe(5);
});

it('writes no hour under the flag of now', function (): void {
    $drawing = crowded(3, 2, 2);
    expect($drawing->hasRoomForHour($drawing->x(90)))->toBeFalse()->and($drawing->hasRoomForHour($drawing->x(120)))->toBeTrue();
});

it('draws one note as it is played', function (): void {
    $look = new ScoreLook('#c8a060', 'roux', 'A', 'Velouté');
    $tie = new ScoreLook('#c8a060', 'simmer 30', 'A');
    $kept = new ScoreLook('#c8a060', '', 'A');
    $drawing = ScoreDrawing::of(new ScoreSpan(0, 100, null, [90], [[10, 20, 'nobody for A']]), staves(1), [
        new ScoreNote('a', 'p', 'ring-1', 1, new ScorePlaying(10, 30, 0, true), $look),
        new ScoreNote('b', 'p', 'ring-1', 0, new ScorePlaying(30, 60, visits: [[40, 1]]), $tie),
        new ScoreNote('c', 'p', 'bench', 2, new ScorePlaying(60, 90, kept: true), $kept),
        new ScoreNote('d', 'q', 'bench', 1, new ScorePlaying(0, 1, 2, true), new ScoreLook('#c8a060', '', 'B')),
    ], ['Ines', 'Petra', 'Jon'], 1176.0);
    [$ring, $bench] = $drawing->blocks;
    expect($ring->bars)->toHaveCount(2)
        ->and($ring->bars[0]['y'])->toBe($ring->lines[1])
        ->and($ring->bars[1]['y'])->toBe($ring->lines[2])
        ->and($ring->bars[0]['width'])->toEqualWithDelta(200.0, 1e-9)
        ->and($ring->beams[0]['initial'])->toBe('I')
        ->and($ring->beams[0]['open'])->toBeFalse()
        ->and($ring->small->ties)->toHaveCount(1)
        ->and($ring->small->visits)->toHaveCount(1)
        // The second cook's stems go down.
        ->and($ring->small->visits[0]['stem'])->toContain('V' . Lento\Drawing\Svg::number($ring->lines[2] + 16.0))
        ->and($bench->small->fermatas)->toHaveCount(1)
        ->and($bench->beams[0]['open'])->toBeTrue()
        ->and($bench->beams[0]['initial'])->toBe('')
        ->and($drawing->moves)->toHaveCount(1)
        ->and($drawing->hands)->toHaveCount(3)
        ->and($drawing->hands[0]->blocks)->toHaveCount(1)
        ->and($drawing->hands[1]->looks)->toHaveCount(1)
        ->and($drawing->clashes())->toHaveCount(1)
        ->and($drawing->clashes()[0]['width'])->toEqualWithDelta(100.0, 1e-9);
});

it('stands upright on a phone, nothing on anything else, all of it on the page', function (int $sauces, int $cooks, int $rings): void {
    $drawing = ScoreUpright::of(
        new ScoreSpan(0, 260, 90, [240], [[100, 103, 'nobody']]),
        staves($rings),
        crowdedNotes($sauces, $cooks, $rings),
        crewOf($cooks),
    );
    $boxes = [
        ...array_map(static fn(array $at): array => [$at['x'] - 9.0, $at['y'] - 9.0, $at['x'] + 9.0, $at['y'] + 9.0], $drawing->letters),
        ...array_map(static fn(array $at): array => [$at['x'] - 9.0, $at['y'] - 7.0, $at['x'] + 9.0, $at['y'] + 7.0], $drawing->ties),
    ];
    foreach ($boxes as $i => $a) {
        expect($a[0])->toBeGreaterThanOrEqual(0.0)->and($a[2])->toBeLessThanOrEqual(ScoreUpright::WIDTH + 0.5);
        foreach (array_slice($boxes, $i + 1) as $b) {
            $apart = $a[2] <= $b[0] || $b[2] <= $a[0] || $a[3] <= $b[1] || $b[3] <= $a[1];
            expect($apart)->toBeTrue();
        }
    }
    expect($drawing->letters)->not->toBe([])->and(count($drawing->rails))->toBe($cooks)
        ->and(count($drawing->columns))->toBe($rings + 1)
        ->and($drawing->y(240) - $drawing->y(0))->toEqualWithDelta(240 * 4.0, 0.01)
        ->and($drawing->clashes())->toHaveCount(1);
    foreach ($drawing->bars as $bar) {
        expect($bar['x'])->toBeGreaterThan(46.0)->toBeLessThan(ScoreUpright::WIDTH - 8.0);
    }
})->with([[3, 1, 2], [3, 2, 2], [8, 2, 3], [8, 3, 4], [14, 4, 6], [14, 1, 2]]);

it('is no longer than a thumb can push, and no shorter than it can be read', function (): void {
    $long = ScoreUpright::of(new ScoreSpan(0, 1400), staves(2), [], ['Ines']);
    $short = ScoreUpright::of(new ScoreSpan(0, 30), staves(2), [], ['Ines']);
    expect($long->y(1400) - $long->y(0))->toBeLessThan(2300.0)->and($short->y(30) - $short->y(0))->toEqualWithDelta(120.0, 0.01)
        ->and(count($long->ticks()))->toBeGreaterThan(5)->and($short->hasRoomForHour(50.0))->toBeTrue();
});
