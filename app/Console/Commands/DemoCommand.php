<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoClock;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;

/** Puts the demo's pots on anew where a day has passed and nobody has touched them. */
final class DemoCommand extends Command
{
    protected $signature = 'lento:demo';

    protected $description = 'Put the untouched pots of the demo galley on anew, relative to now';

    public function handle(): int
    {
        if (DemoClock::wind(CarbonImmutable::now())) {
            $this->line('The demo galley’s pots are put on anew.');
        }

        return self::SUCCESS;
    }
}
