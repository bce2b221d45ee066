<?php

declare(strict_types=1);

use App\Questions\ComposeFields;

use function Pest\Laravel\get;
use function Pest\Laravel\withHeaders;

/**
 * The form as it was shown, with what a cook then typed.
 *
 * @param array<string, mixed> $typed
 */
function afterTyping(array $typed): ComposeFields
{
    $shown = [
        'sauce' => 'veloute',
        'liquid' => 'chicken-stock',
        'given' => 'litres',
        'amount' => '2',
        'covers' => '36',
        'each' => '55',
        'stock' => '1.93',
        'stock_unit' => 'l',
        'have_fat' => '140',
        'have_fat_unit' => 'g',
        'have_flour' => '140',
        'have_roux' => '241',
        'pan' => '',
        'diameter' => '240',
        'height' => '140',
        'minutes' => '30',
        'reduce' => '',
        'level' => 'bare',
        'thickness' => '58',
        'rung' => 'coating',
    ];
    $seen = array_intersect_key(
        $shown,
        array_flip([
            'sauce',
            'liquid',
            'amount',
            'covers',
            'each',
            'stock',
            'have_fat',
            'have_flour',
            'have_roux',
            'pan',
            'diameter',
            'height',
            'minutes',
            'reduce',
            'rung',
        ]),
    );

    return ComposeFields::from([...$shown, 'seen' => $seen, ...$typed]);
}

it('takes the number that was touched for the given one', function (array $typed, string $given, array $address): void {
    $fields = afterTyping(fields($typed));
    expect($fields->given())->toBe($given)->and($fields->toAddress())->toMatchArray($address);
    foreach (array_diff(array_merge(...array_values(ComposeFields::GIVEN)), ComposeFields::GIVEN[$given]) as $other) {
        expect($fields->toAddress())->not->toHaveKey($other);
    }
})->with([
    'nothing' => [[], 'litres', ['amount' => '2', 'thickness' => 'coating']],
    'the litres' => [['amount' => '3'], 'litres', ['amount' => '3']],
    'a tap on more' => [['nudge' => 'up'], 'litres', ['amount' => '2.5']],
    'the stock' => [['stock' => '3.4'], 'stock', ['given' => 'stock', 'stock' => '3.4', 'stock_unit' => 'l']],
    'the fat, in ounces' => [['have_fat' => '6 oz'], 'fat', ['have_fat' => '6', 'have_fat_unit' => 'oz']],
    'the flour' => [['have_flour' => '200'], 'flour', ['have_flour' => '200']],
    'covers' => [['covers' => '72', 'given' => 'covers'], 'covers', ['covers' => '72', 'each' => '55']],
    'another way of giving, with what it shows' => [['given' => 'roux'], 'roux', ['have_roux' => '241']],
    'the pan' => [['given' => 'pan'], 'pan', ['given' => 'pan', 'diameter' => '240']],
    'a rung' => [['rung' => 'gratin'], 'litres', ['thickness' => 'gratin']],
    'the ladder between two rungs' => [['thickness' => '64'], 'litres', ['thickness' => '64']],
    'a reduction' => [['reduce' => '50'], 'litres', ['reduce' => '50']],
]);

it('drops what no longer holds', function (): void {
    expect(afterTyping(['reduce' => '50'])->fields['minutes'])
        ->toBe('')
        ->and(afterTyping(['reduce' => '50'])->fields['level'])
        ->toBe('')
        ->and(afterTyping(['minutes' => '40', 'reduce' => ''])->fields['minutes'])
        ->toBe('40')
        ->and(afterTyping(['pan' => '3'])->fields['diameter'])
        ->toBe('')
        ->and(afterTyping(['diameter' => '260', 'pan' => ''])->fields['pan'])
        ->toBe('')
        ->and(afterTyping(['liquid' => 'fish-stock', 'liquid_salt' => '1'])->fields['liquid_salt'])
        ->toBe('')
        ->and(afterTyping(['sauce' => 'demi-glace', 'given' => 'fat'])->given())
        ->toBe('litres')
        ->and(afterTyping(['part' => ['onion' => '60', 'clove' => '', 'x y' => '1', 'nutmeg' => ['a']]])->fields['parts'])
        ->toBe('onion:60 xy:1');
});

