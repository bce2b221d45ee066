<?php

declare(strict_types=1);

use App\Kitchen\LoadKitchen;
use App\Models\Audit;
use App\Models\Hob;
use App\Models\LogImport;
use App\Models\OwnDerivative;
use App\Models\Pan;
use App\Models\Pot;
use App\Models\Sauce;
use App\Models\Service;
use Illuminate\Http\UploadedFile;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\withHeaders;
use function Pest\Laravel\withToken;

require_once __DIR__ . '/people.php';
require_once __DIR__ . '/../taps.php';

/** @param array<string, string> $more */
function aPan(string $name, array $more = []): Pan
{
    post('/kitchen/pans', ['name' => $name, 'diameter_mm' => '240', 'height_mm' => '140', 'base' => 'thick', ...$more]);

    return Pan::query()->where('name', $name)->latest('id')->firstOrFail();
}

it('throws things into a bin, says what uses them, and gives them back', function (): void {
    $pan = aPan('Old faithful');
    setting(['pan' => (string) $pan->id]);
    post("/kitchen/pans/{$pan->id}/remove")->assertRedirect();
    get('/kitchen')->assertSee('Old faithful is in the bin.')->assertSee('It was the usual pan.')->assertSee('Undo');
    expect((new LoadKitchen())()->pans)->toBe([]);
    get('/bin')->assertSee('Old faithful');
    post("/bin/pans/{$pan->id}/back")->assertRedirect('/bin');
    get('/bin')->assertDontSee('Old faithful')->assertSee('It is back.');
    expect(array_keys((new LoadKitchen())()->pans))->toBe([$pan->id]);
    // Twice in a row, from two tablets: the second finds it done.
    post("/kitchen/pans/{$pan->id}/remove")->assertRedirect();
    post("/kitchen/pans/{$pan->id}/remove")->assertRedirect();
    post('/bin/pans/99/back')->assertNotFound();
});

it('gives nothing back where another has its name by now', function (): void {
    post('/people', ['name' => 'Petra', 'role' => 'cook']);
    $petra = App\Models\Member::query()->where('name', 'Petra')->sole();
    post("/people/{$petra->id}/remove");
    post('/people', ['name' => 'Petra', 'role' => 'cook'])->assertSessionHasNoErrors();
    post("/bin/members/{$petra->id}/back")->assertSessionHasErrors('bin');
});

it('puts services, sauces and pots of the log away and takes them out again', function (): void {
    $service = Service::query()->create(['fields' => ['name' => 'Old supper']]);
    $sauce = Sauce::query()->create(['name' => 'Old sauce', 'tags' => ['gone'], 'notes' => '']);
    $sauce->keep(['sauce' => 'bechamel', 'amount' => '1']);
    $own = OwnDerivative::query()->create(['name' => 'Old mornay', 'based_on' => 'mornay', 'changes' => []]);
    $pot = started();
    post("/archive/pots/{$pot->id}")->assertNotFound();
    post("/pots/{$pot->id}/events", ['token' => 'x', 'kind' => 'taken-off', 'step' => $pot->plan->steps[0]->id]);
    foreach (['services' => $service, 'sauces' => $sauce, 'own' => $own, 'pots' => $pot] as $kind => $row) {
        post("/archive/{$kind}/{$row->id}")->assertRedirect();
    }
    get('/sauces')->assertDontSee('Old sauce')->assertDontSee('gone');
    get('/log')->assertDontSee($pot->name . '<');
    get('/family')->assertOk()->assertDontSee('Old supper');
    get('/family/tree')->assertDontSee('Old mornay');
    get('/archive')->assertSeeInOrder(['Old supper', 'Old sauce', 'Old mornay', $pot->name]);
    // Whatever points at them still finds them.
    get("/sauces/{$sauce->id}")->assertOk();
    get("/services/{$service->id}")->assertOk();
    get('/family/own-sauce-' . $own->id)->assertOk();
    get("/log/{$pot->id}")->assertOk();
    post("/archive/sauces/{$sauce->id}/out")->assertRedirect('/archive');
    get('/sauces')->assertSee('Old sauce');
    expect(Audit::query()->whereIn('what', ['archived', 'unarchived'])->count())->toBe(5);
});

it('tells the chef who did what, before and after, and no secret', function (): void {
    realKitchen();
    somebody(App\People\Role::Chef, 'ines');
    signIn('ines');
    $pan = aPan('Big one');
    aPan('Big one', ['id' => (string) $pan->id, 'diameter_mm' => '260']);
    post('/kitchen/settings', [
        'name' => 'Upper galley',
        'measures' => 'metric',
        'degrees' => 'c',
        'preset' => 'uk-guidance',
        'currency' => '€',
    ])->assertSessionHasNoErrors();
    post('/people', ['name' => 'Ole', 'role' => 'cook', 'pin' => '2468', 'login' => 'ole', 'password' => LONG_WORDS]);
    post('/kitchen/devices', ['name' => 'Probe', 'kind' => 'probe', 'place' => 'hob-1']);
    $token = toldToken();
    get('/audit')
        ->assertOk()
        ->assertSeeInOrder(['made the device Probe', 'made the person Ole', 'changed the kitchen', 'changed the pan Big one'])
        ->assertSeeInOrder(['<del>240</del>', '<ins>260</ins>'], false)
        ->assertSee('Ines')
        ->assertDontSee('argon2id')
        ->assertDontSee($token);
    // What a device says all day is in no audit.
    $lines = Audit::query()->count();
    withToken($token)->postJson('/api/v1/readings', ['sent_at' => now()->getTimestampMs(), 'readings' => []]);
    expect(Audit::query()->count())->toBe($lines);
});

