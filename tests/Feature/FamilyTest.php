<?php

declare(strict_types=1);

use App\Models\OwnDerivative;
use App\Models\Service;
use Lento\Compose\Base;
use Lento\Family\Catalogue;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

// The catalogue as a tree, a sheet for each sauce, the kitchen's own, and what a base can become.

function freshRequest(): void
{
    app()->forgetScopedInstances();
}

it('shows the family as a tree one can walk', function (): void {
    $page = get('/family/tree')
        ->assertOk()
        ->assertSeeInOrder(
            [
                'Velouté',
                'Suprême',
                'sauce suprême',
                'Ivory sauce',
                'Béchamel',
                'sauce Mornay',
                'Provençale, garlic and olives',
                'Cider gravy',
                'Espagnole',
                'Demi-glace',
                'Onion and mustard sauce',
                'Gherkin sauce',
                'Hunter’s sauce',
                'sauce chasseur',
            ],
            false,
        );
    foreach ([...array_keys(Catalogue::house()->derivatives()), ...array_column(Base::cases(), 'value')] as $id) {
        $page->assertSee("/family/{$id}\"", false);
    }
});

it('has a sheet, a story and two names for every sauce', function (string $id): void {
    $page = get("/family/{$id}?litres=2")
        ->assertOk()
        ->assertDontSee('family.')
        ->assertSee('Contains ')
        ->assertSee('Cook it');
    expect(__("family.sauces.{$id}.story"))
        ->toBeString()
        ->not->toContain('family.')
        ->and(__("family.sauces.{$id}.french"))
        ->not->toContain('family.');
    if (Base::tryFrom($id) === null) {
        $page->assertSee('The order of it')->assertSee('Ladle in')->assertSee('risk of curdling')->assertSee('2.00 l');
    }
})->with([...array_keys(Catalogue::house()->derivatives()), ...array_column(Base::cases(), 'value')]);

it('works one out for the litres and the stock typed', function (): void {
    get('/family/white-wine?litres=3,5&liquid=shellfish-stock')
        ->assertOk()
        ->assertSee('3.50 l')
        ->assertSee('shellfish velouté')
        ->assertSee('crustaceans')
        ->assertSeeInOrder(
            ['Boil the white wine down by half', 'Ladle in', 'Cream in, back to a simmer', 'Off the heat, whisk the butter in'],
        );
    get('/family/white-wine?litres=nothing')
        ->assertStatus(422)
        ->assertSee('Litres: write a number from 0.05 to 150 l')
        ->assertSee('value="nothing"', false);
    get('/family/white-wine?liquid=brown-stock')->assertOk()->assertSee('fish velouté');
    get('/family/custard')->assertNotFound();
    get('/family/bechamel', ['HX-Request-Type' => 'partial'])->assertOk()->assertDontSee('<html', false);
});

it('walks up and down', function (): void {
    get('/family/onion-mustard')
        ->assertOk()
        ->assertSee('/family/espagnole"', false)
        ->assertSee('/family/demi-glace"', false)
        ->assertSee('/family/gherkin"', false);
});

it('keeps a kitchen’s own, worked out like any other, with what it changed beside the house’s', function (): void {
    post('/family/aurore/own', [
        'name' => 'Marigold pink',
        'story' => 'For the cod.',
        'class' => 'pouring',
        'amounts' => ['butter' => '60', 'tomato-puree' => '120'],
        'more' => '12',
        'more_what' => 'parsley',
    ])->assertRedirect('/family/own-sauce-1');
    freshRequest();
    get('/family/own-sauce-1')
        ->assertOk()
        ->assertSee('Marigold pink')
        ->assertSee('For the cod.')
        ->assertSee('began as Aurore, tomato and butter')
        ->assertSee('pouring, 4')
        ->assertSee('g parsley')
        ->assertSee('house 40');
    get('/family/tree')->assertSee('Marigold pink');
    // An own sauce may begin another, and be wished for.
    post('/family/own-sauce-1/own', [
        'name' => 'Marigold rose',
        'amounts' => ['butter' => '70'],
        'extra' => ['parsley' => '14'],
    ])->assertRedirect('/family/own-sauce-1');
    freshRequest();
    get('/family/own-sauce-1')->assertSee('Marigold rose')->assertSee('value="14"', false);
    expect(OwnDerivative::query()->count())->toBe(1);
    post('/family/own-sauce-1/cook', ['litres' => '2', 'liquid' => 'fish-stock']);
    freshRequest();
    get('/services/' . Service::query()->latest('id')->firstOrFail()->id)
        ->assertOk()
        ->assertSee('Marigold rose')
        ->assertSee('Start the fish velouté');
    post('/family/own-sauce-1/remove')->assertRedirect('/family/tree');
    freshRequest();
    get('/family/own-sauce-1')->assertNotFound();
    get('/services/' . Service::query()->latest('id')->firstOrFail()->id)->assertOk()->assertSee('own-sauce-1');
});

