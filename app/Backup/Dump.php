<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** A copy of a kitchen that PostgreSQL holds, in the engine's own format and by its own programs. */
final readonly class Dump
{
    public const ENDING = '.dump';

    private const SECONDS = 3600.0;

    /** As it is at one moment, while others write. */
    public static function write(string $file): void
    {
        self::run($file, ['pg_dump', '--format=custom', '--no-owner', '--file=' . $file, ...self::where()]);
    }

    /**
     * @return array<string, int> rows by table, counted in the copy itself
     *
     * @throws Unsound where the engine cannot read it
     */
    public static function rows(string $file): array
    {
        [$rows, $table, $rest] = [[], null, ''];
        $count = static function (string $piece) use (&$rows, &$table, &$rest): void {
            $lines = explode("\n", $rest . $piece);
            $rest = array_pop($lines);
            foreach ($lines as $line) {
                if ($table === null && preg_match('/\ACOPY (?:\w+\.)?"?(\w+)"? .*FROM stdin;\z/', $line, $found) === 1) {
                    $table = $found[1];
                    $rows[$table] = 0;
                } elseif ($line === '\.') {
                    $table = null;
                } elseif ($table !== null) {
                    $rows[$table]++;
                }
            }
        };
        self::run($file, ['pg_restore', '--data-only', '--file=-', $file], $count);

        return $rows;
    }

    /** In place of all that is there, or of nothing. */
    public static function lay(string $file): void
    {
        self::run($file, ['pg_restore', '--clean', '--if-exists', '--no-owner', '--single-transaction', ...self::where(), $file]);
    }

    /** @return list<string> which database, as all the engine's programs are told */
    private static function where(): array
    {
        $said = static fn(string $key): string => is_scalar($value = DB::connection()->getConfig($key)) ? (string) $value : '';

        return ['--host=' . $said('host'), '--port=' . $said('port'), '--username=' . $said('username'), '--dbname=' . $said('database')];
    }

    /**
     * @param list<string> $command
     * @param callable(string): void|null $heard each piece of what it says
     */
    private static function run(string $file, array $command, ?callable $heard = null): void
    {
        $password = DB::connection()->getConfig('password');
        $process = new Process($command, env: ['PGPASSWORD' => is_scalar($password) ? (string) $password : ''], timeout: self::SECONDS);
        $process->disableOutput();
        $status = $process->run(static function (string $type, string $piece) use ($heard): void {
            if ($type === Process::OUT && $heard !== null) {
                $heard($piece);
            }
        });
        if ($status !== 0) {
            throw Unsound::because($file, 'engine');
        }
    }
}
