<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\Sauce;
use App\Typed\PanMeasure;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

const ASKED = 'sauce=bechamel&liquid=milk&amount=1&thickness=coating&diameter=240&height=140';

it('offers at the top of Compose what was marked as a favourite and what was cooked of late, each once', function (): void {
    get('/compose?' . ASKED)->assertOk()->assertSee('What is cooked here, and what you mark as a favourite, stands here.')
        ->assertSee('href="' . route('assay') . '"', false)->assertSee('href="' . route('supply') . '"', false);
    post('/sauces', ['name' => 'Lasagne white', 'question' => ASKED]);
    $sauce = Sauce::query()->sole();
    get('/compose?' . ASKED)->assertDontSee('Lasagne white');
    post("/sauces/{$sauce->id}/favourite", ['favourite' => '1'])->assertRedirect("/sauces/{$sauce->id}");
    get('/compose?' . ASKED)->assertSee('Lasagne white')->assertSee('version=' . $sauce->latest?->id);
    post('/pots', ['question' => ASKED]);
    post('/pots', ['question' => ASKED]);
    expect(Pot::query()->count())->toBe(2)
        ->and(substr_count((string) get('/compose?' . ASKED)->getContent(), 'White béchamel, coating, 1 l</a>'))->toBe(1);
    post("/sauces/{$sauce->id}/favourite", ['favourite' => '0']);
    get('/compose?' . ASKED)->assertDontSee('Lasagne white');
});

it('leads from what was kept, logged and is on the shelf to what can be made of it, and to a recipe', function (string $page): void {
    $html = (string) get($page)->assertOk()->getContent();
    expect($html)->toContain('href="' . route('supply') . '"');
})->with(['/compose?' . ASKED, '/log', '/keep']);

it('makes a sheet and a kept sauce for so many covers', function (): void {
    post('/sauces', ['name' => 'Lasagne white', 'question' => ASKED]);
    $kept = (string) get('/sauces/' . Sauce::query()->sole()->id)->assertOk()->assertSee('× ½: 0.50 l')->getContent();
    foreach ([$kept, (string) get('/sheet?' . ASKED)->assertOk()->getContent()] as $html) {
        preg_match('/<form method="get" action="([^"]+)" class="for-covers">(.*?)<\/form>/s', $html, $form);
        preg_match_all('/name="(\w+)" value="([^"]*)"/', $form[2] ?? '', $fields);
        $question = array_combine($fields[1], $fields[2]);
        expect($question)->toHaveKey('each')->not->toHaveKey('amount');
        // 40 covers of 60 ml, what a portion is where a kitchen has not said.
        get(($form[1] ?? '') . '?' . http_build_query([...$question, 'each' => '60', 'covers' => '40']))->assertOk()->assertSee('2.4');
        $faulty = get(($form[1] ?? '') . '?' . http_build_query([...$question, 'covers' => 'many']));
        $faulty->assertStatus(($form[1] ?? '') === route('sheet') ? 302 : 422);
    }
});

it('says which quart is meant, and what the other would be', function (string $amount, string $says): void {
    get('/compose?' . str_replace('amount=1', 'amount=' . urlencode($amount), ASKED))->assertOk()->assertSee($says);
})->with([
    ['2 qt', '2 imperial quart: 2.27 l. In us quart it would be 1.89 l.'],
    ['2 us quarts', '2 us quart: 1.89 l. In imperial quart it would be 2.27 l.'],
    ['3 pints', '3 imperial pint: 1.70 l. In us pint it would be 1.42 l.'],
]);

it('does not explain a litre', function (): void {
    get('/compose?' . ASKED)->assertDontSee('it would be');
});

it('says what is left of the drippings and the stock that there are, or missing', function (): void {
    $gravy = '/compose?sauce=pan-gravy&liquid=brown-stock&fat=drippings&amount=0.5&thickness=pouring&diameter=240&height=140';
    $html = (string) get($gravy)->assertOk()->assertDontSee('class="there"', false)->getContent();
    preg_match('/name="have_fat"[^>]*value="(\d+)"/', $html, $fat);
    $grams = (float) ($fat[1] ?? 0.0);
    expect($grams)->toBeGreaterThan(10.0);
    $left = sprintf('%.0F g left', 180.0 - $grams);
    get($gravy . '&there_fat=180')->assertOk()->assertSee($left);
    get($gravy . '&there_fat=' . urlencode('0.18 kg'))->assertSee($left);
    get($gravy . '&there_liquid=' . urlencode('2 dl'))->assertSee('l short');
    get($gravy . '&there_fat=lots')->assertStatus(422)->assertSee('id="there_fat-error"', false);
});

it('tells centimetres from millimetres', function (string $typed, string $millimetres): void {
    expect((new PanMeasure(50.0))->inMillimetres($typed))->toBe($millimetres);
})->with([
    ['28', '280'], ['28 cm', '280'], ['28,5cm', '285'], ['280', '280'], ['280 mm', '280'], ['11 in', '279'], ['11"', '279'],
    ['65', '65'], ['wide', 'wide'], ['', ''], ['-3', '-3'], ['1/2 in', '13'],
]);

it('cooks in a pan that is told in centimetres as in the same pan in millimetres', function (): void {
    $weights = static function (string $html): array {
        preg_match_all('/name="(?:stock|have_flour)"[^>]*value="([\d.]+)"/', $html, $found);

        return $found[1];
    };
    $asked = '/compose?sauce=bechamel&amount=2&diameter=%s&height=%s';
    $cm = (string) get(sprintf($asked, '24', '14+cm'))->assertOk()->assertSee('class="cue">24 cm wide, 14 cm high', false)->getContent();
    $mm = (string) get(sprintf($asked, '240', '140'))->assertOk()->assertDontSee('class="cue">24 cm', false)->getContent();
    expect($weights($cm))->toBe($weights($mm))->toHaveCount(2);
});

it('makes a derivative for so many covers of the kitchen’s portion', function (): void {
    get('/family/mornay?covers=40')->assertOk()->assertSee('value="2.2"', false)->assertSee('class="for-covers"', false);
    get('/family/mornay?covers=many')->assertStatus(422)->assertSee('value="many"', false);
    get('/family/mornay?covers=100000000')->assertStatus(422);
    get('/family/mornay?covers=&litres=3')->assertOk()->assertSee('value="3"', false);
});
