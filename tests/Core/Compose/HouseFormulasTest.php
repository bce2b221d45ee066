<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Exception\OutOfRange;
use Tests\Core\Room;

covers(...Room::of('Compose'));

/** "onion 300 g, roux: LongBrowned", with "if asked" for what is left out unless the cook wants it. */
function partInWords(Part $part): string
{
    return sprintf(
        '%s %s %s, %s: %s%s',
        $part->ingredient,
        +$part->usual,
        $part->measure->value,
        $part->when->value,
        $part->treatment->name,
        $part->optional ? ', if asked' : '',
    );
}

// The house's sheet of formulas, written out a second time by hand, for each litre of the finished sauce.
dataset('the sheet on the galley wall', [
    'béchamel' => [
        Base::Bechamel,
        'whole-milk',
        'white butter 20 min 0.75 %',
        [
            'onion 40 g, infuse: Flavours',
            'clove 1 pieces, infuse: Flavours',
            'bay-leaf 0.5 pieces, infuse: Flavours',
            'white-pepper 0.3 g, season: Flavours',
            'nutmeg 0.2 g, season: Flavours',
        ],
        [],
    ],
    'velouté' => [
        Base::Veloute,
        'chicken-stock veal-stock fish-stock shellfish-stock vegetable-stock game-stock packed-broth',
        'blond butter 30 min 0.75 %',
        ['onion 40 g, roux: Sweated, if asked', 'celery 20 g, roux: Sweated, if asked', 'white-pepper 0.3 g, season: Flavours'],
        [],
    ],
    'espagnole' => [
        Base::Espagnole,
        'brown-stock veal-stock game-stock',
        'brown clarified-butter 90 min 0 %',
        [
            'onion 62.5 g, roux: Browned',
            'carrot 31.25 g, roux: Browned',
            'celery 31.25 g, roux: Browned',
            'tomato-paste 30 g, roux: StirredIn',
            'red-wine 60 ml, roux: Reduced, if asked',
            'bay-leaf 1 pieces, simmer: Flavours',
            'thyme-sprig 2 pieces, simmer: Flavours',
            'parsley-stalk 4 pieces, simmer: Flavours',
            'peppercorn 5 pieces, simmer: Flavours',
        ],
        [],
    ],
    'demi-glace' => [
        Base::DemiGlace,
        'brown-stock veal-stock game-stock',
        'brown clarified-butter 80 min 0.75 %',
        [],
        ['espagnole' => 0.5],
    ],
    'tomato' => [
        Base::Tomato,
        'chicken-stock veal-stock vegetable-stock packed-broth',
        'blond butter 60 min 0.75 %',
        [
            'fat-bacon 40 g, roux: Rendered, if asked',
            'onion 45 g, roux: Sweated',
            'carrot 22.5 g, roux: Sweated',
            'celery 22.5 g, roux: Sweated',
            'garlic 5 g, roux: Flavours',
            'sugar 3 g, simmer: StirredIn',
            'thyme-sprig 2 pieces, simmer: Flavours',
            'bay-leaf 1 pieces, simmer: Flavours',
        ],
        ['tomato-puree' => 0.6],
    ],
    'pan gravy' => [
        Base::PanGravy,
        'brown-stock chicken-stock veal-stock game-stock packed-broth',
        'blond pan-drippings 15 min 0.75 %',
        ['white-wine 50 ml, roux: Reduced, if asked', 'black-pepper 0.3 g, season: Flavours'],
        [],
    ],
    'onion gravy' => [
        Base::OnionGravy,
        'brown-stock veal-stock vegetable-stock packed-broth',
        'brown clarified-butter 20 min 0.75 %',
        [
            'onion 300 g, roux: LongBrowned',
            'thyme-sprig 2 pieces, simmer: Flavours',
            'black-pepper 0.3 g, season: Flavours',
            'vinegar 5 ml, finish: Finishes',
        ],
        [],
    ],
    'giblet gravy' => [
        Base::GibletGravy,
        'chicken-stock',
        'brown poultry-fat 25 min 0.75 %',
        [
            'giblets 150 g, roux: DicedBack',
            'onion 80 g, roux: Browned',
            'white-wine 50 ml, roux: Reduced',
            'black-pepper 0.3 g, season: Flavours',
        ],
        [],
    ],
    'milk gravy' => [Base::MilkGravy, 'whole-milk', 'blond pan-drippings 8 min 0.75 %', ['black-pepper 2 g, season: Flavours'], []],
    'chilli gravy' => [
        Base::ChilliGravy,
        'chicken-stock',
        'blond butter 15 min 0.75 %',
        [
            'onion 120 g, roux: Sweated',
            'green-chilli 150 g, roux: Sweated',
            'cumin 3 g, roux: Flavours',
            'hot-chilli 2 g, simmer: Flavours, if asked',
            'soured-cream 100 ml, finish: Finishes',
        ],
        [],
    ],
    'wine sauce' => [
        Base::WineSauce,
        'fish-stock chicken-stock shellfish-stock vegetable-stock',
        'white butter 10 min 0.75 %',
        [
            'shallot 40 g, roux: Sweated',
            'double-cream 250 ml, finish: Finishes',
            'lemon-juice 10 ml, finish: Finishes',
            'butter 25 g, finish: Finishes',
        ],
        ['white-wine' => 200.0 / 700.0],
    ],
]);

it('ships the formulas of the house', function (Base $base, string $liquids, string $made, array $parts, array $beside): void {
    $formula = Formula::house($base);
    $liquid = $formula->liquids[0];
    expect(array_map(partInWords(...), $formula->parts))
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
