<?php

declare(strict_types=1);

use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Assay\WrittenAmount;
use Lento\Compose\Warning;
use Lento\Larder\Larder;
use Lento\Quantity\MeasureSystem;
use Tests\Core\Room;

covers(...Room::of('Assay'));

it('reads an amount as cooks write it', function (string $line, string $ingredient, float $grams): void {
    $recipe = (new Reader(Larder::house()))->read($line);
    expect($recipe->unread)->toBe([])
        ->and($recipe->lines[0]->ingredient)->toBe($ingredient)
        ->and($recipe->lines[0]->mass->inGrams())->toEqualWithDelta($grams, 0.006 * $grams + 1e-9);
})->with([
    'added up' => ['1 quart plus 1 cup beef stock', 'brown-stock', 1197.0],
    'added up by a sign' => ['1 cup + 2 tbsp milk', 'whole-milk', 274.1],
    'added up in words' => ['1 cup and 2 tablespoons of milk', 'whole-milk', 274.1],
    'times' => ['2 x 400 ml milk', 'whole-milk', 824.0],
    'times a tin' => ['2 × 400 g tins chopped tomatoes', 'crushed-tomato', 800.0],
    'a tin' => ['a 14 oz tin of tomatoes', 'crushed-tomato', 396.9],
    'a can, as Americans write' => ['1 (28-ounce) can crushed tomatoes', 'crushed-tomato', 793.8],
    'a carton' => ['1 500 ml carton of passata', 'tomato-puree', 525.0],
    'a range with a dash' => ['3–4 tbsp flour', 'plain-flour', 26.91],
    'a range in words' => ['2 to 3 oz butter', 'butter', 70.9],
    'a mixed number with a hyphen' => ['1-1/2 cups milk', 'whole-milk', 365.4],
    'half' => ['half a litre of milk', 'whole-milk', 515.0],
    'a quarter' => ['a quarter of a cup of flour', 'plain-flour', 30.76],
    'a number in words' => ['two tablespoons butter', 'butter', 28.4],
    'a piece' => ['an onion, finely chopped', 'onion', 120.0],
    'half a piece' => ['half an onion', 'onion', 60.0],
    'small pieces' => ['3 small shallots', 'shallot', 52.5],
    'a large one' => ['1 large onion', 'onion', 168.0],
    'cloves' => ['2 cloves garlic, crushed', 'garlic', 10.0],
    'cloves of it' => ['2 garlic cloves', 'garlic', 10.0],
    'a knob' => ['a knob of butter', 'butter', 15.0],
    'two good knobs' => ['two good knobs of butter', 'butter', 30.0],
    'a splash' => ['a splash of milk', 'whole-milk', 15.45],
    'a handful' => ['a handful of grated parmesan', 'grating-cheese', 30.0],
    'the juice of a lemon' => ['juice of ½ lemon', 'lemon-juice', 23.18],
    'the juice of two' => ['the juice of 2 lemons', 'lemon-juice', 92.7],
    'ounces of a liquid' => ['8 oz milk', 'whole-milk', 243.6],
    'ounces by weight' => ['8 oz milk (by weight)', 'whole-milk', 226.8],
    'ounces of flour' => ['8 oz flour', 'plain-flour', 226.8],
]);

it('says aloud what was guessed, and which ounces were taken', function (): void {
    $said = static function (string $more): array {
        $recipe = (new Reader(Larder::house()))->read("50 g butter\n50 g flour\n1 l milk\n" . $more);

        return array_map(
            static fn(Warning $warning): string => $warning->code->value,
            Assay::of($recipe, Larder::house())->warnings,
        );
    };
    expect($said('a knob of butter'))->toContain('amount-guessed')
        ->and($said('20 oz milk'))->toContain('ounces-by-volume')
        ->and($said('20 fl oz milk'))->not->toContain('ounces-by-volume')
        ->and($said('20 oz milk, by weight'))->not->toContain('ounces-by-volume')
        ->and($said('15 g butter'))->not->toContain('amount-guessed');
});

it('finds no amount where there is none', function (string $line): void {
    expect(WrittenAmount::read($line, MeasureSystem::Metric))->toBeNull();
})->with(['salt and pepper', 'butter', 'simmer for 20 minutes', '', 'x 400 ml milk']);

it('never takes more than a line says', function (string $line): void {
    expect((new Reader(Larder::house()))->read($line)->unread)->toBe([$line]);
})->with([
    '2 x butter',
    '1 (14-ounce) can of worms',
    '3–4',
    'a',
    'half',
    'juice of 2 oranges',
    '1 cup plus milk plus',
]);
