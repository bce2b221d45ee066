<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Writes numbers and paths as SVG does: at most two decimals, a point whatever the locale, no idle zeros. */
final readonly class Svg
{
    public static function number(float $value): string
    {
        $text = sprintf('%.2F', $value);

        return rtrim(rtrim($text === '-0.00' ? '0.00' : $text, '0'), '.');
    }

    /** A path template with %s for every number, so that the shape can be read. */
    public static function path(string $template, float ...$numbers): string
    {
        return vsprintf($template, array_map(self::number(...), $numbers));
    }

    /** @param non-empty-list<array{float, float}> $points */
    public static function line(array $points): string
    {
        return 'M'
            . implode('L', array_map(static fn(array $point): string => self::number($point[0]) . ' ' . self::number($point[1]), $points));
    }
}
