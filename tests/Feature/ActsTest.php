<?php

declare(strict_types=1);

use App\Kitchen\Kitchen;
use App\Models\OwnDerivative;
use Lento\Procedure\Act;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

/** @return array{string, string} an own sauce begun as Mornay: its id, and the address of its acts */
function ownMornay(): array
{
    post('/family/mornay/own', ['name' => 'Night Mornay', 'amounts' => ['hard-cheese' => '110']]);
    $id = 'own-sauce-' . OwnDerivative::query()->firstOrFail()->id;

    return [$id, "/family/{$id}/acts"];
}

/** @return list<string> */
function actsOf(string $sauce): array
{
    app()->forgetScopedInstances();

    return array_map(
        static fn(Act $act): string => $act->kind->value,
        app(Kitchen::class)->catalogue()->derivative($sauce)->procedure->acts,
    );
}

it('builds acts of its own, with the house’s as the start', function (): void {
    [$sauce, $acts] = ownMornay();
    get($acts)->assertOk()->assertSee('How Night Mornay is made')->assertSee('value="110"', false);
    expect(actsOf($sauce))->toBe(['melt-in', 'whisk-in']);

    post($acts, ['op' => 'add', 'at' => '0', 'kind' => 'reduce-apart', 'share' => '66', 'dose' => [
        ['what' => 'white-wine', 'amount' => '100', 'measure' => 'ml'],
        ['what' => 'shallot', 'amount' => '30', 'measure' => 'g'],
    ]])->assertSessionHasNoErrors();
    expect(actsOf($sauce))->toBe(['reduce-apart', 'melt-in', 'whisk-in']);
    post($acts, ['op' => 'add', 'at' => '1', 'kind' => 'simmer', 'minutes' => '12']);
    post($acts, ['op' => 'change', 'at' => '2', 'dose' => [['amount' => '90'], ['amount' => '0']]])->assertSessionHasNoErrors();
    post($acts, ['op' => 'remove', 'at' => '3']);
    expect(actsOf($sauce))->toBe(['reduce-apart', 'simmer', 'melt-in']);
    get("/family/{$sauce}?litres=2")->assertOk()
        ->assertSee('white wine')->assertSee('hard cheese')->assertDontSee('g aged grating cheese')->assertSee('sulphites');
    // The form of its amounts goes on working, over the acts.
    post("/family/{$sauce}/own", ['name' => 'Night Mornay', 'amounts' => ['hard-cheese' => '150', 'white-wine' => '60']]);
    get($acts)->assertSee('value="150"', false)->assertSee('value="60"', false);
    expect(actsOf($sauce))->toBe(['reduce-apart', 'simmer', 'melt-in']);
    post("{$acts}/reset")->assertRedirect($acts);
    expect(actsOf($sauce))->toBe(['melt-in', 'whisk-in']);
});

it('moves acts, and lets nothing boil after what has a limit', function (): void {
    [$sauce, $acts] = ownMornay();
    post($acts, ['op' => 'add', 'at' => '0', 'kind' => 'simmer', 'minutes' => '5']);
    post($acts, ['op' => 'down', 'at' => '0'])->assertSessionHasErrors('act');
    get($acts)->assertOk();
    expect(actsOf($sauce))->toBe(['simmer', 'melt-in', 'whisk-in']);
    post($acts, ['op' => 'up', 'at' => '2'])->assertSessionHasNoErrors();
    expect(actsOf($sauce))->toBe(['simmer', 'whisk-in', 'melt-in']);
});

it('says what is wrong, and keeps what was typed', function (array $said, string $field): void {
    [, $acts] = ownMornay();
    post($acts, $said)->assertSessionHasErrors($field);
})->with([
    [['op' => 'dance'], 'op'],
    [['op' => 'add', 'kind' => 'flambe'], 'kind'],
    [['op' => 'add', 'kind' => 'simmer', 'minutes' => '9999'], 'minutes'],
    [['op' => 'add', 'kind' => 'reduce', 'share' => '-1'], 'share'],
    [['op' => 'add', 'kind' => 'stir-in', 'dose' => [['what' => 'unobtainium', 'amount' => '1']]], 'act'],
    [['op' => 'add', 'kind' => 'stir-in', 'dose' => [['what' => 'white-wine', 'amount' => '1', 'measure' => 'pieces']]], 'act'],
    [['op' => 'add', 'kind' => 'stir-in', 'dose' => [['what' => 'white-wine', 'amount' => 'lots']]], 'dose.0.amount'],
    [['op' => 'add', 'kind' => 'stir-in'], 'act'],
    [['op' => 'remove', 'at' => '9'], 'act'],
    [['op' => 'change', 'at' => '40'], 'act'],
    [['op' => 'up', 'at' => 'x'], 'at'],
]);

it('is of own sauces alone', function (): void {
    get('/family/mornay/acts')->assertNotFound();
    get('/family/own-sauce-9/acts')->assertNotFound();
});
