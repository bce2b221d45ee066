<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\Calendar;
use App\People\Here;
use App\People\Presence;
use App\People\Role;
use App\Score\CookCalendar;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\RateLimiter;

/** GET /api/v1/calendars/{token}.ics: what one cook has been told to do, in every service of the kitchen. */
final readonly class CalendarController
{
    public function __invoke(string $token, Request $request, Here $here): Response
    {
        $wrong = 'wrong-token:' . $request->ip();
        if (RateLimiter::tooManyAttempts($wrong, config()->integer('lento.rates.wrong_tokens'))) {
            return new Response('', 429, ['Retry-After' => '60']);
        }
        $calendar = Calendar::holding($token);
        if ($calendar === null) {
            RateLimiter::hit($wrong);

            return new Response('', 404);
        }
        $here->enter(new Presence($calendar->galley_id, Role::Cook, null, $calendar->cook));

        return new Response(CookCalendar::of($calendar->cook, CarbonImmutable::now()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'no-store',
            'Referrer-Policy' => 'no-referrer',
        ]);
    }
}
