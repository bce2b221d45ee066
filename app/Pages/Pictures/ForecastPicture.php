<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\Words;
use Lento\Drawing\ForecastCurves;
use Lento\Drawing\ForecastDrawing;
use Lento\Stove\Point;
use Lento\Stove\Trend;

/** A level that sinks or a colour that rises: as planned, as it was, where it was read, and ahead. */
final readonly class ForecastPicture
{
    /** @param bool $sinks a level does, and leaves the right corner free; a colour rises, and leaves the left one */
    private function __construct(public ForecastDrawing $drawing, public bool $sinks, public string $says, public string $unit) {}

    /**
     * @param float $now s
     * @param string $value depth or roux: what the curve is of
     */
    public static function of(Trend $curve, float $now, string $value, float $width, float $height): self
    {
        $minute = $now / 60.0;
        $arrives = $curve->arrives;
        $sinks = $value === 'depth';
        $is = $curve->gone === [] ? $curve->target : $curve->gone[count($curve->gone) - 1]->value;
        $figure = static fn(float $number): string => number_format($number, $sinks ? 0 : 1);

        return new self(
            ForecastDrawing::of(
                $width,
                $height,
                new ForecastCurves(
                    self::points($curve->planned),
                    self::points($curve->gone),
                    self::points($curve->read),
                    self::points($curve->ahead),
                ),
                $curve->target,
                $minute,
                $arrives === null ? null : [$minute + $arrives->low, $minute + $arrives->likely, $minute + $arrives->high],
            ),
            $sinks,
            Words::text('stove.curve.' . $value, now: $figure($is), target: $figure($curve->target)),
            Words::text('stove.curve.' . ($sinks ? 'mm' : 'shade')),
        );
    }

    /**
     * @param list<Point> $points
     *
     * @return list<array{float, float}> minutes, value
     */
    private static function points(array $points): array
    {
        return array_map(static fn(Point $point): array => [$point->at->inMinutes(), $point->value], $points);
    }
}
