<?php

declare(strict_types=1);

use Lento\Assay\Assay;
use Lento\Assay\KitchenWords;
use Lento\Assay\Reader;
use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\Warning;
use Lento\Exception\Missing;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Room;

covers(...Room::of('Assay'));

function assayed(string $recipe): Assay
{
    return Assay::of((new Reader(Larder::house()))->read($recipe), Larder::house());
}

it('reads lines as cooks write them', function (string $line, ?string $ingredient, float $grams): void {
    $recipe = (new Reader(Larder::house()))->read($line);
    expect($recipe->unread)->toBe([])
        ->and($recipe->lines[0]->ingredient)->toBe($ingredient)
        ->and($recipe->lines[0]->mass->inGrams())->toEqualWithDelta($grams, 0.005 * $grams + 1e-9);
})->with([
    ['2/3 cup butter', 'butter', 151.26],
    ['3 oz flour', 'plain-flour', 85.05],
    ['2 quarts veal stock', 'veal-stock', 1902.2],
    ['1.2 litres whole milk', 'whole-milk', 1236.0],
    ['¾ cup heavy cream', 'whipping-cream', 176.7],
    ['80 ml dry white wine', 'white-wine', 79.36],
    ['1 1/2 tbsp plain flour, sifted', 'plain-flour', 10.76],
    ['100 g unsalted butter (cold, cubed)', 'butter', 100.0],
    ['1 stick butter', 'butter', 113.4],
    ['2 large onions, chopped', 'onion', 336.0],
    ['3 egg yolks', 'egg-yolk', 54.0],
    ['1 imperial pint milk', 'whole-milk', 585.3],
    ['- 500 ml brown veal stock', 'brown-stock', 506.0],
    ['2 bay leaves', null, 0.0],
    ['salt to taste', 'salt', 0.0],
    ['a pinch of nutmeg', null, 0.0],
    ['1 tsp fine sea salt', 'salt', 6.01],
    ['2 cups scooped flour', 'plain-flour', 283.9],
]);

it('reports what it does not understand, and never guesses', function (string $line): void {
    expect((new Reader(Larder::house()))->read("100 g flour\n" . $line)->unread)->toBe([$line]);
})->with([
    '2 cups peanut butter',
    '1 cup coconut milk',
    '1 l lait',

    '3 stock tubes',
    'simmer: banana',
    'pan: huge',
    'pan: 2 cm',
    'roux: purple',
    '0 g butter',
    '1/0 cup milk',
    '9999999 kg flour',
    'oven: 200',
    '2 cups',
    '100 flour',
    '5 sticks flour',
    'butter',
]);

it('adds several liquids up, with only the water of wine and cream', function (): void {
    $assay = assayed(
        "2/3 cup butter\n3 oz flour\n2 quarts veal stock\n1.2 litres whole milk\n¾ cup heavy cream\n80 ml dry white "
            . "wine\nroux: brown\nsimmer: 20 min\nlevel: bare\npan: 24 cm",
    );
    // 1892.7 + 1200 + 0.588 x 176.7/0.998 + 0.87 x 79.36/0.998
    expect($assay->liquidVolume->inMillilitres())->toEqualWithDelta(3266.0, 1.0)
        ->and($assay->fatToFlour())->toEqualWithDelta(151.26 / 85.05, 0.005)
        ->and($assay->colour)->toBe(Colour::Brown)
        ->and($assay->level)->toBe(SimmerLevel::Bare)
        ->and($assay->simmer->inMinutes())->toEqualWithDelta(20.0, 1e-9)
        ->and($assay->pan->diameter->inMillimetres())->toEqualWithDelta(240.0, 1e-9)
        // 24 cm at a bare simmer gives off 4.5 g/min, 20 min of it and a little more by density; and half an hour from cold to the boil
        // a gram or so.
        ->and($assay->evaporated->inMillilitres())->toEqualWithDelta(92.0 / 0.985 + 35.0, 5.0);
});

it('meets the prototype’s béchamel', function (int $minutes, float $flour, float $volume): void {
    // T8: 60 g flour, 60 g butter, 1 l milk, 20 cm pan, bare simmer; the prototype’s three minutes have it half swollen (51), for it
    // counts nothing of what comes before them, nor its steam (17 ml).
    $assay = assayed("60 g flour\n60 g butter\n1 l milk\npan: 20 cm\nlevel: bare\nsimmer: {$minutes} min");
    expect($assay->thickness->gramsPerLitre)->toEqualWithDelta($flour, 1.0)
        ->and($assay->end->millilitres())->toEqualWithDelta($volume, 4.0);
})->with([[3, 54.2, 1083.0], [10, 55.1, 1062.0], [20, 56.5, 1031.0], [30, 58.1, 1001.0]]);

