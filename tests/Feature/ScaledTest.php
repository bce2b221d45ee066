<?php

declare(strict_types=1);

use App\Pages\Compose\Scaled;
use App\Questions\ComposeFields;
use Lento\Quantity\Volume;

use function Pest\Laravel\get;

/** @return array<string, string> the litres each way asks for, by its name */
function scaledTo(float $litres): array
{
    $ways = Scaled::of(ComposeFields::from(['sauce' => 'bechamel', 'given' => 'stock', 'stock' => '3']), Volume::ofLitres($litres));

    return array_column(array_map(static fn(array $way): array => [$way['name'], $way['address']['amount'] ?? ''], $ways), 1, 0);
}

it('makes half and twice as much, by the litres, within what Compose takes', function (): void {
    expect(scaledTo(2.0))->toBe(['× ½: 1.00 l' => '1', '× 2: 4.00 l' => '4'])
        ->and(scaledTo(0.15))->toBe(['× 2: 0.30 l' => '0.3'])
        ->and(scaledTo(150.0))->toBe(['× ½: 75.0 l' => '75']);
    $ways = Scaled::of(ComposeFields::from(['sauce' => 'bechamel', 'given' => 'stock', 'stock' => '3']), Volume::ofLitres(3.0));
    expect($ways[0]['address'])->not->toHaveKey('stock')->not->toHaveKey('given');
});

it('stands on every sheet and in Compose, and answers', function (string $page): void {
    $html = (string) get($page)->assertOk()->getContent();
    preg_match_all('/href="([^"]+)"[^>]*>\s*× (?:½|2): /u', $html, $found);
    expect($found[1])->toHaveCount(2);
    foreach ($found[1] as $address) {
        get(html_entity_decode($address))->assertOk();
    }
})->with([
    '/sheet?sauce=veloute&amount=2&diameter=240&height=140',
    '/sheet?sauce=espagnole&given=stock&stock=6&diameter=360&height=360&paper=slip',
    '/compose?sauce=veloute&amount=20&diameter=450&height=400',
]);
