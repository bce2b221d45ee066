<?php

declare(strict_types=1);

use App\Doors\AtTheTablet;
use App\Doors\FirstRun;
use App\Doors\Password;
use App\Models\Account;
use App\Models\Audit;
use App\Models\Galley;
use App\Models\Hob;
use App\Models\Member;
use App\Models\Pan;
use App\Models\PotEvent;
use App\Models\Tablet;
use App\People\Role;
use Illuminate\Support\Facades\Route;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;
use function Pest\Laravel\travel;
use function Pest\Laravel\withCookie;
use function Pest\Laravel\withCredentials;
use function Pest\Laravel\withServerVariables;

require_once __DIR__ . '/people.php';
require_once __DIR__ . '/../taps.php';

it('opens the demo to this machine alone, and says so', function (): void {
    get('/log')->assertOk()->assertSee('The demo galley, open on this machine alone');
    withServerVariables(['REMOTE_ADDR' => '192.168.1.20'])->get('/compose')->assertForbidden();
    withServerVariables(['REMOTE_ADDR' => '127.0.0.1', 'HTTP_X_FORWARDED_FOR' => '192.168.1.20'])->get('/log')->assertForbidden();
    // What another server says it passes on is not believed.
    withServerVariables(['REMOTE_ADDR' => '192.168.1.20', 'HTTP_X_FORWARDED_FOR' => '127.0.0.1'])->get('/compose')->assertForbidden();
});

it('shows strangers the door at every address but the doors themselves', function (): void {
    $pot = started();
    realKitchen();
    somebody(Role::Owner, 'ines');
    $open = ['up', 'sign-in', 'sign-out', 'sign-out-everywhere', 'who', 'who/leave', 'pair', 'pair/{code?}', 'first-run'];
    $seen = 0;
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (in_array($route->uri(), [...$open, 'metrics', 'api/v1/readings'], true)) {
            continue;
        }
        $uri = (string) preg_replace(['/\{pot\}/', '/\{[a-z]+\??\}/'], [(string) $pot->id, '1'], $route->uri());
        $answer = in_array('GET', $route->methods(), true) ? get('/' . $uri) : post('/' . $uri);
        expect($answer->getStatusCode())->toBe(302, $uri)->and($answer->headers->get('Location'))->toEndWith('/sign-in');
        expect(postJson('/' . $uri)->getStatusCode())->toBeIn([401, 404, 405]);
        $seen++;
    }
    expect($seen)->toBeGreaterThan(60)->and(PotEvent::query()->count())->toBe(0);
});

it('holds every address that changes something to a place', function (): void {
    $doors = ['sign-in', 'sign-out', 'sign-out-everywhere', 'who', 'who/leave', 'pair', 'first-run'];
    // Assay keeps nothing: a recipe is posted because no address is long enough for it.
    $free = [...$doors, '/', 'assay', 'password', 'kitchens/{galley}/enter'];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $changes = array_diff($route->methods(), ['GET', 'HEAD']) !== [] && !$route->isFallback && !str_starts_with($route->uri(), 'api/');
        $held = array_filter($route->gatherMiddleware(), static fn(mixed $m): bool => is_string($m) && str_starts_with($m, 'may:'));
        expect($changes && $held === [] && !in_array($route->uri(), $free, true))->toBeFalse($route->uri());
    }
});

it('lets in whoever says a name and its password, and nobody else', function (): void {
    realKitchen();
    somebody(Role::Chef, 'ines');
    get('/log')->assertRedirect('/sign-in');
    signIn('ines', 'wrong words altogether')->assertRedirect('/sign-in')->assertSessionHasErrors('login');
    $wrong = errorAt('login');
    signIn('nobody', LONG_WORDS)->assertSessionHasErrors('login');
    // The same is said of a name that there is not.
    expect(errorAt('login'))->toBe($wrong);
    $before = session()->getId();
    signIn('INES ')->assertRedirect('/log');
    expect(session()->getId())->not->toBe($before)
        ->and(Account::query()->sole()->password)->toStartWith('$argon2id$');
    get('/log')->assertOk()->assertSee('Ines')->assertHeader('Cache-Control', 'no-store, private');
    post('/sign-out')->assertRedirect('/sign-in');
    get('/log')->assertRedirect('/sign-in');
});

it('asks again after twelve hours and after thirty days, and everywhere at once when told', function (): void {
    realKitchen();
    $ines = somebody(Role::Chef, 'ines');
    expect(config('session.lifetime'))->toBe(720);
    signIn('ines');
    travel(29)->days();
    get('/log')->assertOk();
    travel(2)->days();
    get('/log')->assertRedirect('/sign-in');
    signIn('ines');
    Account::query()->sole()->increment('epoch');
    auth()->forgetGuards();
    get('/log')->assertRedirect('/sign-in');
    signIn('ines');
    post('/sign-out-everywhere')->assertRedirect('/sign-in');
    expect(Account::query()->sole()->epoch)->toBe(3)->and($ines->account_id)->toBe(Account::query()->sole()->id);
});

