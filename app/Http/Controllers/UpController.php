<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Backup\Backups;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Whether Lento could take a tap now, as whoever watches over it asks: the lock for writing, the room on the disk, the last copy. */
final readonly class UpController
{
    /** MB: enough for a busy day's events and a copy of them. */
    private const LEAST_FREE = 100.0;

    public function __invoke(): JsonResponse
    {
        $writes = self::writes();
        $free = disk_free_space(storage_path());
        $megabytes = $free === false ? 0.0 : floor($free / 1_048_576);
        $copied = Backups::usual()->latest()?->madeAt();
        $isWell = $writes && $megabytes >= self::LEAST_FREE;

        return new JsonResponse([
            'status' => $isWell ? 'up' : 'ailing',
            'writes' => $writes,
            'free_mb' => $megabytes,
            'copied_hours_ago' => $copied === null ? null : round($copied->diffInHours(CarbonImmutable::now()), 1),
        ], $isWell ? 200 : 503, ['Cache-Control' => 'no-store']);
    }

    /** A writer's lock taken and given back: nothing is left of it. */
    private static function writes(): bool
    {
        try {
            DB::transaction(static fn() => DB::table('migrations')->where('id', 0)->update(['batch' => 0]));

            return true;
        } catch (Throwable) {
            return false;
        }
    }
}
