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

    private const TAPS = 8;

    /**
     * Places to tap along the strip, evenly spaced: the shade in the middle of each, and its name for those who cannot see it.
     *
     * @return non-empty-list<array{string, string}>
     */
    public static function taps(): array
    {
        return array_map(static function (int $i): array {
            $shade = self::DARKEST * ($i + 0.5) / self::TAPS;

            return [sprintf('%.2F', $shade), EventWords::colour($shade)];
        }, range(0, self::TAPS - 1));
    }

    /** @return non-empty-list<array{float, string, float}> */
    public static function all(): array
    {
        return array_map(static function (int $i): array {
            $shade = Shade::of(self::DARKEST * $i / StripDrawing::steps());

            return [$shade->value, $shade->swatch()->hex(), $shade->strength()];
        }, range(0, StripDrawing::steps()));
    }
}