it('slows guesses down, by account and address, and lets an account rest', function (): void {
    realKitchen();
    somebody(Role::Chef, 'ines');
    foreach (range(1, 5) as $_) {
        signIn('ines', 'wrong words altogether')->assertRedirect('/sign-in');
    }
    signIn('ines')->assertStatus(429);
    travel(61)->seconds();
    signIn('ines')->assertRedirect('/compose');
    post('/sign-out');
    config(['lento.rates.sign_in' => 1000]);
    foreach (range(1, 20) as $_) {
        signIn('ines', 'wrong words altogether');
    }
    // Right, but too late: it is not told apart from a wrong one.
    signIn('ines')->assertRedirect('/sign-in')->assertSessionHasErrors('login');
    travel(16)->minutes();
    signIn('ines')->assertRedirect('/compose');
});

it('takes long passwords that nobody would guess', function (string $password, ?string $fault): void {
    expect(Password::fault($password, 'ines', 'Marigold galley'))->toBe($fault);
})->with([
    ['short', 'password_length'],
    [str_repeat('ab', 101), 'password_length'],
    ['aaaaaaaaaaaaaaaa', 'password_guessed'],
    ['password123456', 'password_guessed'],
    ['Marigold galley 2026', 'password_guessed'],
    ['ines-ines-1980!', 'password_guessed'],
    [LONG_WORDS, null],
    ['Ünïcode läuft auch', null],
]);

it('pairs a tablet by a code that is good once and for minutes', function (): void {
    realKitchen();
    somebody(Role::Chef, 'ines');
    signIn('ines');
    post('/tablets', ['name' => 'By the stove'])->assertRedirect('/tablets');
    $code = toldToken('tablet');
    expect($code)->toMatch('/\A[A-Z2-9]{4}-[A-Z2-9]{4}\z/')
        ->and(serialize(session()->all()))->not->toContain($code)
        ->and(Tablet::query()->sole()->code_hash)->not->toContain(str_replace('-', '', $code));
    get('/tablets')->assertSee($code)->assertSee('waits for its code');
    get('/tablets')->assertDontSee($code);
    post('/sign-out');
    post('/pair', ['code' => 'AAAA-AAAA'])->assertSessionHasErrors('code');
    $cookie = post('/pair', ['code' => strtolower(str_replace('-', ' ', $code))])->assertRedirect('/who')->getCookie(AtTheTablet::cookie());
    expect($cookie?->isHttpOnly())->toBeTrue()->and($cookie?->getSameSite())->toBe('lax');
    post('/pair', ['code' => $code])->assertSessionHasErrors('code');
    withCookie(AtTheTablet::cookie(), (string) $cookie?->getValue())->get('/who')->assertOk()->assertSee('Ines');
});

it('forgets a code that nobody used in ten minutes, and slows down who guesses', function (): void {
    realKitchen();
    somebody(Role::Chef, 'ines');
    signIn('ines');
    post('/tablets', ['name' => 'Late']);
    $code = toldToken('tablet');
    travel(11)->minutes();
    post('/pair', ['code' => $code])->assertSessionHasErrors('code');
    foreach (range(1, 19) as $_) {
        post('/pair', ['code' => 'AAAA-AAAA']);
    }
    post('/pair', ['code' => 'AAAA-AAAA'])->assertStatus(429);
});

it('takes a cook by one tap, and writes down who it was', function (): void {
    $pot = started();
    realKitchen();
    $ines = somebody(Role::Chef, 'ines');
    $petra = somebody(Role::Cook, 'petra');
    withCookie(AtTheTablet::cookie(), pairedTablet());
    // Each time it is seen its cookie is given anew, so that it stays.
    get('/pots/' . $pot->id)->assertRedirect('/who')->assertCookie(AtTheTablet::cookie());
    post('/who', ['member' => $petra->id])->assertRedirect('/pots/' . $pot->id);
    get('/pots/' . $pot->id)->assertOk()->assertSee('Petra');
    post("/pots/{$pot->id}/events", ['token' => 't', 'kind' => 'note', 'step' => $pot->plan->steps[0]->id, 'text' => 'mine'])
        ->assertSessionHasNoErrors();
    expect(PotEvent::query()->sole()->said_by)->toBe('Petra');
    // A tablet lies about: a chef who has said no PIN has a cook's hands.
    post('/who', ['member' => $ines->id]);
    get('/people')->assertForbidden();
    post('/kitchen/pans', ['name' => 'x', 'diameter_mm' => '200', 'height_mm' => '100', 'base' => 'thin'])->assertForbidden();
    post('/who/leave')->assertRedirect('/who');
    get('/log')->assertRedirect('/who');
});

