<?php

declare(strict_types=1);

use App\Backup\Backups;
use App\Backup\Copy;
use App\Backup\Restore;
use App\Backup\Serving;
use App\Backup\Unsound;
use App\Models\Pot;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

use function Pest\Laravel\get;
use function Pest\Laravel\travelTo;

/*
 * A kitchen in a file of its own, as it stands on a disk: a copy is made of it, laid in its place, and found whole.
 */

beforeEach(function (): void {
    $folder = sys_get_temp_dir() . '/lento-backup-' . bin2hex(random_bytes(6));
    File::makeDirectory($folder);
    touch($folder . '/lento.sqlite');
    Config::set('lento.backups', $folder . '/backups');
    Config::set('database.connections.disk', [...config()->array('database.connections.sqlite'), 'database' => $folder . '/lento.sqlite']);
    Config::set('database.connections.sqlite.database', $folder . '/lento.sqlite');
    Config::set('database.default', 'disk');
    Artisan::call('migrate', ['--force' => true]);
    Artisan::call('db:seed', ['--class' => DatabaseSeeder::class, '--force' => true]);
});

afterEach(function (): void {
    DB::purge('disk');
    File::deleteDirectory(dirname(config()->string('lento.backups')));
    Config::set('database.default', usualEngine());
});

function theDatabase(): string
{
    return config()->string('database.connections.disk.database');
}

/** @param int $hour of the day it is made */
function backedUp(int $hour = 10): Copy
{
    return Backups::usual()->make(CarbonImmutable::parse('2026-11-28 00:00:00 UTC')->addHours($hour));
}

it('copies everything, soundly, for nobody else to read', function (): void {
    $copy = backedUp();
    expect($copy->verified())->toBe(Copy::rows(DB::connection()->getPdo()))
        ->and($copy->verified()['pots'])->toBe(Pot::query()->count())
        ->and(basename($copy->file))->toBe('lento-20261128T100000Z.sqlite')
        ->and(substr(sprintf('%o', fileperms($copy->file)), -3))->toBe('600')
        ->and($copy->madeAt()?->format('H:i'))->toBe('10:00');
});

it('copies a second time, and keeps the last fourteen', function (): void {
    for ($hour = 1; $hour <= Backups::KEPT + 3; $hour++) {
        backedUp($hour);
    }
    $all = Backups::usual()->all();
    expect($all)->toHaveCount(Backups::KEPT)
        ->and(Backups::usual()->latest()?->madeAt()?->format('H:i'))->toBe('17:00')
        ->and($all[Backups::KEPT - 1]->madeAt()?->format('H:i'))->toBe('04:00');
});

it('copies while others write', function (): void {
    $other = new PDO('sqlite:' . theDatabase(), options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    $other->exec('begin immediate');
    $other->exec("update pots set name = 'half written'");
    $copy = backedUp();
    $other->exec('commit');
    DB::connection()->getPdo()->exec('attach ' . DB::connection()->getPdo()->quote($copy->file) . ' as copy');
    expect(DB::scalar("select count(*) from copy.pots where name = 'half written'"))->toBe(0);
});

it('brings a kitchen back over one whose server was killed, and keeps what it replaces', function (): void {
    $names = Pot::query()->orderBy('id')->pluck('name')->all();
    $copy = backedUp();
    // What a killed server leaves: pages that are in its log and not in the database yet.
    $killed = new PDO('sqlite:' . theDatabase(), options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    $killed->exec('pragma wal_autocheckpoint = 0');
    $killed->exec("update pots set name = 'since then'");
    DB::purge('disk');
    expect(filesize(theDatabase() . '-wal'))->toBeGreaterThan(0);
    $aside = (new Restore(theDatabase()))->from($copy, CarbonImmutable::parse('2026-11-28 11:00:00 UTC'));
    unset($killed);
    expect(Pot::query()->orderBy('id')->pluck('name')->all())->toBe($names)
        ->and(DB::scalar('pragma integrity_check'))->toBe('ok')
        ->and($aside)->toBe(theDatabase() . '.before-20261128T110000Z')
        ->and(Copy::at((string) $aside)->verified()['pots'])->toBe(count($names));
    $kept = new PDO('sqlite:' . $aside);
    $found = $kept->query("select count(*) from pots where name = 'since then'");
    expect($found === false ? 0 : $found->fetchColumn())->toBe(count($names));
});

it('touches nothing for a copy that is none', function (Closure $spoil, string $says): void {
    $copy = backedUp();
    $before = hash_file('sha256', theDatabase());
    $spoil($copy->file);
    expect(fn() => (new Restore(theDatabase()))->from($copy, CarbonImmutable::now()))->toThrow(Unsound::class, $says)
        ->and(hash_file('sha256', theDatabase()))->toBe($before)
        ->and(glob(theDatabase() . '.*'))->toBe([]);
})->with([
    'gone' => [fn(string $file) => unlink($file), 'There is no copy'],
    'empty' => [fn(string $file) => file_put_contents($file, ''), 'There is no copy'],
    'something else' => [fn(string $file) => file_put_contents($file, str_repeat('recipes ', 4000)), 'is no database'],
    'cut off' => [
        fn(string $file) => file_put_contents($file, substr((string) file_get_contents($file), 0, 40_000)),
        'Nothing was changed',
    ],
    'another program’s' => [
        function (string $file): void {
            unlink($file);
            (new PDO('sqlite:' . $file))->exec('create table notes (id integer)');
        },
        'no copy of a Lento kitchen',
    ],
]);

it('does not bring anything back under a server that is serving', function (): void {
    $lock = (string) tempnam(sys_get_temp_dir(), 'lento-serving-');
    $server = fopen($lock, 'c');
    $server !== false && flock($server, LOCK_SH);
    $done = false;
    $doing = function () use (&$done): void {
        $done = true;
    };
    expect((new Serving($lock))->whileNobodyServes($doing))->toBeFalse()->and($done)->toBeFalse();
    $server !== false && fclose($server);
    expect((new Serving($lock))->whileNobodyServes($doing))->toBeTrue()->and($done)->toBeTrue();
    unlink($lock);
});

it('says whether it could take a tap, how much room there is, and how old the last copy is', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 16:30:00 UTC'));
    get('/up')->assertOk()->assertJson(['status' => 'up', 'writes' => true, 'copied_hours_ago' => null]);
    backedUp(10);
    get('/up')
        ->assertOk()
        ->assertJson(['copied_hours_ago' => 6.5])
        ->assertJsonPath('free_mb', fn(mixed $free): bool => number($free) > 0.0);
    DB::statement('drop table migrations');
    get('/up')->assertStatus(503)->assertJson(['status' => 'ailing', 'writes' => false]);
});
