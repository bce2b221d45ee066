<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Pot;
use App\Models\Service;
use App\Models\StoredEvents;
use App\Models\TubEvent;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;

/** Whether the line is up, what time it is here, and whether anything has happened since a tablet last looked. */
final readonly class PulseController
{
    public function __invoke(): JsonResponse
    {
        $service = Service::query()->toBase()->orderByDesc('updated_at')->orderByDesc('id')->first(['id', 'updated_at', 'typed_turn']);
        $said = TubEvent::query()->toBase()->orderByDesc('id')->limit(1)->value('id');

        return new JsonResponse(
            [
                'now' => CarbonImmutable::now()->getTimestampMs(),
                'latest' => StoredEvents::latest(),
                'pots' => Pot::query()->whereNull('finished_at')->count(),
                // The last thing said at a tub: a number that only grows.
                'shelf' => is_numeric($said) ? (int) $said : 0,
                'service' => $service === null ? '' : implode(' ', array_filter((array) $service, is_scalar(...))),
            ],
            headers: ['Cache-Control' => 'no-store'],
        );
    }
}
