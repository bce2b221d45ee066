<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\Sauce;
use App\Models\SauceVersion;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

const SUPPER = 'sauce=veloute&liquid=chicken-stock&amount=2&thickness=coating&diameter=240&height=140';

it('keeps a sauce with its tags and notes, once it can be answered', function (): void {
    get('/sauces/keep?' . SUPPER)
        ->assertOk()
        ->assertSee('2 litres of velouté that coats')
        ->assertSee('Chicken velouté');
    post('/sauces', [
        'name' => 'Galley velouté',
        'tags' => 'supper, pale, supper,',
        'notes' => 'for the hake',
        'question' => SUPPER,
    ])->assertRedirectContains('/sauces/');
    $sauce = Sauce::query()->with('versions')->sole();
    expect($sauce->name)->toBe('Galley velouté')->and($sauce->tags)->toBe(['supper', 'pale'])->and($sauce->notes)->toBe('for the hake')
        // Written out, so that a kitchen that changes its ways later does not change what was kept.
        ->and($sauce->versions->sole()->question)
        ->toMatchArray(['sauce' => 'veloute', 'amount' => '2', 'colour' => 'blond', 'ratio' => '1', 'pepper' => 'white', 'salt' => '0.75']);
    post('/sauces', ['name' => '', 'question' => SUPPER])->assertSessionHasErrors(['name' => 'Name: missing.']);
    post('/sauces', ['name' => str_repeat('x', 61), 'question' => SUPPER])->assertSessionHasErrors(['name' => 'Name: at most 60 letters.']);
    post('/sauces', ['name' => 'x', 'question' => 'sauce=veloute&amount=0'])->assertStatus(422);
    get('/sauces/keep?sauce=veloute&amount=0')->assertRedirectContains('/compose');
    expect(Sauce::query()->count())->toBe(1);
});

it('adds versions and never changes one', function (): void {
    post('/sauces', ['name' => 'Galley velouté', 'question' => SUPPER]);
    $sauce = Sauce::query()->sole();
    $first = SauceVersion::query()->sole();
    get('/sauces/keep?' . str_replace('amount=2', 'amount=4', SUPPER) . '&version=' . $first->id)
        ->assertOk()
        ->assertSee('Save as the next version of “Galley velouté”');
    post('/sauces', ['onto' => $sauce->id, 'question' => str_replace('amount=2', 'amount=4', SUPPER)])->assertRedirect(
        '/sauces/' . $sauce->id,
    );
    expect(
        SauceVersion::query()
            ->orderBy('number')
            ->get()
            ->map(fn(SauceVersion $version): array => [$version->number, $version->question['amount']])
            ->all(),
    )
        ->toBe([[1, '2'], [2, '4']])
        ->and(fn() => $first->update(['question' => ['sauce' => 'espagnole']]))
        ->toThrow(LogicException::class);
    get('/sauces/' . $sauce->id)
        ->assertOk()
        ->assertSeeInOrder(['Version 2', 'Version 1'])
        ->assertSee('Compare with the latest');
    post('/sauces', ['onto' => '999', 'question' => SUPPER])->assertSessionHasErrors('onto');
});

it('lets a pot know the version it was cooked from, whatever becomes of the sauce', function (): void {
    post('/sauces', ['name' => 'Galley velouté', 'question' => SUPPER]);
    $version = SauceVersion::query()->sole();
    get(route('compose', [...$version->question, 'version' => $version->id]))
        ->assertOk()
        ->assertSee('name="version" value="' . $version->id . '"', false);
    post('/pots', ['question' => http_build_query($version->question), 'version' => $version->id])->assertRedirectContains('/pots/');
    $pot = Pot::query()->sole();
    expect($pot->sauce_version_id)->toBe($version->id)->and($pot->question)->toMatchArray(['amount' => '2', 'colour' => 'blond']);
    post('/sauces', ['onto' => $version->sauce_id, 'question' => str_replace('amount=2', 'amount=9', SUPPER)]);
    expect($pot->refresh()->sauce_version_id)->toBe($version->id)->and($pot->question['amount'])->toBe('2');
    post('/pots', ['question' => SUPPER, 'version' => '999'])->assertSessionHasErrors('version');
});

it('finds by name, tag and note, without accents and by any part', function (string $find, array $found): void {
    $kept = [['Béchamel gratiné', 'supper', ''], ['Fish velouté', 'base', 'tomato butter'], ['100 % brown_sauce', 'base', '']];
    foreach ($kept as [$name, $tags, $notes]) {
        post('/sauces', ['name' => $name, 'tags' => $tags, 'notes' => $notes, 'question' => SUPPER]);
    }
    $page = get('/sauces?' . http_build_query(['find' => $find]))->assertOk();
    foreach (['Béchamel gratiné', 'Fish velouté', '100 % brown_sauce'] as $name) {
        in_array($name, $found, true) ? $page->assertSee($name) : $page->assertDontSee('>' . $name . '<', false);
    }
})->with([
    ['', ['Béchamel gratiné', 'Fish velouté', '100 % brown_sauce']],
    ['bechamel', ['Béchamel gratiné']],
    ['VELOUTE butter', ['Fish velouté']],
    ['base', ['Fish velouté', '100 % brown_sauce']],
    ['%', ['100 % brown_sauce']],
    ['n_s', ['100 % brown_sauce']],
    ['custard', []],
]);

it('changes name, tags and notes, and duplicates', function (): void {
    post('/sauces', ['name' => 'Galley velouté', 'question' => SUPPER]);
    $sauce = Sauce::query()->sole();
    post('/sauces/' . $sauce->id, ['name' => 'Night velouté', 'tags' => 'late', 'notes' => ''])->assertRedirect('/sauces/' . $sauce->id);
    post('/sauces/' . $sauce->id . '/duplicate')->assertRedirect();
    expect($sauce->refresh()->name)->toBe('Night velouté')->and($sauce->found_by)->toContain('late')
        ->and(Sauce::query()->latest('id')->firstOrFail()->name)->toBe('Copy of Night velouté')
        ->and(SauceVersion::query()->count())->toBe(2);
    get('/sauces')->assertOk()->assertSee('Copy of Night velouté')->assertSee('Chicken velouté, coating, 2 l');
});
