<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Pot;
use App\Stove\Projection;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Throws away what is written down beside each pot, and writes it anew from its plan and its events. */
final class RebuildCommand extends Command
{
    protected $signature = 'lento:rebuild {--dry-run : say what differs, and change nothing}';

    protected $description = 'Write down anew what follows from the plans and events of all pots, and say what differed';

    private const AT_ONCE = 100;

    public function handle(): int
    {
        $dry = $this->option('dry-run') === true;
        [$seen, $differ] = [0, 0];
        Pot::query()->with('events')->chunkById(self::AT_ONCE, function ($pots) use ($dry, &$seen, &$differ): void {
            foreach ($pots as $pot) {
                $seen++;
                $differ += $this->rebuilt($pot, $dry) ? 1 : 0;
            }
        });
        $this->line("{$seen} pots, {$differ} " . ($dry ? 'would change' : 'changed'));

        return self::SUCCESS;
    }

    /** @return bool whether something differed */
    private function rebuilt(Pot $pot, bool $dry): bool
    {
        $projection = Projection::of($pot);
        $differs = $projection->differsFrom($pot);
        foreach ($differs as $column => [$kept, $follows]) {
            $this->line("pot {$pot->id}, {$pot->name}: {$column} was {$kept}, is {$follows}");
        }
        if ($differs !== [] && !$dry) {
            DB::transaction(static fn() => $projection->writeTo($pot));
        }

        return $differs !== [];
    }
}
