<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\PotEvent;
use App\People\Role;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

use function Pest\Laravel\get;
use function Pest\Laravel\postJson;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/../taps.php';
require_once __DIR__ . '/../People/people.php';

// What a kitchen's machine does when nobody looks after it: its disk fills up, its clock jumps.

afterEach(function (): void {
    DB::purge('disk');
    Config::set('database.default', usualEngine());
    File::deleteDirectories(sys_get_temp_dir() . '/lento-full');
});

it('says so when the disk is full, acknowledges nothing that it did not keep, and goes on when there is room', function (): void {
    $folder = sys_get_temp_dir() . '/lento-full/' . bin2hex(random_bytes(6));
    File::makeDirectory($folder, recursive: true);
    touch($folder . '/lento.sqlite');
    Config::set('database.connections.disk', [...config()->array('database.connections.sqlite'), 'database' => $folder . '/lento.sqlite']);
    Config::set('database.default', 'disk');
    Artisan::call('migrate', ['--force' => true]);
    $pot = started();
    $step = $pot->plan->steps[0]->id;
    $tap = static fn(string $token): array => ['events' => [
        ['token' => $token, 'kind' => 'note', 'step' => $step, 'text' => str_repeat('x', 400)],
    ]];
    postJson("/pots/{$pot->id}/events/batch", $tap('before'))->assertOk();
    // No page more than there is: what SQLite answers then is what it answers on a disk that is full.
    $pages = DB::scalar('pragma page_count');
    DB::statement('pragma max_page_count = ' . (is_numeric($pages) ? (int) $pages : 0));
    $kept = ['before'];
    $refused = 0;
    for ($i = 0; $i < 60; $i++) {
        $answer = postJson("/pots/{$pot->id}/events/batch", $tap("full-{$i}"));
        expect($answer->getStatusCode())->toBeIn([200, 503]);
        $answer->getStatusCode() === 200 ? $kept[] = "full-{$i}" : $refused++;
    }
    expect($refused)->toBeGreaterThan(0)->and(PotEvent::query()->orderBy('id')->pluck('token')->all())->toBe($kept);
    // What only reads is answered, and forms say it with what was typed.
    get("/pots/{$pot->id}")->assertOk();
    $form = ['token' => 'form', 'kind' => 'note', 'step' => $step, 'text' => str_repeat('words ', 80)];
    Pest\Laravel\withHeaders(['Referer' => url("/pots/{$pot->id}")])
        ->post("/pots/{$pot->id}/events", $form)
        ->assertStatus(503)
        ->assertSee('words words');
    DB::statement('pragma max_page_count = 1000000');
    postJson("/pots/{$pot->id}/events/batch", $tap('after'))->assertOk()->assertJsonPath('kept', ['after']);
    expect(DB::scalar('pragma integrity_check'))->toBe('ok');
});

it('keeps order, pots and sessions when its clock jumps, back or ahead', function (string $to): void {
    travelTo(CarbonImmutable::parse('2026-11-24 10:00'));
    $pot = started();
    happens($pot, 'note', ['text' => 'first']);
    realKitchen();
    somebody(Role::Cook, 'petra');
    signIn('petra');
    travelTo(CarbonImmutable::parse($to));
    $open = get("/pots/{$pot->id}");
    // Ahead by more than a session may last she signs in again; nothing is lost by it.
    $open->getStatusCode() === 302 ? signIn('petra') : $open->assertOk();
    happens($pot, 'note', ['text' => 'second'])->assertSessionHasNoErrors();
    travelTo(CarbonImmutable::parse('2026-11-24 10:05'));
    happens($pot, 'note', ['text' => 'third'])->assertSessionHasNoErrors();
    $said = PotEvent::query()->where('pot_id', $pot->id)->orderBy('at_ms')->orderBy('id')->get();
    expect($said->map(static fn(PotEvent $event): mixed => data_get(json_decode($event->data, true), 'text'))->all())
        ->toBe(['first', 'second', 'third']);
    foreach (['/log', "/pots/{$pot->id}", "/rescue?pot={$pot->id}", '/pulse'] as $page) {
        get($page)->assertOk();
    }
    expect(Pot::query()->whereNull('finished_at')->count())->toBe(1);
})->with(['an hour back' => ['2026-11-24 09:00'], 'to 1970' => ['1970-01-02 00:00'], 'a year ahead' => ['2027-11-24 10:00']]);
