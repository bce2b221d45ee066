<?php

declare(strict_types=1);

use Lento\Assay\MethodSentence;
use Lento\Assay\Reader;
use Lento\Assay\Recipe;
use Lento\Larder\Larder;
use Lento\Pot\SimmerLevel;
use Lento\Roux\Colour;
use Tests\Core\Room;

covers(...Room::of('Assay'));

function withMethod(string $method): Recipe
{
    return (new Reader(Larder::house()))->read("50 g butter\n50 g flour\n1 l milk\n" . $method);
}

it('reads the colour of a roux from a sentence', function (string $sentence, ?Colour $colour): void {
    $recipe = withMethod($sentence);
    expect($recipe->unread)->toBe([])->and($recipe->roux->colour)->toBe($colour);
})->with([
    ['Melt the butter, stir in the flour and cook without colouring for 2 minutes.', Colour::White],
    ['Stir in the flour; do not let it brown.', Colour::White],
    ['Cook the roux until it is golden and smells of biscuits.', Colour::Blond],
    ['Cook the flour, stirring, to a sandy colour.', Colour::Blond],
    ['Add the flour and cook slowly until the roux is nutty and brown', Colour::Brown],
    ['2. Cook the roux until dark brown, about 40 minutes.', Colour::Dark],
    ['Brown the meat on all sides.', null],
    ['Melt the butter in a heavy pan.', null],
]);

it('reads the minutes of the simmer, and no others', function (string $sentence, ?float $minutes): void {
    expect(withMethod($sentence)->simmer?->inMinutes())->toBe($minutes);
})->with([
    ['Bring to the boil and simmer for 20 minutes.', 20.0],
    ['Simmer gently for 20–30 minutes, stirring often.', 25.0],
    ['Simmer, uncovered, for about 1 1/2 hours', 90.0],
    ['Let it simmer for half an hour.', 30.0],
    ['Turn down and simmer for an hour.', 60.0],
    ['Step 4: simmer 40 min', 40.0],
    ['Cook the flour for 2 minutes. Add the milk.', null],
]);

it('reads heat, reduction and strainer', function (): void {
    $recipe = withMethod("Whisk in the milk a little at a time.\nSimmer very gently for 30 minutes.\n"
        . "Boil until reduced by a third.\nStrain through a fine sieve and season to taste.");
    expect($recipe->unread)->toBe([])
        ->and($recipe->level)->toBe(SimmerLevel::Bare)
        ->and($recipe->simmer?->inMinutes())->toBe(30.0)
        ->and($recipe->strain)->toBeTrue()
        ->and($recipe->reduce?->target(Lento\Quantity\Volume::ofLitres(3.0))->inLitres())->toEqualWithDelta(2.0, 1e-9);
});

it('lets stand what was said before, and what a line sets by its name', function (): void {
    $recipe = withMethod("simmer: 15 min\nSimmer for 40 minutes.\nSimmer for 60 minutes.");
    expect($recipe->simmer?->inMinutes())->toBe(15.0);
});

it('takes no line of ingredients for a sentence', function (string $line): void {
    expect(MethodSentence::of($line))->toBeNull();
})->with(['salt to taste', '2 tbsp flour', 'whole milk', 'butter for the pan', 'Salt and pepper to season', 'cook it']);

it('reads seasonings that are named together', function (string $line): void {
    expect(withMethod($line)->unread)->toBe([]);
})->with([
    'salt and pepper',
    'Salt and freshly ground black pepper, to taste',
    'salt, white pepper and nutmeg',
    'Salt & pepper',
    'salt, to taste',
]);
