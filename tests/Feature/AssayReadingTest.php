<?php

declare(strict_types=1);

use function Pest\Laravel\get;

/** @param array<int, string> $as */
function assayPage(string $recipe, array $as = []): string
{
    return (string) get('/assay?' . http_build_query(['recipe' => $recipe, 'as' => $as]))->assertOk()->getContent();
}

it('gives no verdict while a large line is unread, and asks about that line', function (): void {
    $recipe = "50 g butter\n50 g flour\n500 ml chicken stock\n400 ml coconut milk\nsalt and pepper";
    expect(assayPage($recipe))
        ->toContain('First: what is “400 ml coconut milk”?')
        ->not->toContain('class="bring"')
        // Told what it is like, or left out, it is judged.
        ->and(assayPage($recipe, [3 => 'whole-milk']))
        ->not->toContain('First: what is')
        ->toContain('class="bring"')
        ->and(assayPage($recipe, [3 => 'left-out']))
        ->not->toContain('First: what is')
        ->toContain('flavours only');
});

it('judges without a line that hardly weighs anything', function (): void {
    expect(assayPage("50 g butter\n50 g flour\n1 l chicken stock\n5 g unicorn dust"))->not->toContain('First: what is');
});

it('reads a recipe with its method, as it stands in a book', function (): void {
    $page = assayPage(implode("\n", [
        '2 oz butter',
        '2 oz flour',
        '1 quart plus 1 cup beef stock',
        '1 large onion, finely chopped',
        '1. Melt the butter, stir in the flour and cook gently until the roux is blond.',
        '2. Whisk in the stock, bring to the boil and simmer for 40 minutes.',
        '3. Strain through a fine sieve and season with salt and pepper.',
    ]));
    expect($page)->toContain('blond')->toContain('40 min')->not->toContain('Not understood');
});

it('is not confused by bad input', function (string $recipe): void {
    assayPage($recipe);
})->with([
    str_repeat('2 x ', 900),
    str_repeat('1 cup plus ', 300) . 'milk',
    '1/0 to 2/0 cups milk',
    "juice of juice of lemons\n½–¾ – ⅔ l milk",
    "400 ml coconut milk\n" . str_repeat("9 l of nothing\n", 200),
    str_repeat('Simmer for 20 minutes and ', 150),
]);

it('offers to cook it as it is written, and tells what has no place', function (): void {
    $page = assayPage("50 g butter\n50 g flour\n1 l chicken stock\n100 g mushrooms\n10 g cornflour");
    expect($page)
        ->toContain('Cook it as written')
        ->toContain('Not in the pot: 10 g cornflour')
        ->toContain('given=formula&amp;stock=1000')
        ->toContain('mushroom%3A100%3Ag%3Awith-vegetables')
        ->and(assayPage("50 g flour\n1 l chicken stock"))
        ->not->toContain('Cook it as written');
});