it('has so many pans, rings, own sauces and pots at most, and says so', function (): void {
    config(['lento.most' => 2]);
    aPan('One');
    $two = aPan('Two');
    post('/kitchen/pans', ['name' => 'Three', 'diameter_mm' => '240', 'height_mm' => '140', 'base' => 'thick'])
        ->assertSessionHasErrors(['limit' => 'A kitchen has 2 pans at most. Throw one away first.']);
    // One that is there can be changed.
    post('/kitchen/pans', ['id' => (string) $two->id, 'name' => 'Two!', 'diameter_mm' => '240', 'height_mm' => '140', 'base' => 'thick'])
        ->assertSessionHasNoErrors();
    foreach (['A', 'B', 'C'] as $name) {
        post('/kitchen/hobs', ['name' => $name, 'kind' => 'gas', 'power_w' => '3000', 'levels' => '5']);
        post('/pots/free', ['name' => $name]);
        post('/family/mornay/own', ['name' => $name, 'amounts' => [], 'extra' => []]);
    }
    expect([Hob::query()->count(), Pot::query()->count(), OwnDerivative::query()->count()])->toBe([2, 2, 2]);
});

it('slows down who makes too much, sends too often, or takes in too many files', function (): void {
    config(['lento.rates' => ['made' => 3, 'imports' => 2, 'readings' => 2, 'wrong_tokens' => 2, 'sign_in' => 5]]);
    foreach (range(1, 3) as $i) {
        post('/pots/free', ['name' => "Jus {$i}"])->assertRedirect();
    }
    withHeaders(['Referer' => url('/stove')])->post('/pots/free', ['name' => 'Jus 4'])->assertStatus(429)->assertSee('Jus 4');
    // Taps are never too many.
    $pot = Pot::query()->oldest('id')->firstOrFail();
    foreach (range(1, 40) as $i) {
        post("/pots/{$pot->id}/events", ['token' => "n{$i}", 'kind' => 'note', 'step' => $pot->plan->steps[0]->id, 'text' => 'x']);
    }
    expect($pot->events()->count())->toBe(40);
    foreach (range(1, 2) as $_) {
        post('/log/files', ['file' => UploadedFile::fake()->createWithContent('x.json', '[]')])->assertRedirect();
    }
    post('/log/files', ['file' => UploadedFile::fake()->createWithContent('x.json', '[]')])->assertStatus(429);
    config(['lento.rates.made' => 100]);
    post('/kitchen/devices', ['name' => 'Probe', 'kind' => 'probe', 'place' => 'hob-1']);
    $token = toldToken();
    $send = static fn(string $as) => withToken($as)->postJson('/api/v1/readings', ['sent_at' => 0, 'readings' => []])->getStatusCode();
    expect([$send($token), $send($token), $send($token)])->toBe([422, 422, 429])
        ->and([$send('a'), $send('b'), $send('c')])->toBe([401, 401, 429]);
});

it('lets a file’s pots teach only when the kitchen says so, and takes all of a file back', function (): void {
    setting(['learn' => 'yes']);
    $pot = started('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140&minutes=30&level=brisk');
    cookUntil($pot, StepKind::Simmer);
    travel(30)->minutes();
    happens($pot, 'read', ['choice' => 'depth', 'value' => '40']);
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '1.75', 'spoon' => 'veils']);
    expect($pot->refresh()->lesson)->not->toBeNull();
    $file = (string) get('/log/lento-log.json')->streamedContent();
    Pot::query()->delete();
    post('/log/files', ['file' => UploadedFile::fake()->createWithContent('from the Poppy.json', $file)])->assertSessionHas('taken');
    $import = LogImport::query()->sole();
    expect($import->teaches)->toBeFalse()
        ->and(Pot::query()->sole()->log_import_id)->toBe($import->id)
        ->and(Pot::query()->teaching()->count())->toBe(0);
    get('/learning')->assertOk()->assertDontSee($pot->name);
    get('/log')->assertSee('from the Poppy.json')->assertSee('not teaching');
    post("/log/imports/{$import->id}/teach")->assertRedirect();
    expect(Pot::query()->teaching()->count())->toBe(1);
    get('/learning')->assertSee($pot->name);
    post("/log/imports/{$import->id}/take-back")->assertRedirect();
    expect([Pot::query()->count(), LogImport::query()->count(), App\Models\PotEvent::query()->count()])->toBe([0, 0, 0]);
    get('/log')->assertSee('One pot taken back.');
    // And once more, as if it had never been here.
    post('/log/files', ['file' => UploadedFile::fake()->createWithContent('from the Poppy.json', $file)]);
    expect(Pot::query()->count())->toBe(1);
});
