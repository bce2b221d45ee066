<?php

declare(strict_types=1);

use function Pest\Laravel\get;
use function Pest\Laravel\withHeaders;

const VELOUTE = 'sauce=veloute&liquid=chicken-stock&amount=2&thickness=coating&colour=blond&fat=butter&ratio=1&minutes=30&'
    . 'level=bare&diameter=240&height=140';

it('opens on a whole question in the address, never blank', function (): void {
    get('/')->assertRedirect('/compose');
    get('/compose')->assertRedirectContains('sauce=veloute');
    get('/compose?' . VELOUTE)
        ->assertOk()
        ->assertSee('2 litres of velouté that coats')
        ->assertSee('Weigh out')
        ->assertSee('<html', false)
        ->assertSee('No pots on.');
});

it('opens on the last sauce that was answered', function (): void {
    get('/compose?sauce=espagnole&amount=3&diameter=280&height=160')->assertOk();
    get('/compose')->assertRedirectContains('sauce=espagnole');
});

it('shows the numbers of the core: weights, pours, depth, allergens', function (): void {
    $html = (string) get('/compose?' . VELOUTE)
        ->assertOk()
        ->getContent();
    expect(preg_replace('/\s+/', ' ', $html))->toContain(
        'name="have_flour" inputmode="decimal" autocomplete="off" value="139"',
        'name="stock" inputmode="decimal" autocomplete="off" value="1.96"',
        '45 mm',
        '0.33',
        'Contains celery, cereals with gluten (wheat), milk.',
        'about 5 min (4–9), thickens 94 %',
    );
});

it('sends htmx the answer alone and the clean address of it', function (): void {
    withHeaders(['HX-Request' => 'true', 'HX-Request-Type' => 'partial'])
        ->get('/compose?' . VELOUTE . '&seen%5Bsauce%5D=veloute')
        ->assertOk()
        ->assertSee('Weigh out')
        ->assertDontSee('<html', false)
        ->assertHeader(
            'HX-Push-Url',
            '/compose?sauce=veloute&liquid=chicken-stock&amount=2&thickness=coating&colour=blond&fat=butter&ratio=1&minutes=30&'
                . 'level=bare&diameter=240&height=140',
        )
        ->assertHeader('Vary', 'HX-Request-Type');
});

it('takes the place of the last answer where the same field is typed on in', function (): void {
    withHeaders(['HX-Request' => 'true', 'HX-Request-Type' => 'partial', 'Lento-Goes-On' => 'yes'])
        ->get('/compose?' . VELOUTE)
        ->assertHeaderMissing('HX-Push-Url')
        ->assertHeader('HX-Replace-Url');
});

it('keeps the last good answer and says what is wrong at its field', function (string $field, string $value, string $says): void {
    parse_str(VELOUTE, $query);
    get('/compose?' . VELOUTE)->assertOk();
    $response = get('/compose?' . http_build_query([...$query, $field => $value]));
    $response
        ->assertStatus(422)
        ->assertSee($says)
        ->assertSee('Still the last good answer.')
        ->assertSee('value="139"', false)
        ->assertDontSee('Cook it');
    if (!in_array($field, ['sauce', 'liquid', 'thickness', 'colour', 'fat', 'level', 'school'], true)) {
        $response->assertSee('value="' . e($value) . '"', false);
    }
})->with([
    ['amount', '0', 'How much: write a number from 0.1 to 200 l.'],
    ['amount', '-2', 'How much: write a number from 0.1 to 200 l.'],
    ['amount', '1000000', 'from 0.1 to 200 l'],
    ['amount', 'two', 'from 0.1 to 200 l'],
    ['amount', '', 'from 0.1 to 200 l'],
    ['unit', 'firkin', 'is not a unit of volume'],
    ['amount', '0.2', '0.45 l to 5.0 l simmer well in a 24 cm pan'],
    ['diameter', '3', 'Pan width: write a number from 50 to 1200 mm.'],
    ['height', 'tall', 'Pan height: write a number from 50 to 1000 mm.'],
    ['minutes', '9999', 'Simmer: write a number from 1 to 480 min.'],
    ['ratio', '9', 'Fat to flour: write a number from 0.5 to 3 to 1.'],
    ['thickness', 'gluey', 'not one of soup, pouring, coating, gratin, binding'],
    ['thickness', '999', 'from 15 to 160 g flour per litre'],
    ['colour', 'green', 'not one of white, blond, brown, dark'],
    ['fat', 'candle', 'not one of'],
    ['sauce', 'custard', 'not one of bechamel, veloute, espagnole, demi-glace'],
    ['liquid', 'ink', 'not one of'],
    ['level', 'rolling', 'not one of'],
]);

