<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;
use Lento\Family\HouseDerivatives;
use Lento\Rescue\Fault;
use Lento\Rescue\Stage;

require_once __DIR__ . '/schemas.php';

/**
 * The command in this process: a run of its own takes a second.
 *
 * @param array<array-key, mixed> $request
 *
 * @return array{int, string}
 */
function toldBy(string $command, array $request): array
{
    $file = tempnam(sys_get_temp_dir(), 'lento');
    file_put_contents((string) $file, json_encode($request));
    $code = Artisan::call($command, ['request' => $file, '--json' => true]);
    unlink((string) $file);

    return [$code, Artisan::output()];
}

it('derives every sauce of the house in the shape of its schema', function (string $sauce): void {
    $request = ['sauce' => $sauce, 'yield' => ['amount' => 1.2, 'unit' => 'l']];
    [$code, $answer] = toldBy('lento:derive', $request);
    $told = json_decode($answer, true);
    expect($code)->toBe(0)
        ->and(fitsSchema((string) json_encode($request), 'derive-request'))->toBeTrue()
        ->and(fitsSchema($answer, 'derive-answer'))->toBeTrue()
        ->and(data_get($told, 'base.litres'))->toBeGreaterThan(0.3)
        ->and(data_get($told, 'yield_ml'))->toEqualWithDelta(1200.0, 2.0);
    // What is weighed out is what the steps use.
    $used = [];
    foreach (row(data_get($told, 'steps')) as $step) {
        foreach (row(data_get($step, 'amounts')) as $amount) {
            $used[] = data_get($amount, 'ingredient');
        }
    }
    foreach (row(data_get($told, 'amounts')) as $amount) {
        expect($used)->toContain(data_get($amount, 'ingredient'));
    }
})->with(array_keys(HouseDerivatives::all()));

it('counts covers, knows French names, and hands limits and allergens down', function (): void {
    [, $answer] = toldBy(
        'lento:derive',
        ['sauce' => 'sauce poulette', 'yield' => ['portions' => 20, 'each' => ['amount' => 60, 'unit' => 'ml']]],
    );
    $told = json_decode($answer, true);
    expect(data_get($told, 'yield_ml'))->toEqualWithDelta(1200.0, 2.0)
        ->and(data_get($told, 'keep.at_most_celsius'))->toEqualWithDelta(82.0, 0.5)
        ->and(data_get($told, 'allergens.contains'))->toContain('egg')
        ->and(array_column(row(data_get($told, 'warnings')), 'code'))->toContain('egg', 'keep-below');
});

it('rescues every fault at every stage in the shape of its schema, and boils nothing that may not', function (string $sauce): void {
    foreach (Stage::cases() as $stage) {
        foreach ([Fault::TooThin, Fault::TooThick, Fault::TooSalty, Fault::RawFlour, Fault::Lumps, Fault::FatFilm] as $fault) {
            $request = [
                'sauce' => $sauce,
                'yield' => ['amount' => 2, 'unit' => 'l'],
                'stage' => $stage->value,
                'fault' => $fault->value,
                'severity' => 'clearly',
            ];
            [$code, $answer] = toldBy('lento:rescue', $request);
            $told = json_decode($answer, true);
            expect($code)->toBe(0)
                ->and(fitsSchema((string) json_encode($request), 'rescue-request'))->toBeTrue()
                ->and(fitsSchema($answer, 'rescue-answer'))->toBeTrue()
                ->and(data_get($told, 'remedies'))->not->toBe([]);
            foreach (row(data_get($told, 'remedies')) as $remedy) {
                expect(data_get($told, 'at_most_celsius') !== null && data_get($remedy, 'boils') === true)->toBeFalse();
            }
        }
    }
})->with(['veloute', 'allemande', 'demi-glace']);

it('refuses with the field and what it may be', /** @param array<string, mixed> $request */
    function (string $command, array $request, string $says): void {
        [$code, $answer] = toldBy($command, $request);
        expect($code)->toBe(2)->and($answer)->toContain($says);
    })->with([
        ['lento:derive', ['sauce' => 'ketchup', 'yield' => ['amount' => 1]], 'ketchup'],
        ['lento:derive', ['sauce' => 'mornay', 'yield' => ['amount' => 0]], 'yield'],
        ['lento:derive', ['sauce' => 'mornay', 'yield' => ['amount' => 999]], '200'],
        ['lento:derive', ['sauce' => 'mornay', 'yield' => ['amount' => 'x', 'unit' => 'l']], 'yield'],
        ['lento:derive', ['sauce' => 'mornay', 'yield' => ['amount' => 1, 'unit' => 'bucket']], 'bucket'],
        ['lento:derive', ['sauce' => 'mornay', 'liquid' => 'cola', 'yield' => ['amount' => 1]], 'cola'],
        ['lento:derive', ['x' => 1], 'sauce: missing'],
        ['lento:rescue', ['sauce' => 'veloute', 'yield' => ['amount' => 1], 'stage' => 'eaten', 'fault' => 'too-thin'], 'eaten'],
        ['lento:rescue', ['sauce' => 'veloute', 'yield' => ['amount' => 1], 'stage' => 'cold', 'fault' => 'ugly'], 'ugly'],
        [
            'lento:rescue',
            ['sauce' => 'veloute', 'yield' => ['amount' => 1], 'stage' => 'cold', 'fault' => 'sour', 'severity' => 'huge'],
            'huge',
        ],
    ]);