it('asks for a PIN where the kitchen wishes, and lends a chef’s hands for one', function (): void {
    $pot = started();
    realKitchen();
    setting(['pins' => 'yes']);
    [$ines, $petra] = [somebody(Role::Chef, 'ines'), somebody(Role::Cook, 'petra')];
    $ines->update(['pin_hash' => '2468']);
    withCookie(AtTheTablet::cookie(), pairedTablet());
    post('/who', ['member' => $petra->id])->assertSessionHasErrors('pin');
    post('/who', ['member' => $ines->id])->assertSessionHasErrors('pin');
    // Nor are taps taken from nobody.
    $taps = ['events' => [['token' => 'a', 'kind' => 'note', 'step' => $pot->plan->steps[0]->id, 'text' => 'y']]];
    withCredentials()->postJson("/pots/{$pot->id}/events/batch", $taps)->assertUnauthorized();
    setting([]);
    postJson("/pots/{$pot->id}/events/batch", $taps)->assertOk()->assertJsonPath('kept', ['a']);
    expect(PotEvent::query()->sole()->said_by)->toBe('By the stove');
    setting(['pins' => 'yes']);
    foreach (range(1, 5) as $_) {
        post('/who', ['member' => $ines->id, 'pin' => '1111'])->assertSessionHasErrors('pin');
    }
    post('/who', ['member' => $ines->id, 'pin' => '2468'])->assertSessionHasErrors('pin');
    travel(61)->seconds();
    post('/who', ['member' => $ines->id, 'pin' => '2468'])->assertSessionHasNoErrors();
    get('/people')->assertOk()->assertDontSee('$argon2id$');
    // A PIN that was changed proves nothing any more.
    Member::query()->findOrFail($ines->id)->update(['pin_hash' => '1357']);
    get('/people')->assertForbidden();
});

it('shows a tablet nothing once it was thrown away', function (): void {
    realKitchen();
    $petra = somebody(Role::Cook, 'petra');
    withCookie(AtTheTablet::cookie(), pairedTablet());
    post('/who', ['member' => $petra->id]);
    get('/stove')->assertSuccessful();
    Tablet::query()->sole()->bin();
    get('/stove')->assertRedirect('/sign-in');
    post('/who', ['member' => $petra->id])->assertRedirect('/sign-in');
});

/** @param list<string> $skipped */
$opening = function (array $skipped, int $pans, int $cooks): void {
    realKitchen();
    get('/compose')->assertRedirect('/first-run');
    $code = FirstRun::code();
    expect(fileperms(FirstRun::file()) & 0o077)->toBe(0);
    $told = [
        'code' => $code,
        'owner' => 'Ines Vark',
        'login' => 'Ines',
        'password' => LONG_WORDS,
        'kitchen' => 'Marigold',
        'measures' => 'metric',
        'degrees' => 'f',
        'pan_name' => 'Big one',
        'diameter_mm' => '28 cm',
        'height_mm' => '160',
        'ring_name' => 'Front',
        'kind' => 'gas',
        'power_w' => '3000',
        'cooks' => 'Petra Lund, Petra Lund, Ines Vark,',
        'sauce' => 'bechamel',
        'litres' => '3',
    ];
    post('/first-run', [...$told, 'code' => 'AAAA-AAAA'])->assertSessionHasErrors('code')->assertSessionMissing('_old_input.password');
    post('/first-run', [...$told, 'litres' => 'lots'])->assertSessionHasErrors('litres');
    post('/first-run', [...$told, 'diameter_mm' => 'wide'])->assertSessionHasErrors('diameter_mm');
    post('/first-run', Illuminate\Support\Arr::except($told, $skipped))->assertSessionHasNoErrors()
        ->assertRedirectContains('/compose');
    if ($pans > 0) {
        // To the first sheet, in the pan that was told.
        $pan = Pan::query()->sole();
        expect($pan->diameter_mm)->toBe(280);
        get('/compose?sauce=bechamel&amount=3&pan=' . $pan->id)->assertOk()->assertSee('3 litres of béchamel');
    }
    expect(Pan::query()->count())->toBe($pans)
        ->and(Hob::query()->count())->toBe($pans)
        ->and(Member::query()->where('role', Role::Cook)->count())->toBe($cooks)
        ->and(Member::query()->where('role', Role::Owner)->sole()->name)->toBe('Ines Vark')
        ->and(is_file(FirstRun::file()))->toBeFalse()
        ->and(Audit::query()->where('by', 'Ines Vark')->count())->toBeGreaterThan(0);
    get('/kitchen')->assertOk()->assertSee(in_array('kitchen', $skipped, true) ? 'Marigold galley' : 'Marigold');
    post('/sign-out');
    get('/first-run')->assertRedirect('/sign-in');
    post('/first-run', $told)->assertSessionHasErrors('code');
    expect(Account::query()->count())->toBe(1)->and(Galley::query()->count())->toBe(1);
};

it('opens a real kitchen once, by a code of the machine; all but the owner can be skipped', $opening)->with([
    'all told' => [[], 1, 1],
    'all skipped' => [
        [
            ...['kitchen', 'measures', 'degrees', 'cooks', 'pan_name', 'diameter_mm', 'height_mm'],
            ...['ring_name', 'kind', 'power_w', 'sauce', 'litres'],
        ],
        0,
        0,
    ],
]);
