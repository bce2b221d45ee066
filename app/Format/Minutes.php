<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Quantity\Duration;

/** How long, in the words of a kitchen: never seconds, hours only when there are some. */
final readonly class Minutes
{
    public static function text(Duration $time): string
    {
        $minutes = (int) round($time->inMinutes());

        return match (true) {
            $time->seconds <= 0.0 => '',
            $minutes < 1 => Words::text('units.under_a_minute'),
            $minutes < 100 => Words::text('units.minutes', count: $minutes),
            default => Words::text('units.hours', hours: intdiv($minutes, 60), minutes: sprintf('%02d', $minutes % 60)),
        };
    }
}
