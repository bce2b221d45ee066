<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Exception\OutOfRange;
use Lento\Procedure\Dose;
use Tests\Core\Room;

covers(...Room::of('Compose'));

/** "onion 300 g, stays-in", with "if asked" for what is left out unless the cook wants it. */
function partInWords(Dose $part): string
{
    return sprintf(
        '%s %s %s, %s%s',
        $part->ingredient,
        +$part->usual,
        $part->measure->value,
        $part->fate->value,
        $part->optional ? ', if asked' : '',
    );
}

// The house's sheet of formulas, written out a second time by hand, for each litre of the finished sauce.
dataset('the sheet on the galley wall', [
    'béchamel' => [
        Base::Bechamel,
        'whole-milk',
        'white butter 18 min 0.75 %',
        [
            'onion 40 g, flavours',
            'clove 1 pieces, flavours',
            'bay-leaf 0.5 pieces, flavours',
            'white-pepper 0.3 g, flavours',
            'nutmeg 0.2 g, flavours',
        ],
        [],
    ],
    'velouté' => [
        Base::Veloute,
        'chicken-stock veal-stock fish-stock shellfish-stock vegetable-stock game-stock beef-stock mutton-stock ham-stock packed-broth '
            . 'water cider',
        'blond butter 30 min 0.75 %',
        [
            'onion 40 g, stays-in, if asked',
            'celery 20 g, stays-in, if asked',
            'mushroom 50 g, stays-in, if asked',
            'white-pepper 0.3 g, flavours',
        ],
        [],
    ],
    'espagnole' => [
        Base::Espagnole,
        'brown-stock veal-stock game-stock beef-stock',
        'brown clarified-butter 90 min 0 %',
        [
            'onion 62.5 g, stays-in',
            'carrot 31.25 g, stays-in',
            'celery 31.25 g, stays-in',
            'tomato-paste 30 g, joins',
            'red-wine 80 ml, joins, if asked',
            'bay-leaf 1 pieces, flavours',
            'thyme-sprig 2 pieces, flavours',
            'parsley-stalk 4 pieces, flavours',
            'peppercorn 5 pieces, flavours',
        ],
        [],
    ],
    'demi-glace' => [
        Base::DemiGlace,
        'brown-stock veal-stock game-stock',
        'brown clarified-butter 60 min 0 %',
        [],
        ['espagnole' => 0.5],
    ],
    'tomato' => [
        Base::Tomato,
        'chicken-stock',
        'white butter 60 min 0.75 %',
        [
            'fat-bacon 40 g, stays-in, if asked',
            'onion 45 g, stays-in',
            'carrot 22.5 g, stays-in',
            'celery 22.5 g, stays-in',
            'garlic 5 g, stays-in',
            'sugar 3 g, joins',
            'thyme-sprig 2 pieces, flavours',
            'bay-leaf 1 pieces, flavours',
        ],
        ['tomato-puree' => 0.6],
    ],
    'pan gravy' => [
        Base::PanGravy,
        'brown-stock chicken-stock veal-stock game-stock beef-stock mutton-stock ham-stock vegetable-stock packed-broth water cider beer',
        'blond pan-drippings 15 min 0.75 %',
        ['white-wine 50 ml, joins, if asked', 'roast-juices 60 ml, joins', 'black-pepper 0.3 g, flavours'],
        [],
    ],
    'onion gravy' => [
        Base::OnionGravy,
        'brown-stock veal-stock beef-stock vegetable-stock packed-broth beer water',
        'white clarified-butter 20 min 0.75 %',
        [
            'onion 300 g, stays-in',
            'thyme-sprig 2 pieces, flavours',
            'black-pepper 0.3 g, flavours',
            'vinegar 5 ml, joins',
        ],
        [],
    ],
    'giblet gravy' => [
        Base::GibletGravy,
        'chicken-stock',
        'brown poultry-fat 20 min 0.75 %',
        [
            'giblets 150 g, put-back',
            'onion 80 g, stays-in',
            'white-wine 50 ml, joins',
            'liver 30 g, put-back',
            'black-pepper 0.3 g, flavours',
        ],
        [],
    ],
    'milk gravy' => [Base::MilkGravy, 'whole-milk', 'blond pan-drippings 9 min 0.75 %', ['black-pepper 2 g, flavours'], []],
    'chilli gravy' => [
        Base::ChilliGravy,
        'chicken-stock',
        'blond butter 15 min 0.75 %',
        [
            'dried-chilli 12 g, flavours',
            'coriander-seed 4 g, flavours',
            'red-onion 100 g, stays-in',
            'soured-cream 90 ml, joins',
        ],
        [],
    ],
    'wine sauce' => [
        Base::WineSauce,
        'fish-stock chicken-stock shellfish-stock vegetable-stock',
        'white butter 10 min 0.75 %',
        [
            'white-wine 250 ml, joins',
            'shallot 50 g, stays-in',
            'double-cream 220 ml, joins',
            'butter 40 g, joins',
            'lemon-juice 8 ml, joins',
        ],
        [],
    ],
]);

it('ships the formulas of the house', function (Base $base, string $liquids, string $made, array $parts, array $beside): void {
    $formula = Formula::house($base);
    $liquid = $formula->liquids[0];
    expect(array_map(partInWords(...), $formula->parts()))
        ->toBe($parts)
        ->and(
            sprintf(
                '%s %s %s min %s %%',
                strtolower($formula->colour->name),
                $formula->fat,
                +$formula->simmerTime($liquid)->inMinutes(),
                +round(100.0 * $formula->salt, 4),
            ),
        )
        ->toBe($made)
        ->and(array_intersect(explode(' ', $liquids), $formula->liquids))
        ->toBe(explode(' ', $liquids))
        ->and($liquid)
        ->toBe(explode(' ', $liquids)[0])
        ->and(array_keys($formula->beside))
        ->toBe(array_keys($beside))
        ->and(array_sum($formula->beside))
        ->toEqualWithDelta(array_sum($beside), 1e-12);
})->with('the sheet on the galley wall');

it('has every sauce of the house on that sheet, a roux in all but one', function (): void {
    expect(Base::withRoux())->toHaveCount(count(Base::cases()) - 1)->not->toContain(Base::DemiGlace);
});

it('simmers fish and shellfish stock twenty minutes at most', function (): void {
    $formula = Formula::house(Base::Veloute);
    expect($formula->simmerTime('fish-stock')->inMinutes())->toBe(20.0)->and($formula->simmerTime('veal-stock')->inMinutes())->toBe(30.0);
});

it('says in per cent what salt a kitchen may set', function (float $salt, string $said): void {
    expect(fn() => Formula::house(Base::Veloute)->salted($salt))->toThrow(OutOfRange::class, $said);
})->with([
    [0.05, 'salt = 5, not in [0, 3] %'],
    [-0.01, 'salt = -1, not in [0, 3] %'],
    [NAN, 'salt = -, not in [0, 3] %'],
]);
