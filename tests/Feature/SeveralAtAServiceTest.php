<?php

declare(strict_types=1);

use App\Family\Clash;
use App\Family\MergedService;
use App\Family\ServiceFields;
use App\Models\Service;

use function Pest\Laravel\get;
use function Pest\Laravel\getJson;
use function Pest\Laravel\post;

require_once __DIR__ . '/services.php';

/**
 * @param array<array-key, mixed> $wishes
 *
 * @return array<string, mixed>
 */
function typedService(array $wishes, string $name = 'Supper'): array
{
    return ['name' => $name, 'at' => '19:30', 'spare' => '', 'wishes' => $wishes, 'have' => []];
}

/** @return array<string, string> */
function wish(string $sauce, string $covers, string $each = '60'): array
{
    return ['sauce' => $sauce, 'covers' => $covers, 'each' => $each];
}

/**
 * @param array<string, mixed> $saw
 * @param array<string, mixed> $mine
 * @param array<string, mixed> $stands
 *
 * @return array{list<string>, list<string>} sauces with their covers, and what is asked about
 */
function merged(array $saw, array $mine, array $stands, bool $isMine = false): array
{
    $merged = MergedService::of(ServiceFields::from($saw), $mine, ServiceFields::from($stands), $isMine);

    return [
        array_map(static fn(array $one): string => "{$one['sauce']} {$one['covers']}x{$one['each']}", $merged->fields->wishes),
        array_map(static fn(Clash $one): string => "{$one->field} {$one->sauce} {$one->stands}/{$one->typed}", $merged->clashes),
    ];
}

it('keeps what each of two has changed', function (array $saw, array $mine, array $stands, array $comes): void {
    $of = static fn(array $rows): array => typedService($rows);
    expect(merged($of($saw), $of($mine), $of($stands)))->toBe([$comes, []]);
})->with([
    'two fields of two rows' => [
        [wish('aurore', '40'), wish('mornay', '30')],
        [wish('aurore', '44'), wish('mornay', '30')],
        [wish('aurore', '40'), wish('mornay', '33')],
        ['aurore 44x60', 'mornay 33x60'],
    ],
    'two fields of one row' => [
        [wish('aurore', '40')], [wish('aurore', '44')], [wish('aurore', '40', '55')], ['aurore 44x55'],
    ],
    'the same, said twice' => [[wish('aurore', '40')], [wish('aurore', '44')], [wish('aurore', '44')], ['aurore 44x60']],
    'one more here, one more there' => [
        [wish('aurore', '40')],
        [wish('aurore', '40'), wish('mornay', '30')],
        [wish('aurore', '40'), wish('bercy', '20')],
        ['aurore 40x60', 'bercy 20x60', 'mornay 30x60'],
    ],
    'taken away there, another changed here' => [
        [wish('aurore', '40'), wish('mornay', '30')],
        [wish('aurore', '40'), wish('mornay', '33')],
        [wish('mornay', '30')],
        ['mornay 33x60'],
    ],
    'taken away there, changed here: what was typed comes back' => [
        [wish('aurore', '40'), wish('mornay', '30')],
        [wish('aurore', '44'), wish('mornay', '30')],
        [wish('mornay', '30')],
        ['mornay 30x60', 'aurore 44x60'],
    ],
    'taken away here, another changed there' => [
        [wish('aurore', '40'), wish('mornay', '30')],
        [1 => wish('mornay', '30')],
        [wish('aurore', '40'), wish('mornay', '33')],
        ['mornay 33x60'],
    ],
    'made another sauce here' => [
        [wish('aurore', '40')], [wish('bercy', '40')], [wish('aurore', '40')], ['bercy 40x60'],
    ],
]);

it('asks the second where two changed one field, and keeps what stands', function (): void {
    $one = static fn(string $covers): array => typedService([wish('aurore', $covers)]);
    expect(merged($one('40'), $one('44'), $one('48')))->toBe([['aurore 48x60'], ['covers aurore 48/44']])
        // Its own change of a moment ago is nobody else's.
        ->and(merged($one('40'), $one('44'), $one('48'), isMine: true))->toBe([['aurore 44x60'], []]);
    $named = static fn(string $name): array => typedService([], $name);
    $merged = MergedService::of(ServiceFields::from($named('A')), $named('B'), ServiceFields::from($named('C')), false);
    expect($merged->fields->name)->toBe('C')->and($merged->clashes)->toHaveCount(1);
});

it('adds a row once that a page sends twice before it has its answer', function (): void {
    $saw = typedService([wish('aurore', '40')]);
    $mine = typedService([wish('aurore', '40'), wish('mornay', '33')]);
    $stands = typedService([wish('aurore', '40'), wish('mornay', '3')]);
    expect(merged($saw, $mine, $stands, isMine: true))->toBe([['aurore 40x60', 'mornay 33x60'], []]);
});

it('lets two tablets type at one service, and says where they meet', function (): void {
    $service = serviceOf([['sauce' => 'aurore', 'covers' => '40', 'each' => '60']]);
    preg_match('/name="saw" value="([^"]*)"/', (string) get("/services/{$service->id}")->assertOk()->getContent(), $found);
    $saw = html_entity_decode($found[1] ?? '');
    $says = static fn(string $on, string $covers, string $name) => post("/services/{$service->id}", [
        ...typedService([wish('aurore', $covers)], $name),
        'saw' => $saw,
        'typed_on' => $on,
        'typed_turn' => '1',
    ], ['HX-Request' => 'true', 'HX-Request-Type' => 'partial']);
    $says('one', '48', 'Supper')->assertOk()->assertDontSee('meanwhile');
    $says('two', '40', 'Late supper')->assertOk()->assertDontSee('meanwhile');
    $kept = ServiceFields::from($service->refresh()->fields);
    expect([$kept->name, $kept->wishes[0]['covers']])->toBe(['Late supper', '48']);
    $says('three', '52', 'Supper')->assertSee('somebody made it 48 meanwhile. Type 52 again to have yours.');
    expect(ServiceFields::from(Service::query()->findOrFail($service->id)->fields)->wishes[0]['covers'])->toBe('48');
});

it('takes a page that does not say what it saw at its word, and nonsense for nothing', function (string $saw): void {
    $service = serviceOf([['sauce' => 'aurore', 'covers' => '40', 'each' => '60']]);
    post("/services/{$service->id}", [...typedService([wish('aurore', '44')]), 'saw' => $saw])->assertRedirect();
    expect(ServiceFields::from($service->refresh()->fields)->wishes[0]['covers'])->toBe('44');
})->with(['', '{', '"x"', '[]', '{"wishes":[1,[2],{"sauce":[]}]}']);

it('tells the other tablets that a service has changed', function (): void {
    $before = getJson('/pulse')->json('service');
    serviceOf([['sauce' => 'aurore', 'covers' => '40', 'each' => '60']]);
    expect(getJson('/pulse')->json('service'))->not->toBe($before);
});