it('takes the usual colour, simmer and pan where a recipe is silent', function (string $liquid, Colour $colour): void {
    $assay = assayed("50 g flour\n50 g butter\n1 l {$liquid}");
    expect($assay->colour)->toBe($colour)
        ->and($assay->simmer->inMinutes())->toEqualWithDelta(10.0, 1e-9)
        ->and($assay->level)->toBe(SimmerLevel::Simmer)
        ->and(array_map(fn(Warning $warning): string => $warning->code->value, $assay->warnings))->toContain('pan-assumed');
})->with([
    ['milk', Colour::White],
    ['chicken stock', Colour::Blond],
    ['fish stock', Colour::Blond],
    ['brown stock', Colour::Brown],
]);

it('says aloud what a loose word was taken for', function (): void {
    $assay = assayed("2/3 cup fat\n2/3 cup flour\n5 cups stock");
    $words = array_column(
        array_map(
            fn(Warning $warning): array => ['code' => $warning->code->value, 'as' => $warning->words['ingredient'] ?? ''],
            $assay->warnings,
        ),
        'as',
        'code',
    );
    expect($words)
        ->toHaveKey('word-assumed')
        ->and($assay->fatToFlour())
        ->toEqualWithDelta(0.959 / 0.52, 0.01);
});

it('sizes cups and pints by the kitchen’s measures', function (string $measures, float $millilitres): void {
    expect(assayed("measures: {$measures}\n50 g flour\n2 pints milk")->liquidVolume->inMillilitres())->toEqualWithDelta($millilitres, 0.5);
})->with([['us', 946.35], ['imperial', 1136.5]]);

it('finds in its own sheets what they promise', function (Base $base): void {
    $sheet = (new Composer())->answer(
        Question::of($base, Volume::ofLitres(2.0), in: new InKitchen(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0)))),
    );
    $recipe = sprintf(
        "%.3F g flour\n%.3F g %s\n%.3F g %s\n%.3F g salt\nroux: %s\nsimmer: %.0F min\nlevel: %s\npan: 24 x 14 cm",
        $sheet->roux->flour->inGrams(),
        $sheet->roux->fat->inGrams(),
        str_replace('-', ' ', $sheet->question->fat),
        $sheet->liquidMass->inGrams(),
        str_replace('-', ' ', $sheet->question->liquid),
        $sheet->end->saltGrams,
        $sheet->question->colour->value,
        $sheet->question->simmerTime->inMinutes(),
        $sheet->question->simmerLevel->value,
    );
    $assay = assayed($recipe);
    expect($assay->recipe->unread)->toBe([])
        ->and($assay->thickness->gramsPerLitre)->toEqualWithDelta($sheet->thickness->gramsPerLitre, 0.02 * $sheet->thickness->gramsPerLitre)
        ->and($assay->yield->inMillilitres())->toEqualWithDelta(2000.0, 15.0);
})->with([Base::Bechamel, Base::Veloute]);

it('judges a spoonful of flour to a cup of milk as home kitchens do', function (int $spoons, ThicknessClass $class): void {
    $assay = assayed("measures: us\n{$spoons} tbsp flour\n{$spoons} tbsp butter\n1 cup milk\nsimmer: 10 min\nlevel: bare");
    expect($assay->thickness->thicknessClass())->toBe($class);
})->with([[1, ThicknessClass::Soup], [2, ThicknessClass::Coating], [4, ThicknessClass::Binding]]);

it('has nothing to say of a recipe without flour or without liquid', function (string $recipe, string $what): void {
    expect(fn() => assayed($recipe))->toThrow(Missing::class, $what);
})->with([
    ["100 g butter\n1 l milk", 'flour'],
    ["100 g flour\n100 g butter", 'liquid'],
    ['', 'flour'],
    'bytes that are no text' => ["\xff\xfe nonsense", 'flour'],
]);

it('simmers a slurry without any fat', function (): void {
    $assay = assayed("30 g cornflour\n1 l chicken stock");
    expect($assay->fatToFlour())->toBe(0.0)
        ->and($assay->thickness->gramsPerLitre)->toBeGreaterThan(30.0);
});

it('ignores adjectives but no noun', function (): void {
    expect(KitchenWords::read('cold unsalted butter, cubed'))->toBe(['id' => 'butter', 'loose' => false])
        ->and(KitchenWords::read('Crème fraîche'))->toBe(['id' => 'soured-cream', 'loose' => false])
        ->and(KitchenWords::read('almond milk'))->toBeNull()
        ->and(KitchenWords::read(''))->toBeNull();
});
