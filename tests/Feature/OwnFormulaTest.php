<?php

declare(strict_types=1);

use function Pest\Laravel\get;

require_once __DIR__ . '/schemas.php';
require_once __DIR__ . '/lento.php';

/** @return array<mixed> */
function composedBy(string $request): array
{
    $run = lento(['compose', '-', '--json'], $request);
    expect($run->exitCode())->toBe(0, $run->errorOutput())->and(fitsSchema($run->output(), 'compose-answer'))->toBeTrue();

    return row(json_decode($run->output(), true));
}

it('takes a formula as the question, and answers it with its amounts unchanged', function (
    string $formula,
    float $fat,
    float $flour,
    float $millilitres,
    string $class,
): void {
    $answer = composedBy('{"sauce":"bechamel","formula":' . $formula . '}');
    expect(number(data_get($answer, 'roux.fat_g')))->toEqualWithDelta($fat, 0.01)
        ->and(number(data_get($answer, 'roux.flour_g')))->toEqualWithDelta($flour, 0.01)
        ->and(number(data_get($answer, 'liquid.start_ml')))->toEqualWithDelta($millilitres, 0.2)
        ->and(data_get($answer, 'thickness.class'))->toBe($class);
})->with([
    'fifty, fifty, half a litre' => [
        '{"fat":{"amount":50},"flour":{"amount":50},"liquid":{"amount":0.5,"unit":"l"}}',
        50.0,
        50.0,
        500.0,
        'gratin',
    ],
    'two ounces each to the quart' => [
        '{"fat":{"amount":2,"unit":"oz"},"flour":{"amount":2,"unit":"oz"},"liquid":{"amount":1,"unit":"us quart"}}',
        56.7,
        56.7,
        946.35,
        'coating',
    ],
    'spoons and cups' => [
        '{"fat":{"amount":4,"unit":"metric tbsp"},"flour":{"amount":4,"unit":"metric tbsp"},"liquid":{"amount":3,"unit":"metric cup"}}',
        57.54,
        31.2,
        750.0,
        'pouring',
    ],
    'fat by the ratio of the roux' => ['{"flour":{"amount":60},"liquid":{"amount":1}}', 60.0, 60.0, 1000.0, 'coating'],
]);

it('works out the liquid that a formula leaves free, for the thickness asked for', function (): void {
    $answer = composedBy('{"sauce":"veloute","thickness":"gratin","formula":{"fat":{"amount":90},"flour":{"amount":60}}}');
    expect(number(data_get($answer, 'thickness.effective_flour_g_per_l')))->toEqualWithDelta(85.0, 0.1)
        ->and(number(data_get($answer, 'roux.fat_g')))->toEqualWithDelta(90.0, 0.01)
        ->and(number(data_get($answer, 'roux.flour_g')))->toEqualWithDelta(60.0, 0.01);
});

it('holds a ratio beside whatever says how much', function (string $more, float $fatToFlour, float $flourPerLitre): void {
    $answer = composedBy('{"sauce":"veloute",' . $more . '}');
    $flour = number(data_get($answer, 'roux.flour_g'));
    expect(number(data_get($answer, 'roux.fat_to_flour')))->toEqualWithDelta($fatToFlour, 1e-3)
        ->and(1000.0 * $flour / number(data_get($answer, 'liquid.start_ml')))->toEqualWithDelta($flourPerLitre, 0.02);
})->with([
    'by weight, for litres' => ['"ratio":"1:1:10","yield":{"amount":2}', 1.0, 100.5],
    'by weight, for the stock' => ['"ratio":"1 : 1 : 10","liquid_on_hand":{"amount":3}', 1.0, 100.5],
    'by volume' => ['"ratio":"1:1:10","ratio_by":"volume","yield":{"amount":2}', 1.844, 52.0],
    'of roux to liquid' => ['"ratio":"1 to 5","yield":{"amount":2}', 1.0, 100.5],
    'of roux to liquid, more fat' => ['"ratio":"1:5","roux":{"fat_to_flour":1.5},"yield":{"amount":2}', 1.5, 80.4],
]);

