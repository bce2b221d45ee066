<?php

declare(strict_types=1);

use App\Kitchen\Kitchen;
use App\Kitchen\LoadKitchen;
use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\LarderEntry;
use App\Models\Pan;
use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Heat\HobHeat;
use Lento\Pot\HobKind;
use Lento\Pot\PanBase;
use Lento\Quantity\Mass;
use Lento\Quantity\MeasureSystem;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

function loadedKitchen(): Kitchen
{
    return (new LoadKitchen())();
}

it('keeps a pan as it was measured, changes it, and takes it away', function (): void {
    post('/kitchen/pans', [
        'name' => 'Old copper',
        'diameter_mm' => '220',
        'height_mm' => '110,5',
        'mass_g' => '',
        'base' => 'thick',
    ])->assertRedirect('/kitchen#pans');
    $pan = Pan::query()->sole();
    expect([$pan->name, $pan->diameter_mm, $pan->height_mm, $pan->mass_g, $pan->base])->toBe([
        'Old copper',
        220,
        111,
        null,
        PanBase::Thick,
    ]);
    post('/kitchen/pans', [
        'id' => (string) $pan->id,
        'name' => 'Old copper',
        'diameter_mm' => '220',
        'height_mm' => '120',
        'mass_g' => '1800',
        'base' => 'thin',
    ])->assertRedirect();
    expect(Pan::query()->sole()->mass_g)
        ->toBe(1800)
        ->and(loadedKitchen()->firstPan()?->measured()->mass()->inGrams())
        ->toEqualWithDelta(1800.0, 1e-9);
    get('/compose?sauce=veloute&amount=2&pan=' . $pan->id)
        ->assertOk()
        ->assertSee('Old copper')
        ->assertSee('value="220"', false);
    get('/compose')->assertRedirectContains('pan=' . $pan->id);
    post("/kitchen/pans/{$pan->id}/remove")->assertRedirect();
    expect(Pan::query()->count())->toBe(0);
    get('/compose?sauce=veloute&amount=2&pan=' . $pan->id)->assertOk();
});

it('says at the field what a wrong number should be, and loses nothing that was typed', function (
    string $section,
    array $typed,
    string $field,
    string $says,
): void {
    post('/kitchen/' . $section, $typed)
        ->assertRedirect('/kitchen#' . $section)
        ->assertSessionHasErrors([$field => $says]);
    get('/kitchen')->assertOk()->assertSee($says)->assertSee('Kept name');
    expect(Pan::query()->count() + Hob::query()->count() + LarderEntry::query()->count())->toBe(0);
})->with([
    [
        'pans',
        ['name' => 'Kept name', 'diameter_mm' => '2', 'height_mm' => '110', 'base' => 'medium'],
        'diameter_mm',
        'Width: write a number from 50 to 1200 mm.',
    ],
    [
        'pans',
        ['name' => 'Kept name', 'diameter_mm' => 'wide', 'height_mm' => '110', 'base' => 'medium'],
        'diameter_mm',
        'Width: write a number from 50 to 1200 mm.',
    ],
    [
        'pans',
        ['name' => 'Kept name', 'diameter_mm' => '220', 'height_mm' => '110', 'mass_g' => '5', 'base' => 'medium'],
        'mass_g',
        'Weight: write a number from 100 to 100000 g.',
    ],
    [
        'hobs',
        ['name' => 'Kept name', 'kind' => 'gas', 'power_w' => '9', 'levels' => '5'],
        'power_w',
        'Power: write a number from 100 to 50000 W.',
    ],
    [
        'hobs',
        ['name' => 'Kept name', 'kind' => 'gas', 'power_w' => '2000', 'levels' => '0'],
        'levels',
        'Settings on the knob: write a number from 1 to 20.',
    ],
    [
        'larder',
        ['name' => 'Kept name', 'like' => 'chicken-stock', 'salt_percent' => '50'],
        'salt_percent',
        'Salt: write a number from 0 to 5 %.',
    ],
    [
        'settings',
        ['name' => 'Kept name', 'measures' => 'us', 'degrees' => 'f', 'preset' => 'uk-guidance', 'currency' => '$', 'altitude' => '9000'],
        'altitude',
        'Height above the sea: write a number from 0 to 5500 m.',
    ],
]);

it('answers nonsense with a message, never with a fault of its own', function (string $section, array $typed): void {
    expect(post('/kitchen/' . $section, $typed)->getStatusCode())->toBeIn([302, 404]);
})->with([
    ['pans', []],
    ['pans', ['name' => ['a'], 'diameter_mm' => ['b']]],
    ['hobs', ['kind' => 'steam']],
    ['larder', ['like' => 'gold']],
    ['larder', ['like' => ['x']]],
    ['settings', ['preset' => 'none']],
    ['schools', ['ratio' => '9']],
    ['formulas', ['base' => 'custard']],
    ['formulas', ['base' => 'veloute', 'part' => 'x']],
    ['cellar', []],
]);

