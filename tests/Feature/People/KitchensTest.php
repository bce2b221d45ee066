<?php

declare(strict_types=1);

use App\Kitchen\LoadKitchen;
use App\Models\Device;
use App\Models\Galley;
use App\Models\Hob;
use App\Models\KitchenFormula;
use App\Models\LarderEntry;
use App\Models\LogImport;
use App\Models\Member;
use App\Models\OfAKitchen;
use App\Models\OwnDerivative;
use App\Models\Pan;
use App\Models\Pot;
use App\Models\PotEvent;
use App\Models\Sauce;
use App\Models\Service;
use App\Models\Tablet;
use App\People\Here;
use App\People\NobodyHere;
use App\People\Role;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Schema;
use Lento\Compose\Base;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

require_once __DIR__ . '/people.php';
require_once __DIR__ . '/../taps.php';

/** Something of each kind, in the first kitchen, each with the other's word in it. */
function furnished(): Pot
{
    $pot = started();
    $over = started();
    post("/pots/{$over->id}/events", ['token' => 'x', 'kind' => 'taken-off', 'step' => $over->plan->steps[0]->id]);
    inside(Galley::query()->oldest('id')->firstOrFail(), static function (): void {
        Pan::query()->create(['name' => 'Zebra pan', 'diameter_mm' => 240, 'height_mm' => 140, 'base' => 'thick']);
        Hob::query()->create(['name' => 'Zebra ring', 'kind' => 'gas', 'power_w' => 3000, 'levels' => 5]);
        LarderEntry::query()->create(['like' => 'chicken-stock', 'name' => 'Zebra stock']);
        KitchenFormula::query()->create(['base' => Base::Bechamel, 'changes' => ['salt' => '1.4']]);
        Sauce::query()->create(['name' => 'Zebra sauce', 'tags' => ['zebra'], 'notes' => ''])
            ->keep(['sauce' => 'bechamel', 'amount' => '1']);
        Service::query()->create(['fields' => ['name' => 'Zebra supper']]);
        Device::query()->create(['name' => 'Zebra probe', 'kind' => 'probe', 'place' => 'hob-1', 'token_hash' => Device::hash('zebra')]);
        OwnDerivative::query()->create(['name' => 'Zebra mornay', 'based_on' => 'mornay', 'changes' => []]);
        Member::query()->create(['name' => 'Zebra cook', 'role' => Role::Cook]);
        Tablet::query()->create(['name' => 'Zebra tablet']);
        LogImport::query()->create(['name' => 'zebra.json', 'by' => '']);
    });

    return $pot;
}

it('keeps each kitchen’s rows to itself, whatever asks', function (): void {
    furnished();
    $other = anotherKitchen();
    inside($other, static function (): void {
        foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
            $class = 'App\\Models\\' . basename($file, '.php');
            if (is_subclass_of($class, Model::class) && in_array(OfAKitchen::class, class_uses($class), true)) {
                expect($class::query()->count())->toBe(0, $class)
                    ->and($class::query()->toBase()->count())->toBe(0, $class)
                    ->and($class::query()->find(1))->toBeNull();
            }
        }
        expect((new LoadKitchen())()->pans)->toBe([]);
    });
});

it('gives every table that says whose it is a model that holds to it', function (): void {
    $models = [];
    foreach (glob(app_path('Models/*.php')) ?: [] as $file) {
        $class = 'App\\Models\\' . basename($file, '.php');
        if (is_subclass_of($class, Model::class)) {
            $models[(new $class())->getTable()] = in_array(OfAKitchen::class, class_uses($class), true);
        }
    }
    foreach (Schema::getTableListing(schemaQualified: false) as $table) {
        if (Schema::hasColumn($table, 'galley_id')) {
            expect($models[$table] ?? null)->toBeTrue($table);
        }
    }
    // Nor does anything but upkeep go round the models.
    $round = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(app_path())) as $file) {
        $text = $file instanceof SplFileInfo && $file->getExtension() === 'php' ? (string) file_get_contents($file->getPathname()) : '';
        preg_match_all('/DB::table\(\'(\w+)\'\)/', $text, $found);
        $round = [...$round, ...array_diff($found[1], ['forms_sent', 'migrations', 'galleys'])];
    }
    expect($round)->toBe([]);
});

