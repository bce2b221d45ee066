<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Pot;
use App\Models\StoredEvents;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

/** Whether the line is up, what time it is here, and whether anything has happened since a tablet last looked. */
final readonly class PulseController
{
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(
            [
                'now' => CarbonImmutable::now()->getTimestampMs(),
                'latest' => StoredEvents::latest(),
                'pots' => Pot::query()->whereNull('finished_at')->count(),
            ],
            headers: ['Cache-Control' => 'no-store'],
        );
    }
}
