<?php

declare(strict_types=1);

namespace Lento\Course;

/** What a cook can read off a pot. */
enum ReadingKind: string
{
    case Colour = 'colour';
    case Temperature = 'temperature';
    case Depth = 'depth';
    case Weight = 'weight';
    case Spoon = 'spoon';
    case Line = 'line';
    /** How fast the trail of a spatula on the bottom closes. */
    case Trail = 'trail';
    /** Whether what falls from the ladle lies on the sauce for two seconds. */
    case Ribbon = 'ribbon';
    case Spread = 'spread';
    case FunnelNarrow = 'funnel-6';
    case FunnelWide = 'funnel-10';

    /**
     * What an instrument at a stove can show, in SI; outside it, the reading is a slip of the finger.
     *
     * @return array{float, float} shade, K, m, kg, number of the spoon's or the trail's word from 0, line or ribbon held or not, m across,
     * s
     */
    public function range(): array
    {
        return match ($this) {
            self::Colour => [0.0, 4.0],
            self::Temperature => [273.15, 573.15],
            self::Depth => [0.001, 1.0],
            self::Weight => [0.1, 400.0],
            self::Spoon => [0.0, 5.0],
            self::Line, self::Ribbon => [0.0, 1.0],
            self::Trail => [0.0, 2.0],
            self::Spread => [0.050, 0.250],
            self::FunnelNarrow, self::FunnelWide => [1.0, 600.0],
        };
    }
}
