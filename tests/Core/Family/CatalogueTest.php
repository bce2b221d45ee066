<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Family\Catalogue;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Golden\Table;
use Tests\Core\Room;

covers(...Room::of('Family'));

/** @return array<string, true> "double-cream 150 ml" of a house sauce, without what only flavours */
function dosesOf(string $sauce): array
{
    $doses = [];
    foreach (Catalogue::house()->derivative($sauce)->doses() as $dose) {
        $doses[sprintf('%s %s %s', $dose->ingredient, $dose->perLitre, $dose->measure->value)] = true;
    }

    return $doses;
}

// The house's amounts, written out a second time from docs/sauces.md.
it('has each sauce of the house with its amounts', function (string $sauce): void {
    $rows = array_values(array_filter(Table::rows('house-derivatives'), fn(array $row): bool => $row['sauce'] === $sauce));
    $derivative = Catalogue::house()->derivative($sauce);
    expect($derivative->parent)
        ->toBe($rows[0]['parent'] ?? $derivative->parent)
        ->and($derivative->class->value)
        ->toBe($rows[0]['class'] ?? $derivative->class->value);
    foreach ($rows as $row) {
        expect(dosesOf($sauce))->toHaveKey(sprintf('%s %s %s', $row['ingredient'], (float) $row['per_litre'], $row['measure']));
    }
})->with(array_values(array_unique(array_column(Table::rows('house-derivatives'), 'sauce'))));

it('has nothing else', function (): void {
    $known = array_unique(array_column(Table::rows('house-derivatives'), 'sauce'));
    expect(array_values(array_diff(array_keys(Catalogue::house()->derivatives()), $known)))->toBe([])
        ->and(Catalogue::house()->derivatives())->toHaveCount(58);
});

it('knows who comes from whom', function (): void {
    $catalogue = Catalogue::house();
    expect($catalogue->lineage('hunters'))->toBe(['espagnole', 'demi-glace', 'hunters'])
        ->and($catalogue->lineage('gherkin'))->toBe(['espagnole', 'demi-glace', 'onion-mustard', 'gherkin'])
        ->and($catalogue->lineage('poulette'))->toBe(['veloute', 'allemande', 'poulette'])
        ->and($catalogue->childrenOf('espagnole'))->toBe(['demi-glace'])
        ->and($catalogue->childrenOf('supreme'))->toBe(['ivory'])
        ->and($catalogue->childrenOf('bechamel'))->toHaveCount(13)
        ->and($catalogue->parentOf('bechamel'))->toBeNull()
        ->and($catalogue->root('gherkin'))->toBe(Base::DemiGlace)
        ->and($catalogue->base('aurore'))->toBeNull();
});

it('names the stocks each may be made with, narrowed down its line', function (): void {
    $catalogue = Catalogue::house();
    expect($catalogue->liquids('ivory'))->toBe(['chicken-stock'])
        ->and($catalogue->liquids('poulette'))->toBe(['chicken-stock', 'veal-stock'])
        ->and($catalogue->liquids('white-wine'))->toBe(['fish-stock', 'shellfish-stock'])
        ->and($catalogue->liquids('aurore'))->toBe(Formula::house(Base::Veloute)->liquids)
        ->and($catalogue->liquids('mornay')[0])->toBe('whole-milk');
});

it('carries the allergens of what goes in', function (string $sauce, array $allergens): void {
    expect(Catalogue::house()->derivative($sauce)->allergens(Larder::house()))->toBe($allergens);
})->with([
    ['allemande', [Allergen::Egg, Allergen::Milk]],
    ['shellfish-butter', [Allergen::Crustaceans, Allergen::Milk]],
    ['sharp-cheese', [Allergen::Milk, Allergen::Mustard]],
    ['shallot-wine', [Allergen::Celery, Allergen::Fish, Allergen::Milk, Allergen::Sulphites]],
    ['tarragon', []],
]);

it('knows which may boil again', function (): void {
    $catalogue = Catalogue::house();
    expect($catalogue->derivative('cream')->mayBoil())->toBeTrue()->and($catalogue->derivative('allemande')->mayBoil())->toBeFalse();
});

it('takes a kitchen’s own, based on any, also on one of its own', function (): void {
    $catalogue = Catalogue::house();
    $ours = $catalogue
        ->derivative('aurore')
        ->ownVersion('ours', ['butter' => 60.0, 'tomato-puree' => 0.0], ThicknessClass::Pouring, [
            Dose::grams('parsley', 12.0, Fate::StaysIn),
        ]);
    $again = $ours->ownVersion('ours-again', ['butter' => 20.0]);
    $with = $catalogue->with($ours)->with($again);
    $perLitre = array_map(fn(Dose $dose): string => $dose->ingredient . ' ' . $dose->perLitre, $with->derivative('ours')->doses());
    expect($perLitre)->toBe(['tomato-puree 0', 'butter 60', 'parsley 12'])
        ->and($with->derivative('ours')->class)->toBe(ThicknessClass::Pouring)
        ->and($with->derivative('ours-again')->basedOn)->toBe('aurore')
        ->and($with->derivative('ours-again')->allergens(Larder::house()))->toBe([Allergen::Milk])
        ->and($with->childrenOf('veloute'))->toContain('ours', 'aurore')
        ->and($catalogue->has('ours'))->toBeFalse();
});

it('refuses what is no sauce, no part, no amount', function (Closure $does, string $refusal, string $says): void {
    expect($does)->toThrow($refusal, $says);
})->with([
    'a sauce nobody knows' => [fn() => Catalogue::house()->derivative('custard'), Unknown::class, 'custard'],
    'a root of nothing' => [fn() => Catalogue::house()->root('custard'), Unknown::class, 'custard'],
    'a part it does not have' => [
        fn() => Catalogue::house()
            ->derivative('aurore')
            ->ownVersion('x', ['ginger' => 1.0]),
        Unknown::class,
        'ginger',
    ],
    'too much of one' => [
        fn() => Catalogue::house()
            ->derivative('aurore')
            ->ownVersion('x', ['butter' => 1001.0]),
        OutOfRange::class,
        'amount-per-litre butter = 1001, not in [0, 1000] g/l',
    ],
    'no number' => [fn() => Dose::grams('butter', 10.0)->of(NAN), OutOfRange::class, 'butter'],
    'an ingredient the larder lacks' => [fn() => Dose::grams('ginger', 1.0)->kind(Larder::house()), Unknown::class, 'ginger'],
    'a thickener' => [fn() => Dose::grams('plain-flour', 1.0)->kind(Larder::house()), Unknown::class, 'plain-flour'],
]);