it('reads nothing where nobody has entered a kitchen', function (): void {
    app()->instance(Here::class, new Here(false));
    Pot::query()->count();
})->throws(NobodyHere::class);

it('finds nothing of another kitchen at any address', function (): void {
    $pot = furnished();
    somebody(Role::Owner, 'vera', anotherKitchen());
    realKitchen();
    signIn('vera')->assertRedirect();
    $own = ['sauce' => ['own-sauce-1'], 'kind' => ['pans', 'services', 'sauces', 'own', 'pots'], 'section' => ['pans', 'hobs', 'larder']];
    $asked = 0;
    foreach (Route::getRoutes()->getRoutes() as $route) {
        preg_match_all('/\{(\w+)\}/', $route->uri(), $names);
        $ids = array_intersect($names[1], ['pot', 'other', 'service', 'sauce', 'member', 'tablet', 'import', 'id', 'galley']);
        if ($ids === [] || in_array('throttle:sign-in', $route->gatherMiddleware(), true)) {
            continue;
        }
        $number = in_array('service', $ids, true) || str_contains($route->uri(), 'sauces/') || !in_array('pot', $ids, true) ? 1 : $pot->id;
        $uri = str_replace(
            ['{kind}', '{section}', '{sauce}'],
            ['pans', 'pans', str_starts_with($route->uri(), 'family/') ? $own['sauce'][0] : '1'],
            $route->uri(),
        );
        if (str_starts_with($route->uri(), 'archive/')) {
            $uri = str_replace('/pans/', '/sauces/', $uri);
        }
        $uri = (string) preg_replace('/\{\w+\}/', (string) $number, $uri);
        $answer = in_array('GET', $route->methods(), true) ? get('/' . $uri) : post('/' . $uri, ['name' => 'Mine now']);
        $gone = in_array($answer->getStatusCode(), [404, 403], true);
        // Removing what is not here is what was wished for; it says nothing and does nothing.
        expect($gone || in_array($route->getName(), ['kitchen.remove', 'family.remove'], true))->toBeTrue(
            implode(' ', [$route->methods()[0], $uri, (string) $answer->getStatusCode()]),
        );
        $asked++;
    }
    expect($asked)->toBeGreaterThan(25);
    $pages = ['kitchen', 'sauces', 'log', 'stove', 'people', 'tablets', 'bin', 'archive', 'audit', 'family/tree', 'rescue'];
    foreach ($pages as $page) {
        expect((string) get('/' . $page)->getContent())->not->toContain('Zebra');
    }
    // All of it is where it was.
    expect(DB::table('pans')->whereNull('binned_at')->where('name', 'Zebra pan')->count())->toBe(1)
        ->and(DB::table('sauces')->where('name', 'Zebra sauce')->whereNull('archived_at')->count())->toBe(1)
        ->and(DB::table('own_derivatives')->whereNull('binned_at')->count())->toBe(1)
        ->and(DB::table('log_imports')->count())->toBe(1);
});

it('takes nothing of another kitchen by what a form names', function (): void {
    furnished();
    $other = anotherKitchen();
    somebody(Role::Owner, 'vera', $other);
    realKitchen();
    signIn('vera');
    $pan = DB::table('pans')->value('id');
    post('/kitchen/pans', ['id' => $pan, 'name' => 'Mine', 'diameter_mm' => '200', 'height_mm' => '100', 'base' => 'thin']);
    expect(DB::table('pans')->where('id', $pan)->value('name'))->toBe('Zebra pan')
        ->and(DB::table('pans')->where('galley_id', $other->id)->count())->toBe(1);
    post('/services', ['copy' => '1']);
    expect(DB::table('services')->where('galley_id', $other->id)->value('fields'))->not->toContain('Zebra');
    // Both may have a device, a person of one name.
    post('/kitchen/devices', ['name' => 'Zebra probe', 'kind' => 'probe', 'place' => 'hob-1'])->assertSessionHasNoErrors();
    post('/people', ['name' => 'Zebra cook', 'role' => 'cook'])->assertSessionHasNoErrors();
});

