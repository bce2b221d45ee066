<?php

declare(strict_types=1);

use App\Models\KitchenFormula;
use App\Typed\MoreField;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

// What a cook adds of their own, in a question and in the house formula.

it('takes any thing of the larder at any place, with its allergens', function (): void {
    get('/compose?' . http_build_query(['sauce' => 'bechamel', 'amount' => '2', 'diameter' => '240', 'height' => '140', 'add' => [
        ['what' => 'anchovy', 'amount' => '40', 'unit' => 'g', 'place' => 'off-heat'],
        ['what' => 'white-wine', 'amount' => '10', 'unit' => '%', 'place' => 'with-liquid'],
        ['what' => '', 'amount' => '', 'unit' => 'g', 'place' => 'last'],
    ]]))
        ->assertOk()
        ->assertSee('Off the heat: anchovy')
        ->assertSee('White wine in, with the liquid')
        ->assertSee('fish')
        ->assertSee('sulphites');
});

it('says what is wrong at its field, and keeps what was typed', function (array $row, string $says): void {
    get('/compose?' . http_build_query(['sauce' => 'bechamel', 'amount' => '2', 'diameter' => '240', 'height' => '140', 'add' => [$row]]))
        ->assertSee($says)
        ->assertSee('value="' . text($row['amount']) . '"', false);
})->with([
    [['what' => 'egg-yolk', 'amount' => '40', 'unit' => 'g', 'place' => 'in-simmer'], 'off the heat or last'],
    [['what' => 'butter', 'amount' => 'lots', 'unit' => 'g', 'place' => 'last'], 'Something of your own, butter'],
    [['what' => 'unobtainium', 'amount' => '4', 'unit' => 'g', 'place' => 'last'], 'unobtainium'],
    [['what' => 'butter', 'amount' => '4', 'unit' => 'stones', 'place' => 'last'], 'stones'],
    [['what' => 'butter', 'amount' => '4', 'unit' => 'g', 'place' => 'under the table'], 'under-the-table'],
    [['what' => 'butter', 'amount' => '0', 'unit' => 'g', 'place' => 'last'], 'Something of your own, butter'],
    [['what' => 'butter', 'amount' => '9999', 'unit' => 'g', 'place' => 'last'], 'nearly all of the sauce'],
]);

it('can be the house’s way, for every pot from then on', function (): void {
    post(
        '/kitchen/formulas',
        ['base' => 'bechamel', 'add' => [['what' => 'leek', 'amount' => '60', 'unit' => 'g/l', 'place' => 'with-vegetables']]],
    )
        ->assertSessionHasNoErrors();
    expect(KitchenFormula::query()->firstOrFail()->changed())->toMatchArray(['more' => 'leek:60:g/l:with-vegetables']);
    app()->forgetScopedInstances();
    get('/compose?sauce=bechamel&amount=2&diameter=240&height=140')->assertOk()->assertSee('Sweat the leek')->assertSee('120 g leek');
    get('/kitchen/formulas')->assertOk()->assertSee('value="60"', false);
    get('/compose?sauce=bechamel&amount=2&diameter=240&height=140&part[leek]=0')->assertOk()->assertDontSee('Sweat the leek');
});

it('writes and reads its field', function (): void {
    $rows = [['what' => 'Double Cream', 'amount' => '½', 'unit' => 'cup', 'place' => 'last'], ['what' => 'x'], 'y'];
    expect(MoreField::write($rows))->toBe('double-cream:½:cup:last')
        ->and(MoreField::typed('double-cream:½:cup:last a'))
        ->toBe([
            ['what' => 'double-cream', 'amount' => '½', 'unit' => 'cup', 'place' => 'last'],
            ['what' => 'a', 'amount' => '', 'unit' => '', 'place' => ''],
        ])
        ->and(MoreField::typed(str_repeat('a:1:g:last ', 40)))
        ->toHaveCount(MoreField::MOST);
});
