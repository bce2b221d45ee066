<?php

declare(strict_types=1);

namespace App\Stove;

use App\Models\Pot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;

/** Adds an event to a pot, once, whatever the line does; a finished pot is closed with what came out. */
final readonly class RecordEvent
{
    /**
     * @param array{step: int, pour: int, seconds: int, text: string|null} $what
     * @param array<string, mixed>|null $outcome
     */
    public function __invoke(Pot $pot, EventKind $kind, string $token, array $what, CarbonImmutable $at, ?array $outcome = null): void
    {
        DB::transaction(static function () use ($pot, $kind, $token, $what, $at, $outcome): void {
            $pot->events()->firstOrCreate(['token' => $token], [...$what, 'kind' => $kind, 'at' => $at]);
            $course = $pot->load('events')->course();
            if ($course->finishedAt !== null && $pot->finished_at === null) {
                $pot->update(['finished_at' => $course->finishedAt, 'outcome' => $outcome]);
            }
        });
    }
}
