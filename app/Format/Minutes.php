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
            $minutes < 1 => 'under 1 min',
            $minutes < 100 => $minutes . ' min',
            default => sprintf('%d h %02d min', intdiv($minutes, 60), $minutes % 60),
        };
    }
}
