<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\Backups;
use App\Backup\Unsound;
use App\Format\Words;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** A copy of everything, made while the kitchen cooks, looked at before it counts. */
final class BackupCommand extends Command
{
    protected $signature = 'lento:backup';

    protected $description = 'Keep a copy of the whole kitchen, and of all copies the last fourteen';

    public function handle(): int
    {
        try {
            $copy = Backups::usual()->make(CarbonImmutable::now());
        } catch (Unsound $wrong) {
            $this->error('lento: ' . $wrong->getMessage());

            return self::FAILURE;
        }
        $rows = $copy->verified();
        $this->line(Words::text('backup.made', file: $copy->file, pots: $rows['pots'] ?? 0, events: $rows['pot_events'] ?? 0));

        return self::SUCCESS;
    }
}
