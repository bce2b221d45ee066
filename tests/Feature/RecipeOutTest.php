<?php

declare(strict_types=1);

use App\Format\Words;
use App\Formats\RecipeLd;
use Lento\Assay\Assay;
use Lento\Assay\KitchenWords;
use Lento\Assay\Reader;
use Lento\Compose\Base;
use Lento\Family\HouseDerivatives;
use Lento\Larder\Larder;

use function Pest\Laravel\get;

require_once __DIR__ . '/lento.php';
require_once __DIR__ . '/recipe-vocabulary.php';

/** @return array<string, mixed> */
function recipeFileOf(string $address): array
{
    $recipe = json_decode((string) get($address)->assertOk()->assertHeader('Content-Type', 'application/ld+json; charset=utf-8')
        ->getContent(), true, 64, JSON_THROW_ON_ERROR);
    /** @var array<string, mixed> $recipe */

    return $recipe;
}

/** @return array<string, mixed> */
function carriedBy(string $address): array
{
    $html = (string) get($address)->assertOk()->getContent();
    preg_match('/<script type="application\/ld\+json">(.*?)<\/script>/s', $html, $script);
    /** @var array<string, mixed> $recipe */
    $recipe = json_decode($script[1] ?? 'null', true, 64, JSON_THROW_ON_ERROR);

    return $recipe;
}

it('sends every base out as the vocabulary has it, by itself, in a page, and as text', function (Base $base): void {
    $recipe = recipeFileOf("/sheet.jsonld?sauce={$base->value}&amount=2");
    expect(vocabularyFaults($recipe))->toBe([])
        ->and($recipe['recipeIngredient'])->not->toBe([])
        ->and(carriedBy("/sheet?sauce={$base->value}&amount=2"))->toBe($recipe)
        ->and((string) get("/sheet.txt?sauce={$base->value}&amount=2")->assertOk()->getContent())
        ->toContain(...array_map(strval(...), array_filter((array) $recipe['recipeIngredient'], is_string(...))));
})->with(Base::cases());

it('sends every derivative out alike', function (): void {
    foreach (array_keys(HouseDerivatives::all()) as $sauce) {
        $recipe = recipeFileOf("/family/{$sauce}.jsonld?litres=3");
        expect(vocabularyFaults($recipe))->toBe([], $sauce)
            ->and(carriedBy("/family/{$sauce}?litres=3"))->toBe($recipe)
            ->and((string) get("/family/{$sauce}.txt?litres=3")->assertOk()->getContent())->toContain('Method:');
    }
});

it('knows what the vocabulary does not allow', function (): void {
    expect(vocabularyFaults(['@type' => 'Recipe', 'name' => '', 'totalTime' => '3 h', 'colour' => 'x', 'recipeInstructions' => [
        ['@type' => 'HowToStep', 'cookTime' => 'PT3M'],
        ['@type' => 'Person'],
    ]]))->toHaveCount(6)
        ->and(vocabularyFaults(['@type' => 'Sauce']))->toHaveCount(1);
});

it('is read again with nothing lost: what it is made of, its simmer, its roux, its thickness', function (string $recipe): void {
    $first = lento(['assay', '-', '--json'], $recipe);
    expect($first->exitCode())->toBe(0, $first->errorOutput());
    $out = data_get(json_decode($first->output(), true), 'recipe');
    $again = lento(['assay', '-', '--json'], (string) json_encode($out));
    expect($again->exitCode())->toBe(0, $again->errorOutput());
    $of = static fn(string $json, string $path): mixed => data_get(json_decode($json, true), $path);
    foreach (['flour_g', 'fat_g', 'liquid_ml', 'thickness.effective_flour_g_per_l', 'simmer.minutes', 'yield.volume_ml'] as $path) {
        $was = number($of($first->output(), $path));
        expect(number($of($again->output(), $path)))->toEqualWithDelta($was, 0.01 * $was, $path);
    }
    foreach (['roux', 'simmer.level', 'unread', 'unplaced', 'recipe.name', 'recipe.recipeIngredient'] as $path) {
        expect($of($again->output(), $path))->toBe($of($first->output(), $path), $path);
    }
    // And as plain text.
    $larder = Larder::house();
    $found = RecipeLd::in((string) json_encode($out))[0] ?? throw new RuntimeException('lost');
    expect(Assay::of((new Reader($larder))->read($found->asLines()), $larder)->flour->inGrams())
        ->toEqualWithDelta(number($of($first->output(), 'flour_g')), 0.1);
})->with([
    'blond' => "2 oz butter\n2 oz flour\n1 quart plus 1 cup beef stock\nroux: blond\nsimmer: 40 min",
    'in cups, with wine and paste' => "3 tbsp dripping\n1/4 cup flour\n2 cups beef stock\n1/2 cup red wine\n1 tbsp tomato paste\n"
        . "simmer: 20 min\nlevel: bare",
    'white, with cheese and mustard' => "50 g butter\n50 g flour\n600 ml milk\n100 g cheddar cheese\n1 tsp mustard\n4 g salt\n"
        . 'simmer: 8 min',
    'with vegetables' => "Gran’s gravy\n40 g dripping\n1 onion, chopped\n2 carrots\n40 g flour\n1 l brown stock\n"
        . "roux: brown\nsimmer: 1 h",
]);

it('names everything in the larder as Assay reads it', function (): void {
    $lost = [];
    foreach (Larder::house()->names() as $id) {
        $read = KitchenWords::read(Words::ingredient($id));
        if (($read['id'] ?? null) !== $id && !($read !== null && $read['id'] === null)) {
            $lost[$id] = Words::ingredient($id) . ' → ' . ($read['id'] ?? 'unread');
        }
    }
    // A cook's beef stock is a brown one.
    expect(array_diff_key($lost, ['beef-stock' => '']))->toBe([]);
});