it('lets a device read its own kitchen’s pots only', function (): void {
    $pot = started();
    $pot->update(['place' => 'hob-1']);
    $other = anotherKitchen();
    inside($other, static fn() => Device::query()->create([
        'name' => 'Elsewhere',
        'kind' => 'probe',
        'place' => 'hob-1',
        'token_hash' => Device::hash('elsewhere'),
    ]));
    $now = now()->getTimestampMs();
    Pest\Laravel\withToken('elsewhere')->postJson('/api/v1/readings', [
        'sent_at' => $now,
        'readings' => [['id' => 'a', 'at' => $now, 'value' => 80]],
    ])->assertOk()->assertJsonPath('kept', []);
    expect(PotEvent::query()->count())->toBe(0);
});

it('shares formulas within a house, and only those that were marked', function (): void {
    $upper = Galley::query()->oldest('id')->firstOrFail();
    $lower = anotherKitchen();
    $strange = anotherKitchen('Other people’s');
    foreach ([$upper, $lower] as $galley) {
        $galley->update(['house' => 'Marigold']);
    }
    inside($upper, static function (): void {
        KitchenFormula::query()->create(['base' => Base::Bechamel, 'changes' => ['salt' => '1.4'], 'shared' => true]);
        KitchenFormula::query()->create(['base' => Base::Veloute, 'changes' => ['salt' => '1.3'], 'shared' => false]);
    });
    $salt = static fn(Galley $galley, Base $base): mixed => inside(
        $galley,
        static fn() => (new LoadKitchen())()->changes($base)['salt'] ?? null,
    );
    expect($salt($lower, Base::Bechamel))->toBe('1.4')
        ->and($salt($lower, Base::Veloute))->toBeNull()
        ->and($salt($strange, Base::Bechamel))->toBeNull();
    // Its own goes first.
    inside($lower, static fn() => KitchenFormula::query()->create(['base' => Base::Bechamel, 'changes' => ['salt' => '0.9']]));
    expect($salt($lower, Base::Bechamel))->toBe('0.9')->and($salt($upper, Base::Bechamel))->toBe('1.4');
});

it('opens another kitchen, goes from one to the other, and joins no house of strangers', function (): void {
    realKitchen();
    $ines = somebody(Role::Owner, 'ines');
    $strange = anotherKitchen('Theirs');
    $strange->update(['house' => 'Poppy']);
    signIn('ines');
    post('/kitchens', ['name' => 'Crew mess'])->assertRedirect('/kitchen');
    get('/kitchen/formulas')->assertSee('Crew mess');
    expect(Galley::query()->count())->toBe(3)->and(Pan::query()->count())->toBe(0);
    post('/kitchens/' . $ines->galley_id . '/enter')->assertRedirect();
    get('/kitchen/formulas')->assertDontSee('Crew mess');
    get('/kitchens')->assertSee('Crew mess')->assertDontSee('Theirs');
    post('/kitchens/' . $strange->id . '/enter')->assertNotFound();
    post('/kitchens/house', ['house' => 'Poppy'])->assertSessionHasErrors('house');
    post('/kitchens/house', ['house' => 'Marigold'])->assertSessionHasNoErrors();
    expect(Galley::query()->findOrFail($ines->galley_id)->house)->toBe('Marigold');
});

