<?php

declare(strict_types=1);

use Lento\Assay\Assay;
use Lento\Assay\Reader;
use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Exception\Missing;
use Lento\Larder\Larder;
use Tests\Core\Room;

covers(...Room::of('Assay'));

/** @return list<string> recipes of our own, as cookbooks, packets, pages and notebooks write them; a third of them kept apart */
function ownRecipes(string $which): array
{
    $recipes = preg_split('/^---$/m', (string) file_get_contents(__DIR__ . "/recipes/{$which}.txt"));

    return $recipes === false ? [] : $recipes;
}

it('reads nineteen in twenty lines of recipes, of those too it was not made by', function (string $which, int $recipes): void {
    [$lines, $unread] = [0, 0];
    $reader = new Reader(Larder::house());
    foreach (ownRecipes($which) as $recipe) {
        $lines += count(array_filter(explode("\n", $recipe), static fn(string $line): bool => trim($line) !== ''));
        $unread += count($reader->read($recipe)->unread);
    }
    expect(ownRecipes($which))->toHaveCount($recipes)
        ->and($lines)->toBeGreaterThan(7 * $recipes)
        ->and($unread / $lines)->toBeLessThan(0.05);
})->with([['seen', 52], ['apart', 25]]);

it('calls none of what people eat every day raw', function (): void {
    [$judged, $raw] = [0, []];
    foreach ([...ownRecipes('seen'), ...ownRecipes('apart')] as $recipe) {
        try {
            $assay = Assay::of((new Reader(Larder::house()))->read($recipe), Larder::house());
        } catch (Missing) {
            continue;
        }
        $judged++;
        $calls = array_filter($assay->warnings, static fn(Warning $warning): bool => $warning->code === WarningCode::RawFlour);
        $raw = $calls === [] ? $raw : [...$raw, $recipe];
    }
    expect($judged)->toBeGreaterThan(70)->and($raw)->toBe([]);
});

it('takes a ready roux for as much flour as butter', function (): void {
    $recipe = (new Reader(Larder::house()))->read("300 g ready roux\n2 l chicken stock");
    $grams = array_map(static fn($line): float => round($line->mass->inGrams(), 6), $recipe->lines);
    expect($recipe->unread)->toBe([])
        ->and(array_map(static fn($line): ?string => $line->ingredient, $recipe->lines))->toBe(['plain-flour', 'butter', 'chicken-stock'])
        ->and(array_slice($grams, 0, 2))->toBe([150.0, 150.0])
        ->and($recipe->lines[0]->loose)->toBeTrue();
});

it('tells a heaped spoon from a level one', function (): void {
    $grams = static fn(string $line): float => (new Reader(Larder::house()))->read($line)->lines[0]->mass->inGrams();
    expect($grams('1 heaped tbsp flour'))->toEqualWithDelta(1.6 * $grams('1 level tbsp flour'), 1e-9)
        ->and($grams('1 rounded tbsp flour'))->toEqualWithDelta(1.3 * $grams('1 tbsp flour'), 1e-9)
        ->and($grams('a scant cup of flour'))->toEqualWithDelta(0.9 * $grams('1 cup flour'), 1e-9)
        ->and($grams('a pint and a half of milk'))->toEqualWithDelta(1.5 * $grams('1 pint milk'), 1e-9)
        ->and($grams('1 stick celery'))->toBe(45.0)
        ->and($grams('an onion stuck with 3 cloves'))->toBe(120.0);
});
