<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Doors\FirstRun;
use Illuminate\Console\Command;

/** Prints the code by which a kitchen that nobody owns yet is opened; nothing where it has an owner. */
final class FirstRunCommand extends Command
{
    protected $signature = 'lento:first-run';

    protected $description = 'Print the code that opens a kitchen which nobody owns yet';

    public function handle(): int
    {
        if (FirstRun::isDue()) {
            $this->line(FirstRun::code());
        }

        return self::SUCCESS;
    }
}
