<?php

declare(strict_types=1);

use Lento\Assay\KitchenWords;
use Lento\Assay\Settings;
use Lento\Larder\Larder;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\MeasureSystem;
use Lento\Roux\Colour;
use Tests\Core\Room;

covers(...Room::of('Assay'));

it('finds in the larder whatever it has a word for', function (string $phrase, string $id): void {
    $word = KitchenWords::read($phrase);
    expect($word['id'] ?? null)->toBe($id);
    expect(Larder::house()->any($id)->id)->toBe($id);
})->with([
    ['flour', 'plain-flour'],
    ['All-purpose flour', 'plain-flour'],
    ['strong white bread flour', 'bread-flour'],
    ['whole-wheat flour', 'wholemeal-flour'],
    ['corn starch', 'cornflour'],
    ['unsalted butter', 'butter'],
    ['ghee', 'clarified-butter'],
    ['extra virgin olive oil', 'olive-oil'],
    ['duck fat', 'poultry-fat'],
    ['roast beef dripping', 'beef-dripping'],
    ['pan drippings', 'pan-drippings'],
    ['full-fat milk', 'whole-milk'],
    ['skim milk', 'skimmed-milk'],
    ['heavy whipping cream', 'whipping-cream'],
    ['crème fraîche', 'soured-cream'],
    ['rich brown veal stock', 'brown-stock'],
    ['white veal stock', 'veal-stock'],
    ['low-sodium chicken broth', 'packed-broth'],
    ['fish fumet', 'fish-stock'],
    ['dry red wine', 'red-wine'],
    ['sherry', 'fortified-wine'],
    ['tomato purée', 'tomato-puree'],
    ['chopped tomatoes', 'crushed-tomato'],
    ['freshly grated hard cheese', 'hard-cheese'],
    ['egg yolks', 'egg-yolk'],
    ['flaky sea salt', 'salt'],
    ['black peppercorns', 'pepper'],
    ['finely chopped shallots', 'shallot'],
    ['celery stalks', 'celery'],
]);

it('does not take a thing for its last word', function (string $phrase): void {
    expect(KitchenWords::read($phrase))->toBeNull();
})->with([
    'almond flour',
    'peanut butter',
    'cocoa butter',
    'coconut cream',
    'soya milk',
    'ginger beer',
    'onion soup',
    'salt cod',
    'butter beans',
    'oil paint',
    'wine gums',
]);

it('knows the herbs that weigh nothing', function (string $phrase): void {
    expect(KitchenWords::read($phrase))->toBe(['id' => null, 'loose' => false]);
})->with([
    'bay leaf',
    'fresh thyme sprigs',
    'parsley stalks',
    'grated nutmeg',
    'cloves',
    'dried sage leaves',
    'bouquet garni',
]);

it('reads how a recipe is cooked', function (): void {
    $settings = Settings::none()
        ->with('roux', 'brown roux')
        ?->with('simmer', '1 1/2 hours')
        ?->with('level', 'bare')
        ?->with('pan', '24 x 14 cm')
        ?->with('measures', 'imperial');
    expect($settings?->roux->colour)->toBe(Colour::Brown)
        ->and($settings?->simmer?->inMinutes())->toEqualWithDelta(90.0, 1e-9)
        ->and($settings?->level)->toBe(SimmerLevel::Bare)
        ->and($settings?->pan?->diameter->inMillimetres())->toEqualWithDelta(240.0, 1e-9)
        ->and($settings?->pan?->height->inMillimetres())->toEqualWithDelta(140.0, 1e-9)
        ->and($settings?->measures)->toBe(MeasureSystem::Imperial);
});

it('reads a pan in any length, and gives it a usual height', function (string $text, float $millimetres): void {
    $pan = Settings::none()->with('pan', $text)?->pan;
    expect($pan?->diameter->inMillimetres())->toEqualWithDelta($millimetres, 1e-6)
        ->and($pan?->height->inMillimetres())->toEqualWithDelta(0.6 * $millimetres, 1e-6);
})->with([['24 cm', 240.0], ['240 mm', 240.0], ['10 in', 254.0], ['9 1/2 inches', 241.3]]);

it('makes nothing of a setting it does not understand', function (string $name, string $value): void {
    expect(Settings::none()->with($name, $value))->toBeNull();
})->with([
    ['roux', 'purple'],
    ['simmer', 'a while'],
    ['simmer', '9 h'],
    ['level', 'volcanic'],
    ['pan', '24'],
    ['pan', '3 cm'],
    ['pan', '24 x 2 cm'],
    ['measures', 'japanese'],
    ['oven', '180'],
]);