it('knows its rings by plate and knob', function (): void {
    post('/kitchen/hobs', ['name' => 'Back gas', 'kind' => 'gas', 'power_w' => '2000', 'levels' => '6'])->assertRedirect();
    $ring = loadedKitchen()->firstHob();
    expect($ring?->kind)
        ->toBe(HobKind::Gas)
        ->and($ring?->setting(HobHeat::Low))
        ->toBe(1)
        ->and($ring?->setting(HobHeat::Medium))
        ->toBe(4)
        ->and($ring?->setting(HobHeat::High))
        ->toBe(6);
    // 800 W into 452 cm2: no more than medium-high.
    get('/compose?sauce=veloute&amount=2&diameter=240&height=140&heat=high')
        ->assertOk()
        ->assertSee('This ring gives no more into so wide a pan: reckoned with medium-high heat.')
        ->assertSee('ring at 5 of 6');
});

it('prices, salts and takes ingredients of its own', function (): void {
    post('/kitchen/larder', ['like' => 'chicken-stock', 'price_per_kg' => '2', 'salt_percent' => '0,3'])->assertRedirect();
    post('/kitchen/larder', ['like' => 'chicken-stock', 'price_per_kg' => '3', 'salt_percent' => '0.3'])->assertRedirect();
    post('/kitchen/larder', [
        'like' => 'chicken-stock',
        'name' => 'Sunday stock',
        'salt_percent' => '1.1',
        'price_per_kg' => '4',
        'allergens' => ['celery', 'soya'],
    ])->assertRedirect();
    post('/kitchen/larder', ['like' => 'butter', 'name' => 'Whey butter', 'fat_percent' => '78', 'allergens' => ['milk']])
        ->assertRedirect();
    $kitchen = loadedKitchen();
    $own = array_key_first($kitchen->ownLike('chicken-stock'));
    expect(LarderEntry::query()->count())->toBe(3)
        ->and($kitchen->larder()->ingredient('chicken-stock')->salt)->toEqualWithDelta(0.003, 1e-12)
        ->and($kitchen->larder()->ingredient((string) $own)->salt)->toEqualWithDelta(0.011, 1e-12)
        ->and($kitchen->cost('chicken-stock', Mass::ofGrams(500.0)))->toEqualWithDelta(1.5, 1e-9)
        ->and($kitchen->cost('plain-flour', Mass::ofGrams(500.0)))->toBeNull()
        ->and($kitchen->liquids(Base::Veloute))->toContain($own)
        ->and($kitchen->larder()->fatNames())->toContain('own-3');
    get('/compose?sauce=veloute&amount=2&liquid=' . $own)->assertOk()->assertSee('Sunday stock');
    get('/sauces/keep?sauce=veloute&amount=2&liquid=' . $own)->assertOk()->assertSee('Sunday stock velouté');
    post('/kitchen/larder/2/remove')->assertRedirect('/kitchen#larder');
    expect(LarderEntry::query()->count())->toBe(2);
    get('/compose?sauce=veloute&amount=2&liquid=' . $own)->assertStatus(422)->assertSee('is not one of');
});

it('keeps nothing of its own without its allergens, and hands them on', function (): void {
    $own = ['like' => 'chicken-stock', 'name' => 'Sunday stock'];
    post('/kitchen/larder', $own)->assertSessionHasErrors(['allergens' => 'Allergens: say which are in it, or “none, checked”.']);
    post('/kitchen/larder', [...$own, 'allergens' => ['none', 'milk']])->assertSessionHasErrors('allergens');
    post('/kitchen/larder', [...$own, 'allergens' => ['gold']])->assertSessionHasErrors('allergens.0');
    expect(LarderEntry::query()->count())->toBe(0);
    post('/kitchen/larder', [...$own, 'allergens' => ['soya']])->assertSessionHasNoErrors();
    $id = 'own-' . LarderEntry::query()->firstOrFail()->id;
    expect(loadedKitchen()->larder()->ingredient($id)->allergens)->toBe([Lento\Larder\Allergen::Soya]);
    get('/compose?sauce=veloute&amount=2&liquid=' . $id)->assertOk()->assertSee('soya');
    post('/kitchen/larder', ['like' => 'butter', 'name' => 'Pure fat', 'allergens' => ['none']])->assertSessionHasNoErrors();
    expect(loadedKitchen()->larder()->fat('own-' . LarderEntry::query()->orderByDesc('id')->firstOrFail()->id)->allergens)->toBe([]);
});

it('measures a tin by its sides', function (): void {
    post('/kitchen/pans', ['name' => 'Roasting tin', 'diameter_mm' => '325', 'length_mm' => '530', 'height_mm' => '65', 'base' => 'medium'])
        ->assertSessionHasNoErrors();
    $pan = array_values(loadedKitchen()->pans)[0]->measured();
    expect($pan->brim()->inLitres())->toEqualWithDelta(0.325 * 0.530 * 0.065 * 1000.0, 1e-6);
    get('/kitchen/pans')->assertSee('530 × 325');
    post('/kitchen/pans', ['name' => 'Tin', 'diameter_mm' => '325', 'length_mm' => '9000', 'height_mm' => '65', 'base' => 'medium'])
        ->assertSessionHasErrors('length_mm');
});

