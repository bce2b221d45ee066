<?php

declare(strict_types=1);

use App\Formats\RecipeLd;

use function Pest\Laravel\get;

require_once __DIR__ . '/lento.php';

/** @return array<string, mixed> made up for the galley */
function galleyGravy(): array
{
    return [
        '@context' => 'https://schema.org',
        '@type' => 'Recipe',
        'name' => 'Crew gravy',
        'recipeYield' => ['6', '6 servings'],
        'totalTime' => 'PT45M',
        'recipeIngredient' => [
            '2 oz butter',
            '2 oz plain flour',
            '1 quart plus 1 cup beef stock',
            '1 tbsp tomato paste',
            'Salt &amp; pepper',
        ],
        'recipeInstructions' => [
            ['@type' => 'HowToSection', 'name' => 'Roux', 'itemListElement' => [
                ['@type' => 'HowToStep', 'text' => 'Melt the butter, add the flour and cook until the roux is blond.'],
            ]],
            ['@type' => 'HowToStep', 'text' => '<p>Whisk in the stock. Simmer for 40 minutes.</p>'],
        ],
    ];
}

function ld(mixed $data): string
{
    return json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
}

it('reads linked data as its plain lines, by itself, in a graph, and in a saved page', function (string $text): void {
    $found = RecipeLd::in($text);
    expect(RecipeLd::isMeant($text))->toBeTrue()
        ->and($found)->toHaveCount(1)
        ->and($found[0]->name)->toBe('Crew gravy')
        ->and($found[0]->yield)->toBe('6 servings')
        ->and($found[0]->time)->toBe('PT45M')
        ->and(explode("\n", $found[0]->text))->toBe([
            '2 oz butter',
            '2 oz plain flour',
            '1 quart plus 1 cup beef stock',
            '1 tbsp tomato paste',
            'Salt & pepper',
            'Method:',
            'Melt the butter, add the flour and cook until the roux is blond.',
            'Whisk in the stock.',
            'Simmer for 40 minutes.',
        ]);
})->with([
    'by itself' => [fn() => ld(galleyGravy())],
    'in a list' => [fn() => ld([['@type' => 'WebSite'], galleyGravy()])],
    'in a graph, its type one of several, by its whole address' => [
        fn() => ld(['@graph' => [['@type' => 'Person'], [...galleyGravy(), '@type' => ['NewsArticle', 'http://schema.org/Recipe']]]]),
    ],
    'in a page' => [
        fn() => '<!doctype html><html><head><title>Gravy</title><script>var a = "<b>";</script><script type="application/ld+json">'
            . ld(galleyGravy()) . '</script></head><body><p>Long ago …</p></body></html>',
    ],
]);

it('assays what it finds, the one that is asked for', function (): void {
    $two = ld([galleyGravy(), [...galleyGravy(), 'name' => 'Thin', 'recipeIngredient' => ['10 g butter', '10 g flour', '1 l milk']]]);
    $first = lento(['assay', '-', '--json'], $two);
    $second = lento(['assay', '-', '--json', '--nth=2'], $two);
    $thickness = static fn(string $json): float => number(data_get(json_decode($json, true), 'thickness.effective_flour_g_per_l'));
    expect($first->exitCode())->toBe(0, $first->errorOutput())
        ->and(data_get(json_decode($first->output(), true), 'unread'))->toBe([])
        ->and($thickness($first->output()))->toBeGreaterThan(3.0 * $thickness($second->output()));
});

it('says in one sentence what is wrong with it', function (string $text): void {
    $run = lento(['assay', '-'], $text);
    expect($run->exitCode())
        ->toBe(2)
        ->and(trim($run->errorOutput()))
        ->toBe('recipe: no recipe (schema.org/Recipe) was found in it, or it is not whole.');
})->with([
    'cut off' => '{"@type":"Recipe","name":',
    'of something else' => '{"@type":"Person","name":"Cook"}',
    'a page without one' => '<html><body>Hello</body></html>',
    'nested without end' => str_repeat('[', 400),
]);

it('says how many there are where another is asked for', function (): void {
    $run = lento(['assay', '-', '--nth=3'], ld(galleyGravy()));
    expect($run->exitCode())->toBe(2)->and(trim($run->errorOutput()))->toBe('nth: there are 1 in it; write a number from 1 to 1.');
});

it('shows pasted data as lines, to be put right', function (): void {
    get('/assay?' . http_build_query(['recipe' => ld(galleyGravy())]))
        ->assertOk()
        ->assertSee('1 quart plus 1 cup beef stock')
        ->assertDontSee('recipeIngredient')
        ->assertSee('40 min');
    get('/assay?' . http_build_query(['recipe' => '{"@type":"Recipe"']))->assertOk()->assertSee('{"@type":"Recipe"');
});

it('takes strange shapes for what they are', function (mixed $data): void {
    expect(RecipeLd::in(ld($data))[0]->text ?? '')->toBeString();
})->with([
    'nothing in it' => [['@type' => 'Recipe']],
    'one text' => [['@type' => 'Recipe', 'recipeIngredient' => '1 l milk', 'recipeInstructions' => 'Simmer for 20 minutes.']],
    'numbers' => [['@type' => 'Recipe', 'recipeIngredient' => [1, null, ['x']], 'recipeYield' => 6, 'name' => ['a']]],
    'objects' => [['@type' => 'Recipe', 'recipeInstructions' => ['itemListElement' => [['text' => ['x']], 5]], 'recipeYield' => []]],
]);

it('asks about a large line it does not know before it says anything, and takes an answer', function (): void {
    $recipe = "50 g butter\n50 g flour\n500 ml chicken stock\n400 ml coconut milk";
    $asked = lento(['assay', '-'], $recipe);
    expect($asked->exitCode())->toBe(2)
        ->and($asked->output())->toBe('')
        ->and($asked->errorOutput())->toContain('“400 ml coconut milk” is too much of it to judge it without');
    $told = lento(['assay', '-', '--as=4:whole-milk'], $recipe);
    $left = lento(['assay', '-', '--as=4:left-out'], $recipe);
    expect($told->exitCode())->toBe(0, $told->errorOutput())
        ->and($left->exitCode())->toBe(0, $left->errorOutput())
        ->and($told->output())->not->toBe($left->output())
        ->and(lento(['assay', '-', '--as=4:gold'], $recipe)->exitCode())->toBe(2)
        ->and(lento(['assay', '-', '--as=x'], $recipe)->errorOutput())->toContain('as: write LINE:NAME');
});