it('refuses a formula that makes no sauce, at its own part', function (string $request, string $line): void {
    $run = lento(['compose', '-'], $request);
    expect($run->exitCode())->toBe(2)->and(trim($run->errorOutput()))->toBe($line);
})->with([
    [
        '{"sauce":"veloute","formula":{"fat":{"amount":200},"flour":{"amount":50},"liquid":{"amount":1}}}',
        'formula.fat.amount: write a number from 25 to 150 g.',
    ],
    ['{"sauce":"veloute","formula":{"fat":{"amount":5},"flour":{"amount":50}}}', 'formula.fat.amount: write a number from 25 to 150 g.'],
    [
        '{"sauce":"veloute","formula":{"fat":{"amount":900},"flour":{"amount":900},"liquid":{"amount":1}}}',
        'formula.flour.amount: write a number from 5 to 600 g.',
    ],
    ['{"sauce":"veloute","formula":{"fat":{"amount":20}}}', 'formula.flour.amount: write a number from 1 to 150000 g.'],
    [
        '{"sauce":"veloute","formula":{"fat":{"amount":50},"flour":{"amount":50},"liquid":{"amount":2}},"ratio":"1:1:3"}',
        'ratio: give one of formula, ratio, not several.',
    ],
    [
        '{"sauce":"veloute","ratio":"1;2","yield":{"amount":1}}',
        'ratio: “1;2” is no ratio. Write fat : flour : liquid as 1 : 1 : 10, roux : liquid as 1 : 5, or 2 tbsp per cup.',
    ],
    [
        '{"sauce":"veloute","ratio":"1:1:1","yield":{"amount":1}}',
        'ratio: half to three times as much fat as flour, and 5 to 600 g flour for a litre of liquid, make a sauce.',
    ],
    [
        '{"sauce":"demi-glace","ratio":"1:1:10","yield":{"amount":1}}',
        'ratio: a demi-glace has no roux of its own. Start from litres, covers, the stock or the pan.',
    ],
]);

it('shows what is held, what is free, what it comes out as and what brings it to a class', function (): void {
    get('/compose?sauce=veloute&given=formula&have_fat=100&have_flour=100&stock=1.9&thickness=coating&diameter=240&height=140')
        ->assertOk()
        ->assertSeeInOrder(['Your formula comes out at 4', 'pouring.', 'To make it coating:'])
        ->assertSee('g more flour')
        ->assertSee('1 : 1')
        ->assertDontSee('name="ratio"', false);
    get('/compose?sauce=veloute&given=formula&have_flour=100&stock=&thickness=coating&diameter=240&height=140')
        ->assertOk()
        ->assertSee('free')
        ->assertSee('placeholder="100"', false)
        ->assertDontSee('Your formula comes out');
    get('/compose?sauce=veloute&amount=2&own_ratio=1:1:10&thickness=coating')
        ->assertOk()
        ->assertSee('gratin.')
        ->assertSee('l more chicken stock');
});

it('names the field of a formula that cannot be, and keeps all that was typed', function (string $asked, string $message): void {
    get('/compose?' . $asked)->assertStatus(422)->assertSee($message);
})->with([
    ['sauce=veloute&given=formula&have_fat=900&have_flour=100&stock=1.5', 'Fat on hand: write a number from 50 to 300 g.'],
    ['sauce=veloute&given=formula&have_fat=90&have_flour=&stock=1.5', 'Flour on hand: write a number'],
    ['sauce=veloute&amount=2&own_ratio=much', 'My ratio: “much” is no ratio.'],
    ['sauce=demi-glace&amount=2&own_ratio=1:1:10', 'My ratio: a demi-glace has no roux of its own.'],
]);

it('leaves a formula for the litres, and for another sauce, as the cook touches them', function (): void {
    $shown = 'sauce=veloute&given=formula&have_fat=100&have_flour=100&stock=1.9&stock_unit=l&amount=3&seen[amount]=1.93&seen[sauce]=veloute'
        . '&seen[have_fat]=100&seen[have_flour]=100&seen[stock]=1.9';
    get('/compose?' . $shown)->assertOk()->assertSee('3 litres of')->assertDontSee('Your formula comes out');
    get('/compose?' . str_replace(['amount=3', '[have_flour]=100'], ['amount=1.93', '[have_flour]=90'], $shown))
        ->assertOk()
        ->assertSee('Your formula comes out');
    get('/compose?' . str_replace(['sauce=veloute&given', 'amount=3&'], ['sauce=bechamel&given', 'amount=1.93&'], $shown))
        ->assertOk()
        ->assertDontSee('Your formula comes out');
});

it('has a name for a sauce of every liquid that it is made with', function (Lento\Compose\Base $base): void {
    foreach (app(App\Kitchen\Kitchen::class)->liquids($base) as $liquid) {
        expect(App\Format\Words::sauceNamed($base, $liquid))->not->toContain('sauces.')->not->toContain('.stock');
    }
})->with(Lento\Compose\Base::cases());

