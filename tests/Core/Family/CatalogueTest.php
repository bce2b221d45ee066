<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Family\Catalogue;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Procedure\Act;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Quantity\Volume;
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

function doseInWords(Dose $dose): string
{
    return "$dose->ingredient $dose->perLitre {$dose->fate->value}";
}

/** "off-the-boil 3 min to 75: hard-cheese 100 joins" */
function actInWords(Act $act): string
{
    return $act->kind->value
        . ($act->share > 0.0 ? ' ' . round($act->share, 3) : '')
        . ($act->time->seconds > 0.0 ? ' ' . $act->time->inMinutes() . ' min' : '')
        . ($act->atMost === null ? '' : ' to ' . $act->atMost->inCelsius())
        . ($act->atLeast === null ? '' : ' from ' . $act->atLeast->inCelsius())
        . ($act->doses === [] ? '' : ': ' . implode(', ', array_map(doseInWords(...), $act->doses)));
}

// The order of the work, held against docs/sauces.md by hand.
it('does each sauce in its order, with its reductions, minutes and limits', function (string $sauce, string $stocks, array $acts): void {
    $derivative = Catalogue::house()->derivative($sauce);
    expect(array_map(actInWords(...), $derivative->acts))->toBe($acts)->and(implode(' ', $derivative->stocks))->toBe($stocks);
})->with([
    'cream' => ['cream', '', ['stir-in 1 min: double-cream 150 joins', 'at-the-end 1 min: lemon-juice 5 joins']],
    'mornay' => ['mornay', '', ['off-the-boil 3 min to 75: hard-cheese 100 joins, grating-cheese 50 joins, butter 30 joins']],
    'sharp-cheese' => ['sharp-cheese', '', ['stir-in 1 min: dry-mustard 3 joins', 'off-the-boil 1 min to 75: mature-cheese 200 joins']],
    'soubise' => ['soubise', '', ['sweat 8 min: butter 50 joins, onion 450 joins', 'simmer 10 min']],
    'mustard' => ['mustard', '', ['off-the-boil 1 min: prepared-mustard 80 joins']],
    'shellfish-butter' => [
        'shellfish-butter',
        '',
        ['stir-in 2 min: double-cream 120 joins, cayenne 0.2 flavours', 'off-the-boil 1 min to 65: shellfish-butter 100 joins'],
    ],
    'parsley' => ['parsley', '', ['at-the-end 2 min: parsley 40 stays-in, lemon-juice 5 joins']],
    'egg' => ['egg', '', ['at-the-end 1 min: boiled-egg 4 stays-in']],
    'caper' => ['caper', '', ['at-the-end 2 min: capers 60 stays-in, lemon-juice 5 joins']],
    'supreme' => [
        'supreme',
        'chicken-stock',
        [
            'reduce 0.25',
            'stir-in 1 min: double-cream 250 joins',
            'off-the-boil 1 min: butter 50 joins',
            'at-the-end 1 min: lemon-juice 5 joins',
        ],
    ],
    'allemande' => [
        'allemande',
        'chicken-stock veal-stock',
        ['off-the-boil 2 min to 82 from 72: egg-yolk 3 joins, double-cream 120 joins', 'at-the-end 1 min: lemon-juice 5 joins'],
    ],
    'poulette' => ['poulette', 'chicken-stock veal-stock', ['sweat 8 min: mushroom 200 stays-in', 'at-the-end 1 min: parsley 15 stays-in']],
    'aurore' => ['aurore', '', ['stir-in 1 min: tomato-puree 170 joins', 'simmer 5 min', 'off-the-boil 1 min: butter 40 joins']],
    'ivory' => ['ivory', 'chicken-stock', ['off-the-boil 1 min: meat-glaze 50 joins']],
    'hungarian' => [
        'hungarian',
        'chicken-stock veal-stock',
        ['sweat 8 min: butter 15 joins, onion 60 stays-in, paprika 8 joins', 'reduce-apart 0.667: white-wine 120 joins'],
    ],
    'curry' => [
        'curry',
        'chicken-stock',
        [
            'sweat 8 min: onion 50 strained-out, carrot 25 strained-out, celery 25 strained-out, curry-powder 15 joins',
            'simmer 10 min',
            'strain 3 min',
            'stir-in 1 min: double-cream 120 joins',
        ],
    ],
    'tarragon' => ['tarragon', 'chicken-stock', ['at-the-end 1 min: tarragon 20 stays-in']],
    'green-herb' => [
        'green-herb',
        '',
        [
            'reduce-apart 0.75: white-wine 60 joins, vinegar 60 joins, shallot 30 stays-in',
            'at-the-end 2 min: chervil 15 stays-in, tarragon 10 stays-in',
        ],
    ],
    'mushroom' => ['mushroom', '', ['sweat 8 min: butter 40 joins, mushroom 250 stays-in', 'at-the-end 1 min: lemon-juice 5 joins']],
    'mustard-tarragon' => [
        'mustard-tarragon',
        'chicken-stock fish-stock',
        ['off-the-boil 2 min: prepared-mustard 30 joins, butter 30 joins', 'at-the-end 1 min: tarragon 10 stays-in'],
    ],
    'white-wine' => [
        'white-wine',
        'fish-stock shellfish-stock',
        [
            'reduce-apart 0.5: white-wine 250 joins',
            'stir-in 1 min: double-cream 150 joins',
            'off-the-boil 1 min: butter 50 joins',
            'at-the-end 1 min: lemon-juice 5 joins',
        ],
    ],
    'shallot-wine' => [
        'shallot-wine',
        'fish-stock shellfish-stock',
        [
            'reduce-apart 0.667: shallot 60 stays-in, white-wine 120 joins, fish-stock 120 joins',
            'off-the-boil 1 min: butter 60 joins',
            'at-the-end 1 min: parsley 15 stays-in',
        ],
    ],
    'normande' => [
        'normande',
        'fish-stock shellfish-stock',
        [
            'stir-in 2 min: mushroom-liquor 120 joins, fish-stock 120 joins',
            'reduce 0.333',
            'off-the-boil 2 min to 82 from 72: egg-yolk 4 joins, double-cream 200 joins',
            'off-the-boil 1 min: butter 60 joins',
        ],
    ],
    'red-wine-shallot' => [
        'red-wine-shallot',
        '',
        [
            'reduce-apart 0.75: red-wine 250 joins, shallot 60 strained-out, thyme-sprig 2 flavours, bay-leaf 1 flavours, '
                . 'black-pepper 1 flavours',
            'strain 3 min',
            'off-the-boil 1 min: butter 50 joins',
        ],
    ],
    'hunters' => [
        'hunters',
        '',
        [
            'sweat 8 min: mushroom 180 stays-in',
            'reduce-apart 0.667: shallot 50 stays-in, white-wine 200 joins',
            'stir-in 1 min: tomato-dice 200 stays-in',
            'at-the-end 1 min: herbs 15 stays-in',
        ],
    ],
    'onion-mustard' => [
        'onion-mustard',
        '',
        [
            'sweat 8 min: onion 120 stays-in',
            'reduce-apart 0.667: white-wine 200 joins',
            'off-the-boil 1 min: dry-mustard 8 joins',
            'at-the-end 2 min: sugar 2 joins, lemon-juice 5 joins',
        ],
    ],
    'gherkin' => ['gherkin', '', ['at-the-end 1 min: gherkin 60 stays-in']],
    'devilled' => [
        'devilled',
        '',
        ['reduce-apart 0.75: shallot 100 stays-in, white-wine 200 joins, vinegar 50 joins', 'at-the-end 1 min: cayenne 0.3 flavours'],
    ],
    'fortified-wine' => ['fortified-wine', '', ['reduce 0.1', 'off-the-boil 1 min: fortified-wine 100 joins']],
    'pepper' => [
        'pepper',
        '',
        [
            'brown 12 min: onion 50 strained-out, carrot 25 strained-out, celery 25 strained-out',
            'reduce-apart 0.667: vinegar 100 joins, red-wine 200 joins, black-pepper 5 flavours',
            'simmer 10 min',
            'strain 3 min',
        ],
    ],
    'onion-vinegar' => ['onion-vinegar', '', ['brown 12 min: onion 150 stays-in', 'reduce-apart 0.667: vinegar 100 joins']],
    'sharp' => [
        'sharp',
        '',
        [
            'reduce-apart 0.5: shallot 100 stays-in, vinegar 120 joins, white-wine 120 joins',
            'at-the-end 3 min: gherkin 20 stays-in, capers 20 stays-in, herbs 20 stays-in',
        ],
    ],
    'mushroom-shallot' => [
        'mushroom-shallot',
        '',
        [
            'sweat 8 min: mushroom 250 stays-in, shallot 50 stays-in',
            'off-the-boil 1 min: fortified-wine 50 joins',
            'at-the-end 1 min: lemon-juice 5 joins',
        ],
    ],
]);