it('never answers 500, whatever the address says', function (string $query): void {
    expect(get('/compose?' . $query)->getStatusCode())->toBeIn([200, 302, 422]);
})->with([
    'sauce[]=a&amount[x]=2',
    'sauce=veloute',
    'sauce=veloute&amount=%FF%FE',
    'sauce=' . str_repeat('x', 5000),
    'sauce=veloute&amount=1e308',
    'sauce=veloute&amount=NAN',
    'sauce=veloute&amount=2&nudge=up&was=',
    'sauce=veloute&amount=2&thickness=160&colour=dark&ratio=3&diameter=50&height=50',
    'sauce=veloute&by=covers&covers=0&each=0',
    'sauce=veloute&by=covers&covers=5000&each=999',
    'sauce=veloute&amount=200&diameter=60&height=60&colour=dark&minutes=480&level=boil',
    'sauce=bechamel&amount=0.1',
    'sauce=veloute&amount=2&school=roux-into-boiling',
    'sauce=veloute&amount=1%2F0',
    'sauce=veloute&amount=2&minutes=',
]);

it('turns covers into litres', function (): void {
    get('/compose?sauce=bechamel&by=covers&covers=72&each=55&thickness=gratin')->assertOk()->assertSee('3.96 l of béchamel that masks');
    get('/compose?sauce=bechamel&by=covers&covers=72&each=&thickness=gratin')
        ->assertStatus(422)
        ->assertSee('A portion: write a number from 5 to 1000 ml.');
    get('/compose?sauce=bechamel&by=covers&covers=5000&each=1000')->assertStatus(422)->assertSee('Covers: write a number from 1 to 200.');
});

it('moves the amount by a tap, and takes the usual of a changed sauce', function (): void {
    get('/compose?' . VELOUTE . '&nudge=up')
        ->assertOk()
        ->assertSee('2.5 litres of velouté');
    get('/compose?' . VELOUTE . '&nudge=down')
        ->assertOk()
        ->assertSee('1.5 litres of velouté');
    get('/compose?' . str_replace('sauce=veloute', 'sauce=espagnole', VELOUTE) . '&seen%5Bsauce%5D=veloute')
        ->assertOk()
        ->assertSee('2 litres of espagnole that glazes')
        ->assertSee('clarified butter');
});

it('warns of a pan that is too small, with the fill and the most that fits', function (): void {
    get('/compose?sauce=veloute&amount=4&diameter=200&height=120')
        ->assertOk()
        ->assertSee('The pan runs over: 11')
        ->assertSee('At most 3.05 l fits.');
});

it('takes the liquid’s own simmer with it unless the cook has set another, and says so', function (string $minutes, string $comes): void {
    parse_str(VELOUTE, $query);
    $seen = ['sauce' => 'veloute', 'liquid' => 'chicken-stock', 'minutes' => $minutes, 'usual_minutes' => '30'];
    $page = get('/compose?' . http_build_query([...$query, 'liquid' => 'fish-stock', 'minutes' => $minutes, 'seen' => $seen]))->assertOk();
    expect($page->getContent())->toMatch('/name="minutes"[^>]*\s+value="' . $comes . '"/s');
    $comes === $minutes
        ? $page->assertDontSee('as fish stock does')
        : $page->assertSee('Simmers 20 min now, as fish stock does; it was 30.');
})->with([
    'as it was usual' => ['30', '20'],
    'as the cook wants it' => ['35', '35'],
]);

it('shows what is usual along, so that the next change knows what nobody had set', function (): void {
    get('/compose?' . VELOUTE)->assertSee('name="seen[usual_minutes]" value="30"', false);
});
