<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Drawing\StripDrawing;
use Lento\Roux\Shade;

/** The roux from raw to the edge of burnt, sampled for the strip: shade, swatch, strength left. */
final readonly class StripSamples
{
    /** Beyond dark there is nothing to cook: the strip ends short of burnt. */
    public const DARKEST = 3.4;

    /** @return non-empty-list<array{float, string, float}> */
    public static function all(): array
    {
        return array_map(static function (int $i): array {
            $shade = Shade::of(self::DARKEST * $i / StripDrawing::steps());

            return [$shade->value, $shade->swatch()->hex(), $shade->strength()];
        }, range(0, StripDrawing::steps()));
    }
}