it('has nothing else', function (): void {
    $known = array_unique(array_column(Table::rows('house-derivatives'), 'sauce'));
    expect(array_values(array_diff(array_keys(Catalogue::house()->derivatives()), $known)))->toBe([])
        ->and(Catalogue::house()->derivatives())->toHaveCount(33);
});

it('knows who comes from whom', function (): void {
    $catalogue = Catalogue::house();
    expect($catalogue->lineage('hunters'))->toBe(['espagnole', 'demi-glace', 'hunters'])
        ->and($catalogue->lineage('gherkin'))->toBe(['espagnole', 'demi-glace', 'onion-mustard', 'gherkin'])
        ->and($catalogue->lineage('poulette'))->toBe(['veloute', 'allemande', 'poulette'])
        ->and($catalogue->childrenOf('espagnole'))->toBe(['demi-glace'])
        ->and($catalogue->childrenOf('supreme'))->toBe(['ivory'])
        ->and($catalogue->childrenOf('bechamel'))->toHaveCount(9)
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
    ['allemande', [Allergen::Milk, Allergen::Egg]],
    ['shellfish-butter', [Allergen::Milk, Allergen::Crustaceans]],
    ['sharp-cheese', [Allergen::Milk, Allergen::Mustard]],
    ['shallot-wine', [Allergen::Milk, Allergen::Fish, Allergen::Celery, Allergen::Sulphites]],
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
            ->ownVersion('x', ['saffron' => 1.0]),
        Unknown::class,
        'saffron',
    ],
    'too much of one' => [
        fn() => Catalogue::house()
            ->derivative('aurore')
            ->ownVersion('x', ['butter' => 1001.0]),
        OutOfRange::class,
        'amount-per-litre butter = 1001, not in [0, 1000] g/l',
    ],
    'no number' => [fn() => Dose::grams('butter', 10.0)->of(NAN), OutOfRange::class, 'butter'],
    'an ingredient the larder lacks' => [fn() => Dose::grams('saffron', 1.0)->kind(Larder::house()), Unknown::class, 'saffron'],
    'a thickener' => [fn() => Dose::grams('plain-flour', 1.0)->kind(Larder::house()), Unknown::class, 'plain-flour'],
]);

it('weighs a dose by its own measure', function (): void {
    $two = Volume::ofLitres(2.0);
    $larder = Larder::house();
    expect(Dose::pieces('egg-yolk', 3.0)->mass($two, $larder)->inGrams())->toEqualWithDelta(108.0, 1e-9)
        ->and(Dose::millilitres('double-cream', 150.0)->mass($two, $larder)->inGrams())->toEqualWithDelta(294.6, 1e-9)
        ->and(Dose::grams('hard-cheese', 50.0)->mass($two, $larder)->inGrams())->toEqualWithDelta(100.0, 1e-9)
        ->and(Dose::grams('cayenne', 0.2, Fate::Flavours)->kind($larder))->toBeNull();
});