it('has its own formulas, which each question can still overrule', function (): void {
    post('/kitchen/formulas', [
        'base' => 'bechamel',
        'thickness' => 'gratin',
        'minutes' => '25',
        'salt' => '0.6',
        'colour' => 'white',
        'level' => 'bare',
        'part' => ['onion' => '60', 'clove' => '1', 'bay-leaf' => '0.5', 'white-pepper' => '0.3', 'nutmeg' => '0'],
    ])->assertRedirect('/kitchen#formulas');
    expect(KitchenFormula::query()->sole()->changes)->toEqual([
        'thickness' => 'gratin',
        'minutes' => '25',
        'salt' => '0.6',
        'parts' => 'onion:60 nutmeg:0',
    ]);
    $formula = loadedKitchen()->formula(Base::Bechamel);
    expect($formula->thickness->gramsPerLitre)
        ->toBe(85.0)
        ->and($formula->salt)
        ->toEqualWithDelta(0.006, 1e-12)
        ->and($formula->simmerTime('whole-milk')->inMinutes())
        ->toEqualWithDelta(25.0, 1e-9);
    get('/compose?sauce=bechamel&amount=2')
        ->assertOk()
        ->assertSee('béchamel that masks')
        ->assertSee('120 g onion')
        ->assertDontSee('g nutmeg');
    get('/compose?sauce=bechamel&amount=2&thickness=coating&parts=nutmeg:0.4')
        ->assertOk()
        ->assertSee('béchamel that coats')
        ->assertSee('0.8 g nutmeg');
    post('/kitchen/formulas', ['base' => 'bechamel', 'minutes' => '9999'])->assertSessionHasErrors([
        'bechamel' => 'Simmer: write a number from 1 to 480 min.',
    ]);
    expect(KitchenFormula::query()->count())->toBe(1);
    post('/kitchen/formulas', ['base' => 'bechamel', 'reset' => 'yes'])->assertRedirect('/kitchen#formulas');
    expect(KitchenFormula::query()->count())->toBe(0);
});

it('falls back on the house where a stored formula no longer makes sense', function (): void {
    KitchenFormula::query()->create(['base' => Base::Veloute, 'changes' => ['salt' => '90', 'parts' => 'gold:1']]);
    expect(loadedKitchen()->formula(Base::Veloute)->salt)->toBe(Formula::house(Base::Veloute)->salt);
});

it('starts every question from its usual schools, units and height', function (): void {
    post('/kitchen/schools', ['ratio' => '1.8', 'pepper' => 'black', 'stirring' => 'constantly'])->assertRedirect();
    post('/kitchen/settings', [
        'name' => 'Hill hut',
        'measures' => 'us',
        'degrees' => 'f',
        'altitude' => '2100',
        'preset' => 'us-model-code',
        'currency' => '$',
        'portion' => '60',
    ])->assertRedirect();
    $kitchen = loadedKitchen();
    expect($kitchen->measures)
        ->toBe(MeasureSystem::UsCustomary)
        ->and($kitchen->name())
        ->toBe('Hill hut')
        ->and($kitchen->boilsAt()?->inCelsius())
        ->toEqualWithDelta(93.0, 1e-9)
        ->and($kitchen->usual())
        ->toEqual(['ratio' => '1.8', 'pepper' => 'black', 'stirring' => 'constantly']);
    get('/compose?sauce=veloute&amount=2')
        ->assertOk()
        ->assertSee('Hill hut')
        ->assertSee('46 °F')
        ->assertSee('black pepper')
        ->assertSee('data-code="fat-floats"', false);
    get('/compose?sauce=veloute&amount=2&ratio=1')->assertOk()->assertDontSee('data-code="fat-floats"', false);
    get('/compose?sauce=veloute&given=covers&covers=10&each=')->assertStatus(422);
});

it('loads its long sections when they are opened, and has the one open that was just changed', function (): void {
    $html = (string) get('/kitchen')->assertOk()->assertDontSee('name="diameter_mm"', false)->getContent();
    expect(strlen($html))->toBeLessThan(60_000);
    $fields = ['pans' => 'diameter_mm', 'vessels' => 'width_mm', 'larder' => 'price_per_kg', 'formulas' => 'shared'];
    foreach ($fields as $name => $field) {
        $has = 'name="' . $field . '"';
        expect($html)->toContain('hx-get="' . route('kitchen.section', $name) . '"');
        get('/kitchen/' . $name)->assertOk()->assertSee($has, false)->assertSee('<html', false);
        get('/kitchen/' . $name, ['HX-Request-Type' => 'partial'])->assertOk()->assertSee($has, false)->assertDontSee('<html', false);
    }
    post('/kitchen/pans', ['name' => 'Old faithful', 'diameter_mm' => '24 cm', 'height_mm' => '14 cm', 'base' => 'medium']);
    get('/kitchen')->assertSee('Old faithful')->assertSee('value="240"', false)->assertDontSee('name="price_per_kg"', false);
    expect(get('/kitchen/nowhere')->status())->toBeIn([404, 405]);
});
