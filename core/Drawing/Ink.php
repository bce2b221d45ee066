<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Which ink reads on a filled colour. */
enum Ink: string
{
    case OnLight = 'on-light';
    case OnDark = 'on-dark';

    /** Above this relative luminance dark text has the better contrast; the design's choice. */
    private const LIGHT_ABOVE = 0.2;

    /** @param string $hex #rrggbb */
    public static function on(string $hex): self
    {
        $luminance = 0.0;
        foreach ([1 => 0.2126, 3 => 0.7152, 5 => 0.0722] as $from => $weight) {
            $channel = (float) hexdec(substr($hex, $from, 2)) / 255.0;
            $luminance += $weight * ($channel <= 0.03928 ? $channel / 12.92 : (($channel + 0.055) / 1.055) ** 2.4);
        }

        return $luminance > self::LIGHT_ABOVE ? self::OnLight : self::OnDark;
    }
}