it('begins one from a base as well, by what is stirred in', function (): void {
    post('/family/bechamel/own', ['name' => 'Herb milk', 'more' => '20', 'more_what' => 'chervil', 'class' => 'pouring'])->assertRedirect(
        '/family/own-sauce-1',
    );
    freshRequest();
    get('/family/own-sauce-1')
        ->assertOk()
        ->assertSee('Herb milk')
        ->assertSee('began as Béchamel')
        ->assertSee('g chervil')
        ->assertSee('pouring, 4');
    post('/family/bechamel/own', ['name' => 'Nothing new'])->assertSessionHasErrors('more_what');
    post('/family/custard/own', ['name' => 'x'])->assertNotFound();
    post('/family/own-sauce-1/own', ['name' => 'Herb milk', 'extra' => ['chervil' => '0']])->assertRedirect();
    freshRequest();
    // With nothing left that makes it another sauce, it is none.
    get('/family/own-sauce-1')->assertNotFound();
});

it('refuses an own sauce that cannot be, at its field, and loses nothing', function (array $typed, string $field, string $says): void {
    $answer = post('/family/aurore/own', ['name' => 'Ours', ...$typed]);
    $answer->assertRedirect()->assertSessionHasErrors([$field]);
    expect(session('_old_input'))
        ->toHaveKeys(array_keys($typed))
        ->and(errorAt($field))
        ->toContain($says)
        ->and(OwnDerivative::query()->count())
        ->toBe(0);
})->with([
    'no name' => [['name' => ''], 'name', 'missing'],
    'a long name' => [['name' => str_repeat('x', 61)], 'name', '60'],
    'no number' => [['amounts' => ['butter' => 'much']], 'amounts.butter', 'from 0 to 1000'],
    'too much' => [['amounts' => ['butter' => '2000']], 'amounts.butter', 'from 0 to 1000'],
    'more of nothing' => [['more_what' => 'parsley', 'more' => ''], 'more', 'from 0 to 1000'],
    'more of what is not there' => [['more_what' => 'plutonium', 'more' => '3'], 'more_what', ''],
]);

it('leaves out an own sauce whose changes make no sense any more', function (): void {
    OwnDerivative::query()->create(['name' => 'Lost', 'based_on' => 'gone', 'changes' => []]);
    OwnDerivative::query()->create([
        'name' => 'Broken',
        'based_on' => 'aurore',
        'changes' => ['amounts' => 'saffron:3', 'more' => 'unobtainium:3'],
    ]);
    get('/family/tree')->assertOk()->assertDontSee('Lost')->assertDontSee('Broken');
    get('/family/own-sauce-2')->assertNotFound();
});

it('says what a base can become, and what runs out first', function (): void {
    get('/family/have?base=veloute&liquid=fish-stock&litres=3')
        ->assertOk()
        ->assertSee('Aurore, tomato and butter')
        ->assertSee('White wine sauce')
        ->assertDontSee('Supreme sauce')
        ->assertSee('all of it');
    get('/family/have?base=veloute&liquid=fish-stock&litres=3&short[double-cream]=150')
        ->assertOk()
        ->assertSee('as far as the double cream goes')
        ->assertSeeInOrder(['egg yolks,', 'pieces', 'double cream,', 'ml'])
        ->assertSeeInOrder(['White wine sauce', '1.31 l', 'as far as']);
    get('/family/have?base=demi-glace&litres=2')->assertOk()->assertSee('Hunter’s sauce');
});

it('splits a base among wishes', function (): void {
    get('/family/have?base=veloute&liquid=fish-stock&litres=2&wish[aurore]=2&wish[white-wine]=3')
        ->assertOk()
        ->assertSee('The best split')
        ->assertSee('% of what was wished')
        ->assertSee('the fish velouté ran out');
    get('/family/have?base=veloute&liquid=fish-stock&litres=5&wish[aurore]=2')
        ->assertOk()
        ->assertSee('2.00 l: all that was wished')
        ->assertSee('are left over');
    get('/family/have?base=veloute&liquid=fish-stock&litres=3&short[double-cream]=0&wish[white-wine]=1&wish[aurore]=1')
        ->assertOk()
        ->assertSee('nothing')
        ->assertSee('double cream ran out');
});

it('keeps what was wished for while another field is wrong, or another base is asked about', function (): void {
    get('/family/have?base=veloute&liquid=fish-stock&litres=900&wish[aurore]=2')
        ->assertStatus(422)
        ->assertSee('name="wish[aurore]" value="2"', false);
    get('/family/have?base=bechamel&litres=3&wish[aurore]=2&short[white-wine]=80')
        ->assertOk()
        ->assertSee('name="wish[aurore]" value="2"', false)
        ->assertSee('name="short[white-wine]" value="80"', false);
    expect(
        substr_count(
            (string) get('/family/have?base=veloute&liquid=fish-stock&litres=3&wish[aurore]=2')->getContent(),
            'name="wish[aurore]"',
        ),
    )->toBe(1);
});

it('refuses what is no number there, at its field', function (string $query, string $says): void {
    get('/family/have?' . $query)->assertStatus(422)->assertSee($says);
})->with([
    ['base=veloute&litres=tub', 'Litres: write a number from 0.05 to 150 l'],
    ['base=veloute&litres=3&short[butter]=lots', 'On hand: write a number from 0 to 100000 g'],
    ['base=veloute&litres=3&wish[aurore]=x', 'Litres: write a number from 0.05 to 150 l'],
]);

it('survives any address', function (string $query): void {
    expect(get('/family/have?' . $query)->status())->toBeIn([200, 422]);
})->with([
    'base[]=x',
    'base=custard',
    'litres[]=3',
    'short=x&wish=y',
    'short[%00]=3&wish[../..]=2',
    'litres=0.05',
    'litres=150&base=bechamel',
    'base=demi-glace&liquid=own-99&litres=1',
]);
