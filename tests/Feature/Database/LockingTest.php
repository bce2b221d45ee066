<?php

declare(strict_types=1);

use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;

/** A database in a file, as a kitchen has it, beside the one of the tests. */
beforeEach(function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'lento-locking-');
    Config::set('database.connections.kitchen', [...config()->array('database.connections.sqlite'), 'database' => $file]);
    DB::connection('kitchen')->statement('create table taps (id integer primary key, token text unique)');
});

afterEach(function (): void {
    DB::purge('kitchen');
    $file = config()->string('database.connections.kitchen.database');
    File::delete([$file, $file . '-wal', $file . '-shm']);
});

/** Another tablet's worker, which waits for nobody. */
function anotherWorker(): PDO
{
    $file = config()->string('database.connections.kitchen.database');
    $other = new PDO('sqlite:' . $file, options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
    $other->exec('pragma busy_timeout = 0');

    return $other;
}

function tapsSeenBy(PDO $worker): int
{
    $counted = $worker->query('select count(*) from taps');

    return $counted === false ? -1 : (int) number($counted->fetchColumn());
}

it('takes the lock as a transaction begins, so that what it has read is still so when it writes', function (): void {
    $other = anotherWorker();
    DB::connection('kitchen')->transaction(function () use ($other): void {
        expect(DB::connection('kitchen')->table('taps')->count())->toBe(0)
            ->and(fn() => $other->exec("insert into taps (token) values ('theirs')"))->toThrow(PDOException::class, 'locked');
        DB::connection('kitchen')->table('taps')->insert(['token' => 'ours']);
    });
    $other->exec("insert into taps (token) values ('theirs')");
    expect(DB::connection('kitchen')->table('taps')->pluck('token')->all())->toBe(['ours', 'theirs']);
});

it('lets others read while it writes', function (): void {
    $other = anotherWorker();
    DB::connection('kitchen')->transaction(function () use ($other): void {
        DB::connection('kitchen')->table('taps')->insert(['token' => 'ours']);
        expect(tapsSeenBy($other))->toBe(0);
    });
    expect(tapsSeenBy($other))->toBe(1);
});

it('leaves nothing open and nothing written when a transaction fails', function (): void {
    $kitchen = DB::connection('kitchen');
    expect(fn() => $kitchen->transaction(function () use ($kitchen): void {
        $kitchen->table('taps')->insert(['token' => 'a']);
        $kitchen->transaction(fn() => $kitchen->table('taps')->insert(['token' => 'b']));
        $kitchen->table('taps')->insert(['token' => 'a']);
    }))->toThrow(QueryException::class);
    expect($kitchen->transactionLevel())->toBe(0)
        ->and($kitchen->getPdo()->inTransaction())->toBeFalse()
        ->and($kitchen->table('taps')->count())->toBe(0);
    anotherWorker()->exec("insert into taps (token) values ('theirs')");
    expect($kitchen->table('taps')->count())->toBe(1);
});

it('rolls back what cannot be committed', function (): void {
    $kitchen = DB::connection('kitchen');
    $kitchen->statement('create table spoons (tap integer references taps (id) deferrable initially deferred)');
    expect(fn() => $kitchen->transaction(fn() => $kitchen->table('spoons')->insert(['tap' => 7])))->toThrow(PDOException::class);
    expect($kitchen->getPdo()->inTransaction())->toBeFalse()->and($kitchen->table('spoons')->count())->toBe(0);
    $kitchen->transaction(fn() => $kitchen->table('taps')->insert(['token' => 'next']));
    expect($kitchen->table('taps')->count())->toBe(1);
});
