<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Batch;
use App\Models\Pot;
use App\Models\Tub;
use App\Shelf\Standing;
use App\Shelf\StoredShelf;
use App\Stove\Projection;
use Carbon\CarbonImmutable;
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
        [$seen, $differ] = [0, 0];
        Batch::query()->chunkById(self::AT_ONCE, function ($batches) use ($dry, &$seen, &$differ): void {
            foreach ($batches as $batch) {
                $seen++;
                $differ += $this->restood($batch, $dry) ? 1 : 0;
            }
        });
        $this->line("{$seen} batches, {$differ} " . ($dry ? 'would change' : 'changed'));

        return self::SUCCESS;
    }

    /** @return bool whether what is written of its tubs was not what follows from their events */
    private function restood(Batch $batch, bool $dry): bool
    {
        $before = self::tubs($batch);
        DB::beginTransaction();
        Standing::write($batch, StoredShelf::batch($batch), CarbonImmutable::now());
        $after = self::tubs($batch);
        $dry ? DB::rollBack() : DB::commit();

        return $before !== $after;
    }

    /** As they stand, without when that was written. */
    private static function tubs(Batch $batch): string
    {
        return $batch->tubs()->get()->map(static fn(Tub $tub): array => $tub->makeHidden('updated_at')->toArray())->toJson();
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