it('cooks a recipe as it is written: every line in the pot, the amounts unchanged, and out again as a recipe', function (): void {
    $written = implode("\n", [
        '¼ cup butter',
        '¼ cup flour',
        '3 cups beef stock',
        '½ cup red wine',
        '1 tbsp tomato paste',
        '1 onion, chopped',
        '2 bay leaves',
        'salt and pepper',
        'roux: brown',
        'simmer: 30 min',
    ]);
    $run = lento(['assay', '-', '--json'], $written);
    $answer = row(json_decode($run->output(), true));
    expect($run->exitCode())
        ->toBe(0, $run->errorOutput())
        ->and(fitsSchema($run->output(), 'assay-answer'))
        ->toBeTrue()
        ->and($answer['unplaced'])
        ->toBe([]);
    $grams = [];
    foreach (row($answer['steps']) as $step) {
        foreach (row(row($step)['amounts']) as $amount) {
            $what = text(data_get($amount, 'ingredient'));
            $grams[$what] = ($grams[$what] ?? 0.0) + number(data_get($amount, 'mass_g'));
        }
    }
    expect($grams['plain-flour'])
        ->toEqualWithDelta(number($answer['flour_g']), 0.02)
        ->and($grams['brown-stock'])
        ->toEqualWithDelta(718.0, 5.0)
        ->and($grams['red-wine'])
        ->toEqualWithDelta(117.4, 1.0)
        ->and($grams['tomato-paste'])
        ->toEqualWithDelta(16.4, 0.5)
        ->and($grams['onion'])
        ->toEqualWithDelta(120.0, 0.01)
        ->and($grams)
        ->toHaveKey('bay-leaf')
        // What goes out comes in again.
        ->and(App\Formats\RecipeLd::in((string) json_encode($answer['recipe']))[0]->text)
        ->toContain('onion')
        ->toContain('red wine');
});

it('tells what it cannot place, and cooks nothing as written that has no roux', function (): void {
    $answer = static fn(string $recipe): array => row(json_decode(lento(['assay', '-', '--json'], $recipe)->output(), true));
    $starch = $answer("50 g butter\n50 g flour\n1 l milk\n20 g cornflour\n4 star anise");
    $slurry = $answer("30 g cornflour\n1 l milk");
    expect($starch['unplaced'])
        ->toEqualCanonicalizing(['20 g cornflour', '4 star anise'])
        ->and($starch['steps'])
        ->not->toBe([])
        ->and($slurry['steps'])
        ->toBe([])
        ->and($slurry['recipe'])
        ->toBeNull();
});

it('takes a rule of thumb for what it says, and tells what else it may mean', function (): void {
    $flour = static fn(string $rule): float => number(
        data_get(composedBy('{"sauce":"bechamel","yield":{"amount":2},"ratio":"' . $rule . '"}'), 'thickness.effective_flour_g_per_l'),
    );
    // The house coincidence: one, two, three level tablespoons of flour to a cup of milk are soup, coating, gratin.
    expect($flour('a spoon of flour per cup'))->toBeGreaterThan(20.0)->toBeLessThan(38.0)
        ->and($flour('2 tbsp per cup'))->toBeGreaterThan(48.0)->toBeLessThan(70.0)
        ->and($flour('2 heaped tbsp per cup'))->toBeGreaterThan($flour('2 rounded tbsp per cup'))
        ->and($flour('6 tsp per cup'))->toEqualWithDelta($flour('2 tbsp per cup'), 0.5)
        ->and($flour('1 : 10'))->toBeLessThan($flour('1 : 1 : 10'));
    get('/compose?sauce=bechamel&amount=2&own_ratio=' . rawurlencode('1 : 10'))
        ->assertOk()
        ->assertSeeInOrder(['1 : 10, roux to liquid', 'taken so', 'coating', '1 : 1 : 10, flour to liquid', 'gratin'], false);
    get('/compose?sauce=bechamel&amount=2&own_ratio=' . rawurlencode('2 tbsp per cup'))
        ->assertOk()
        ->assertSeeInOrder(['2 level tbsp per cup', 'taken so', '2 heaped tbsp per cup'], false);
    get('/compose?sauce=bechamel&amount=2&own_ratio=' . rawurlencode('1 : 1 : 10'))->assertOk()->assertDontSee('taken so');
    get('/compose?sauce=bechamel&amount=2&own_ratio=' . rawurlencode('2 tbsp per bucket'))->assertStatus(422)->assertSee('is no ratio');
});