it('answers every base, by anything that can be given', function (string $query, string $heading): void {
    get('/compose?' . $query . '&diameter=280&height=160')->assertOk()->assertSee($heading)->assertSee('Order of work');
})->with([
    ['sauce=demi-glace&amount=2', '2 litres of demi-glace that '],
    ['sauce=demi-glace&given=stock&stock=3', 'of demi-glace that '],
    ['sauce=tomato&amount=2', '2 litres of tomato sauce that glazes'],
    ['sauce=pan-gravy&given=fat&have_fat=180', 'of pan gravy that glazes'],
    ['sauce=onion-gravy&given=flour&have_flour=150', 'of onion gravy that glazes'],
    ['sauce=giblet-gravy&given=covers&covers=40&each=50', '2 litres of giblet gravy that glazes'],
    ['sauce=milk-gravy&given=pan', 'of milk gravy that masks'],
    ['sauce=chilli-gravy&amount=2', '2 litres of chilli gravy that glazes'],
    ['sauce=wine-sauce&amount=2', '2 litres of wine sauce that glazes'],
    ['sauce=veloute&given=roux&have_roux=300', 'of velouté that coats'],
    ['sauce=veloute&given=fat&have_fat=6&have_fat_unit=oz', 'of velouté that coats'],
]);

it('says at the field what cannot be', function (string $query, string $says): void {
    get('/compose?' . $query)->assertStatus(422)->assertSee($says);
})->with([
    ['sauce=demi-glace&given=fat&have_fat=100', 'a demi-glace has no roux of its own'],
    ['sauce=demi-glace&amount=2&thickness=15', 'boiling down does not bring it there'],
    ['sauce=veloute&amount=2&reduce=95', 'Boil off: write a number from 5 to 90 %.'],
    ['sauce=veloute&amount=2&liquid_salt=9', 'Salt in the liquid: write a number from 0 to 5 %.'],
    ['sauce=veloute&amount=2&salt=9', 'Salt at the end: write a number from 0 to 3 %.'],
    ['sauce=veloute&amount=2&place=oven&oven=20', 'Oven: write a number from 80 to 280 °C.'],
    ['sauce=bechamel&amount=2&parts=onion:2000', 'In the pot: for onion write a number from 0 to 1000 g per litre.'],
    ['sauce=bechamel&amount=2&parts=onion:much', 'In the pot: for onion write a number'],
    ['sauce=veloute&given=stock&stock=', 'Liquid on hand'],
    ['sauce=veloute&given=fat&have_fat=0', 'Fat on hand: write a number from 1 to 150000 g.'],
    ['sauce=veloute&given=pan', 'which pan shall be filled?'],
    ['sauce=veloute&amount=2&strain=sieved', 'not one of strained, left-in, blended'],
    ['sauce=veloute&given=roux&have_roux=2', 'Ready roux'],
    ['sauce=veloute&given=flour&have_flour=100000&ratio=3', 'Flour on hand: write a number from 1 to 50000 g.'],
    ['sauce=veloute&given=flour&have_flour=&ratio=3', 'Flour on hand: write a number'],
]);

it('sends the whole sheet after the answer, for the same question', function (): void {
    $partial = ['HX-Request' => 'true', 'HX-Request-Type' => 'partial'];
    withHeaders($partial)
        ->get('/compose?sauce=veloute&amount=2')
        ->assertOk()
        ->assertHeader('HX-Trigger', 'sheet')
        ->assertDontSee('Order of work');
    withHeaders($partial)
        ->get('/compose/whole?sauce=veloute&amount=2')
        ->assertOk()
        ->assertSee('Order of work')
        ->assertDontSee('Weigh out</h2>', false);
    withHeaders($partial)->get('/compose/whole?sauce=veloute&amount=0')->assertNoContent();
});

it('takes a fat or a flour by the cup, at what it weighs', function (string $query, string $flour): void {
    get('/compose?sauce=bechamel&diameter=240&height=140&' . $query)->assertOk()->assertSee($flour, false);
})->with([
    // A metric cup of butter is 250 ml at 0.959 g/ml: 240 g, and as much flour.
    ['given=fat&have_fat=1&have_fat_unit=cup', 'value="240"'],
    ['given=fat&have_fat=1+cup', 'value="240"'],
    // A metric cup of spooned flour is 250 ml at 0.52 g/ml: 130 g, and as much butter.
    ['given=flour&have_flour=1&have_flour_unit=cup', 'value="130"'],
]);

it('says what a cup may hold', function (): void {
    get('/compose?sauce=bechamel&diameter=240&height=140&given=fat&have_fat=9999&have_fat_unit=cup')
        ->assertStatus(422)
        ->assertSee('cup');
});