it('is a chef’s or an owner’s to say who may what, and nobody’s to say more than they may', function (): void {
    realKitchen();
    $owner = somebody(Role::Owner, 'vera');
    $chef = somebody(Role::Chef, 'ines');
    $cook = somebody(Role::Cook, 'petra');
    signIn('petra');
    foreach (['/people', '/tablets', '/bin', '/audit'] as $page) {
        get($page)->assertForbidden();
    }
    post('/people', ['name' => 'X', 'role' => 'cook'])->assertForbidden();
    post('/kitchen/settings', ['name' => 'Mine'])->assertForbidden();
    post('/log/files')->assertForbidden();
    post('/pots/free', ['name' => 'Jus'])->assertRedirect();
    post('/sign-out');
    signIn('ines');
    post('/people', ['name' => 'Ole', 'role' => 'reader', 'login' => 'ole', 'password' => LONG_WORDS])->assertSessionHasNoErrors();
    post('/people', ['id' => $cook->id, 'name' => 'Petra', 'role' => 'owner'])->assertForbidden();
    post('/people', ['id' => $owner->id, 'name' => 'Vera', 'role' => 'cook'])->assertForbidden();
    post("/people/{$owner->id}/remove")->assertForbidden();
    post('/people', ['name' => 'Ole', 'role' => 'cook'])->assertSessionHasErrors('name');
    post('/people', ['name' => 'Two', 'role' => 'cook', 'login' => 'VERA', 'password' => LONG_WORDS])->assertSessionHasErrors('login');
    post('/people', ['name' => 'Two', 'role' => 'cook', 'login' => 'two', 'password' => 'short'])->assertSessionHasErrors('password');
    post('/people', ['name' => 'Two', 'role' => 'cook', 'pin' => '12'])->assertSessionHasErrors('pin');
    post('/kitchens', ['name' => 'Mine'])->assertForbidden();
    post("/people/{$cook->id}/remove")->assertRedirect('/people');
    post('/sign-out');
    signIn('ole');
    get('/log')->assertOk();
    post('/pots/free', ['name' => 'Jus'])->assertForbidden();
    post('/sign-out');
    // Thrown away, she belongs nowhere.
    signIn('petra');
    get('/log')->assertRedirect('/sign-in');
    signIn('vera');
    post('/people', ['id' => $owner->id, 'name' => 'Vera', 'role' => 'cook'])->assertSessionHasNoErrors();
    expect($owner->refresh()->role)->toBe(Role::Owner)->and($chef->refresh()->role)->toBe(Role::Chef);
});

it('lets no chef into another kitchen by the password of somebody who is in both', function (): void {
    realKitchen();
    $second = anotherKitchen();
    $vera = somebody(Role::Cook, 'vera');
    somebody(Role::Owner, 'vera', $second);
    somebody(Role::Chef, 'ines');
    signIn('ines');
    post('/people', ['id' => (string) $vera->id, 'name' => 'Vera', 'role' => 'cook', 'password' => 'other long words here'])
        ->assertSessionHasErrors('password');
    post('/sign-out');
    signIn('vera')->assertSessionHasNoErrors();
});

it('changes one’s own password with the old one, and puts all others out', function (): void {
    realKitchen();
    somebody(Role::Cook, 'petra');
    signIn('petra');
    post('/password', ['old_password' => 'not mine', 'new_password' => LONG_WORDS . '!'])->assertSessionHasErrors('old_password');
    post('/password', ['old_password' => LONG_WORDS, 'new_password' => 'short'])->assertSessionHasErrors('new_password');
    post('/password', ['old_password' => LONG_WORDS, 'new_password' => LONG_WORDS . '!'])->assertSessionHasNoErrors();
    get('/log')->assertOk();
    post('/sign-out');
    signIn('petra')->assertSessionHasErrors('login');
    signIn('petra', LONG_WORDS . '!')->assertSessionHasNoErrors();
    expect(DB::table('accounts')->value('epoch'))->toBe(2);
});
