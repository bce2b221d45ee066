<?php

declare(strict_types=1);

use Lento\Family\Catalogue;
use Lento\Family\Derivative;
use Lento\Family\Possible;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Share;
use Lento\Family\Stem;
use Lento\Family\Supply;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Procedure;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Room;

covers(...Room::of('Family'));

/** @param array<string, float> $grams on hand */
function supplyOf(float $litres, array $grams = []): Supply
{
    $stem = ServiceFlow::of(
        Service::of([new Wish('veloute', 'fish-stock', Volume::ofLitres($litres))]),
        Catalogue::house(),
        Workplace::house(),
    )->node('veloute@fish-stock')->stem;

    return Supply::of($stem->taken(Volume::ofLitres($litres)), array_map(Mass::ofGrams(...), $grams), Workplace::house());
}

/** @return array{Derivative, Volume} */
function wanting(string $sauce, float $litres): array
{
    return [Catalogue::house()->derivative($sauce), Volume::ofLitres($litres)];
}

it('says how much of each a base can become, and what runs out first', function (): void {
    $derivatives = array_map(Catalogue::house()->derivative(...), ['aurore', 'white-wine', 'normande']);
    $possible = supplyOf(3.0, ['double-cream' => 147.3, 'egg-yolk' => 0.0])->possible($derivatives);
    $by = array_column(array_map(fn(Possible $one): array => [$one->derivative->id, $one], $possible), 1, 0);
    expect(array_keys($by))->toBe(['aurore', 'white-wine'])
        ->and($by['aurore']->limitedBy)->toBeNull()
        ->and($by['aurore']->atMost->inLitres())->toEqualWithDelta(3.0, 1e-9)
        ->and($by['aurore']->made->volume()->inLitres())->toBeGreaterThan(3.2)
        ->and($by['white-wine']->limitedBy)->toBe('double-cream')
        // 150 ml of cream for a litre of velouté, and 150 ml there.
        ->and($by['white-wine']->atMost->inLitres())->toEqualWithDelta(1.0, 1e-6);
});

it('gives every wish what it asked for where there is enough', function (): void {
    foreach (supplyOf(5.0)->split([wanting('aurore', 2.0), wanting('white-wine', 1.0)]) as $share) {
        expect($share->ranOut)->toBeNull()->and($share->part())->toEqualWithDelta(1.0, 1e-3);
    }
});

it('shares a base that is short evenly', function (): void {
    $shares = supplyOf(2.0)->split([wanting('aurore', 2.0), wanting('white-wine', 3.0), wanting('mushroom', 1.0)]);
    $parts = array_map(fn(Share $share): float => $share->part(), $shares);
    $taken = array_sum(array_map(fn(Share $share): float => $share->made?->taken->volume()->inLitres() ?? 0.0, $shares));
    expect($taken)
        ->toEqualWithDelta(2.0, 1e-6)
        ->and($parts)
        ->toHaveCount(3)
        ->and(max([0.0, ...$parts]) - min([1.0, ...$parts]))
        ->toBeLessThan(0.01);
    foreach ($shares as $share) {
        expect($share->ranOut)->toBe(Supply::BASE);
    }
});

it('lets the others go on when a wish lacks something else', function (): void {
    [$white, $aurore] = supplyOf(3.0, ['double-cream' => 98.2])->split([wanting('white-wine', 2.0), wanting('aurore', 2.0)]);
    expect($white->ranOut)->toBe('double-cream')
        ->and($white->made?->taken->volume()->inLitres())->toEqualWithDelta(2.0 / 3.0, 1e-3)
        ->and($aurore->ranOut)->toBeNull()
        ->and($aurore->part())->toEqualWithDelta(1.0, 1e-3);
    [$gone, $all] = supplyOf(3.0, ['double-cream' => 0.0])->split([wanting('white-wine', 2.0), wanting('aurore', 2.0)]);
    expect($gone->made)->toBeNull()->and($gone->part())->toBe(0.0)->and($all->part())->toEqualWithDelta(1.0, 1e-3);
});

it('shares one ingredient between those that want it', function (): void {
    [$white, $normande] = supplyOf(9.0, ['butter' => 100.0])->split([wanting('white-wine', 2.0), wanting('normande', 2.0)]);
    expect($white->ranOut)
        ->toBe('butter')
        ->and($normande->ranOut)
        ->toBe('butter')
        ->and(abs($white->part() - $normande->part()))
        ->toBeLessThan(0.02);
    $used = 50.0 * ($white->made?->taken->volume()->inLitres() ?? 0.0) + 60.0 * ($normande->made?->taken->volume()->inLitres() ?? 0.0);
    expect($used)->toEqualWithDelta(100.0, 0.5);
});

it('never hands out more than there is, whatever is wished', function (int $seed): void {
    $samples = new Tests\Core\Family\Draws($seed);
    $ids = ['aurore', 'white-wine', 'mushroom', 'green-herb', 'normande', 'shallot-wine'];
    $wishes = array_map(fn(string $id): array => wanting($id, $samples->between(0.1, 5.0)), $ids);
    $have = [
        'double-cream' => $samples->between(0.0, 600.0),
        'butter' => $samples->between(0.0, 300.0),
        'egg-yolk' => $samples->between(0.0, 200.0),
    ];
    $shares = supplyOf($litres = $samples->between(0.5, 9.0), $have)->split($wishes);
    $used = ['base' => 0.0, 'double-cream' => 0.0, 'butter' => 0.0, 'egg-yolk' => 0.0];
    foreach ($shares as $share) {
        $used['base'] += $share->made?->taken->volume()->inLitres() ?? 0.0;
        foreach ($share->made->acts ?? [] as $done) {
            foreach ($done->doses as $dosed) {
                if (isset($used[$dosed->dose->ingredient])) {
                    $used[$dosed->dose->ingredient] += $dosed->mass->inGrams();
                }
            }
        }
        expect($share->part())->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0)
            ->and($share->ranOut !== null || $share->part() > 0.995)->toBeTrue();
    }
    expect($used['base'])->toBeLessThanOrEqual($litres + 1e-9);
    foreach ($have as $what => $grams) {
        expect($used[$what])->toBeLessThanOrEqual($grams + 1e-6);
    }
})->with(range(1, 12));

it('goes on with a sauce that can no longer be made as wished', function (): void {
    $dry = new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::Reduce)->downBy(0.999)), ThicknessClass::Coating);
    $stem = ServiceFlow::of(
        Service::of([new Wish('veloute', 'fish-stock', Volume::ofLitres(2.0))]),
        Catalogue::house(),
        Workplace::house(),
    )->node('veloute@fish-stock')->stem;
    expect($stem)
        ->toBeInstanceOf(Stem::class)
        ->and(Dose::grams('butter', 1.0)->mass(Volume::ofLitres(0.0), Lento\Larder\Larder::house())->inGrams())
        ->toBe(0.0)
        ->and($dry->procedure->acts)
        ->toHaveCount(1);
});
