<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Quantity\Mass;
use Lento\Roux\Colour;
use Lento\Roux\Roux;
use Lento\Roux\Shade;
use Lento\Roux\Texture;
use Lento\Thickness\FreeFat;
use Tests\Core\Golden\Table;
use Tests\Core\Room;

covers(...Room::of('Roux'));

it('meets the table of shade, dose, colour and strength', function (array $row): void {
    $shade = Shade::of(number($row['s']));
    $swatch = $shade->swatch();
    expect($shade->stage()->value)->toBe($row['stage'])
        ->and($shade->dose())->toEqualWithDelta(number($row['E min@160C']), 0.005 + 1e-9)
        ->and($swatch->hex())->toBe($row['sRGB'])
        ->and(round($swatch->lightness))->toBe(number($row['L*']))
        ->and($shade->strength())->toEqualWithDelta(number($row['thickening power']), 0.005 + 1e-9)
        ->and(1 / $shade->strength())->toEqualWithDelta(number($row['flour factor 1/TP']), 0.05 + 1e-9);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t2-shade')));

it('gets its shade back from its dose', function (float $s): void {
    expect(Shade::afterDose(Shade::of($s)->dose())->value)->toEqualWithDelta($s, 1e-12);
})->with([0.0, 0.3, 1.0, 2.2, 3.9]);

it('is never stronger when darker', function (): void {
    $last = 1.1;
    for ($s = 0.0; $s <= 4.0; $s += 0.05) {
        $strength = Shade::of(min(4.0, $s))->strength();
        expect($strength)->toBeLessThan($last)->toBeGreaterThan(0.0);
        $last = $strength;
    }
});

it('refuses a shade outside the scale', fn(float $s) => expect(fn() => Shade::of($s))->toThrow(OutOfRange::class))->with([
    -0.1,
    4.1,
    NAN,
    INF,
]);

it('stops each colour inside its own stage', function (): void {
    foreach (Colour::cases() as $colour) {
        expect($colour->shade()->stage()->value)->toBe($colour->value);
    }
});

it('meets the table of free fat and texture', function (array $row): void {
    $ratio = number($row['ratio']);
    $words = ['dry' => 'dry, grainy, lump-prone', 'paste' => 'standard paste', 'fluid' => 'fluid', 'separates' => 'fat will separate'];
    expect($words[Texture::of($ratio)->value])->toBe($row['texture']);
    $columns = ['stock, white' => [0.0, 0.0], 'milk, white' => [0.0, 1.0], 'stock, brown s2' => [2.0, 0.0], 'stock, dark s3' => [3.0, 0.0]];
    foreach ($columns as $column => [$s, $dairy]) {
        $free = FreeFat::of(Mass::ofGrams(60.0), Mass::ofGrams(60.0 * $ratio), Shade::of($s)->strength(), $dairy);
        expect($free->inGrams())->toEqualWithDelta(number($row[$column]), 0.05 + 1e-9);
    }
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t3-free-fat')));

it('never frees more fat than there is, and all of it without flour', function (): void {
    expect(FreeFat::of(Mass::ofGrams(0.0), Mass::ofGrams(50.0), 1.0, 0.0)->inGrams())->toEqualWithDelta(50.0, 1e-9);
    for ($fat = 0.0; $fat <= 500.0; $fat += 25.0) {
        expect(FreeFat::of(Mass::ofGrams(60.0), Mass::ofGrams($fat), 0.3, 0.0)->inGrams())->toBeLessThanOrEqual($fat + 1e-9);
    }
});

it('knows its ratio and refuses an absurd one', function (): void {
    $larder = Larder::house();
    $roux = Roux::withRatio($larder->thickener('plain-flour'), Mass::ofGrams(80.0), $larder->fat('butter'), 1.5);
    expect($roux->fat->inGrams())->toEqualWithDelta(120.0, 1e-9)
        ->and($roux->fatToFlour())->toEqualWithDelta(1.5, 1e-12)
        ->and($roux->mass()->inGrams())->toEqualWithDelta(200.0, 1e-9);
    Roux::withRatio($larder->thickener('plain-flour'), Mass::ofGrams(80.0), $larder->fat('butter'), 9.0);
})->throws(OutOfRange::class);
