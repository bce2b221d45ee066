<?php

declare(strict_types=1);

namespace App\Http;

use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

/** When a form was really sent off: a tablet without a line holds it, and says so when the line is back. */
final readonly class HeldSince
{
    /** Names the time, ms since 1970, in a form that was held; and in a header that it was. */
    public const FIELD = 'held_at';

    public const HEADER = 'Lento-Held';

    /** Longer than that no line is down: then the tablet's clock is wrong, and now is as near as can be said. */
    private const LONGEST_HOURS = 24;

    public static function at(Request $request, CarbonImmutable $now): CarbonImmutable
    {
        $said = $request->post(self::FIELD);
        if (!is_string($said) || preg_match('/\A\d{12,14}\z/', $said) !== 1) {
            return $now;
        }
        $at = CarbonImmutable::createFromTimestampMs((int) $said, $now->getTimezone());

        return $at > $now || $at < $now->subHours(self::LONGEST_HOURS) ? $now : $at;
    }

    public static function was(Request $request): bool
    {
        return $request->header(self::HEADER) === 'yes';
    }
}
