<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Backups;
use App\Backup\Copy;
use App\Backup\Dump;
use App\Backup\Restore;
use App\Backup\Serving;
use App\Backup\Unsound;
use App\Database\Ddl;
use App\Format\Words;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/** A kitchen as it was when a copy of it was made. */
final class RestoreCommand extends Command
{
    protected $signature = 'lento:restore {file : a copy that ./lento backup has made}';

    protected $description = 'Bring the kitchen back from a copy; what it replaces is kept';

    public function handle(): int
    {
        $file = $this->argument('file');
        $from = getenv('LENTO_CALLED_FROM');
        $file = !str_starts_with($file, '/') && is_string($from) ? $from . '/' . $file : $file;
        $wrong = '';
        $done = Serving::here()->whileNobodyServes(function () use ($file, &$wrong): void {
            $wrong = $this->restored($file);
        });
        if (!$done) {
            $this->error('lento: ' . Words::text('backup.serving'));
        } elseif ($wrong !== '') {
            $this->error('lento: ' . $wrong);
        }

        return $done && $wrong === '' ? self::SUCCESS : self::FAILURE;
    }

    /** The engine keeps no files to lay aside: what is replaced is copied first. */
    private function laid(string $file): string
    {
        Copy::at($file)->verified();
        $aside = Backups::usual()->make(CarbonImmutable::now());
        Dump::lay($file);
        Artisan::call('migrate', ['--force' => true]);
        $this->line(Words::text('backup.restored', file: $file));
        $this->line(Words::text('backup.aside', file: $aside->file));

        return '';
    }

    /** @return string what is wrong; '' where it has been done */
    private function restored(string $file): string
    {
        try {
            if (Ddl::isPostgres()) {
                return $this->laid($file);
            }
            DB::disconnect();
            $aside = (new Restore(config()->string('database.connections.sqlite.database')))->from(Copy::at($file), CarbonImmutable::now());
        } catch (Unsound $wrong) {
            return $wrong->getMessage();
        }
        // A copy may be older than this version of Lento.
        Artisan::call('migrate', ['--force' => true]);
        $this->line(Words::text('backup.restored', file: $file));
        if ($aside !== null) {
            $this->line(Words::text('backup.aside', file: $aside));
        }

        return '';
    }
}
