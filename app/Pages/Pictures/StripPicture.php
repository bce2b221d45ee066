<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\StripSamples;
use App\Format\Words;
use Lento\Drawing\Ink;
use Lento\Drawing\StripDrawing;
use Lento\Plan\RouxPlan;
use Lento\Roux\Colour;

/** The colour strip: where to lift, where it ends, where yours is now, and names that keep clear of one another. */
final readonly class StripPicture
{
    private const CURVE = 44.0;

    /** px: narrower strips, on a phone, have no room beside a name. */
    private const NARROW = 600.0;

    /** px of the bracket to either side of where to lift. */
    private const BRACKET = 62.0;

    private const CLEAR = 4.0;

    /** px a letter is wide at these sizes, about. */
    private const LETTER = 11.0;

    /**
     * @param list<array{x: float, y: float, nameX: float, name: string, ink: string, hidden: bool}> $colours
     * @param array{x: float, ends: float, left: float, right: float, top: float, carries: bool} $bracket
     * @param array{text: string, x: float, y: float, anchor: string} $lift
     * @param array{text: string, x: float, anchor: string}|null $thickens null where there is no room for it
     * @param array{x: float, text: string, textX: float, textY: float, anchor: string, size: int}|null $now
     */
    private function __construct(
        public StripDrawing $drawing,
        public float $width,
        public array $colours,
        public array $bracket,
        public array $lift,
        public ?array $thickens,
        public ?array $now,
        public string $says,
    ) {}

    /** @param float|null $now shade of the roux in the pan; null where nobody knows it */
    public static function of(RouxPlan $roux, float $width, ?float $now): self
    {
        $drawing = StripDrawing::of($width, self::CURVE, StripSamples::all());
        $shade = $roux->colour->shade();
        $lifts = $roux->lifted->shade ?? $shade;
        $narrow = $width < self::NARROW;
        [$x, $nowX] = [$drawing->x($lifts->value), $now === null ? null : $drawing->x($now)];
        $carries = $shade->value - $lifts->value > 0.05;
        $percent = sprintf('%.0F', 100.0 * $shade->strength());
        $half = min(self::BRACKET, $width / 12.0);
        $lift = self::lift($carries, $x, $width);
        $mark = $nowX === null ? null : self::mark($nowX, $lift, $width);

        return new self(
            $drawing,
            $width,
            self::colours($drawing, $nowX, $narrow),
            [
                'x' => $x,
                'ends' => $drawing->x($shade->value),
                'left' => max(2.0, $x - $half),
                'right' => $x + $half,
                'top' => $carries ? 101.0 : 36.0,
                'carries' => $carries,
            ],
            $lift,
            self::thickens($carries, $percent, $x, $width, $mark),
            $mark,
            Words::text('compose.strip_says', colour: Words::text('compose.colour.' . $roux->colour->value), percent: $percent)
                . ($carries ? ' ' . Words::text('stove.carries_says') : ''),
        );
    }

    /**
     * @return list<array{x: float, y: float, nameX: float, name: string, ink: string, hidden: bool}> a name gives way to the marker; on a
     * narrow strip there is no room beside it
     */
    private static function colours(StripDrawing $drawing, ?float $nowX, bool $narrow): array
    {
        return array_map(static function (Colour $colour) use ($drawing, $nowX, $narrow): array {
            $at = $drawing->x($colour->shade()->value);
            $middle = max(28.0, $at);
            $near = $nowX !== null && abs($nowX - $middle) < ($narrow ? 34.0 : 46.0);
            $off = $near ? ($at >= $nowX || $nowX < 90.0 ? 1.0 : -1.0) * 52.0 - ($middle - $nowX) : 0.0;

            return [
                'x' => $at,
                'y' => $drawing->y($colour->shade()->strength()),
                'nameX' => $middle + $off,
                'name' => Words::text('compose.colour.' . $colour->value),
                'ink' => Ink::on($colour->shade()->swatch()->hex())->value,
                'hidden' => $near && $narrow,
            ];
        }, Colour::cases());
    }

    /** @return array{text: string, x: float, y: float, anchor: string} */
    private static function lift(bool $carries, float $x, float $width): array
    {
        return [
            'text' => Words::text($carries ? 'stove.lift_here' : 'stove.stop_here'),
            'x' => min($width - 52.0, max(78.0, $x)),
            'y' => 160.0,
            'anchor' => 'middle',
        ];
    }

    /**
     * Yours: its words under the strip on the side where there is room, and above it where "lift here" stands in their way.
     *
     * @param array{text: string, x: float, y: float, anchor: string} $lift
     *
     * @return array{x: float, text: string, textX: float, textY: float, anchor: string, size: int}
     */
    private static function mark(float $nowX, array $lift, float $width): array
    {
        $text = Words::text('stove.yours_now');
        $above = static fn(int $size): array => [
            'x' => $nowX,
            'text' => $text,
            'textX' => $nowX > 0.6 * $width ? $nowX : max(4.0, min($nowX + 8.0, $width - 90.0)),
            'textY' => 30.0,
            'anchor' => $nowX > 0.6 * $width ? 'end' : 'start',
            'size' => $size,
        ];
        if ($width < self::NARROW) {
            return $above(18);
        }
        $left = $nowX > 150.0;
        $mark = [
            'x' => $nowX,
            'text' => $text,
            'textX' => $nowX + ($left ? -14.0 : 14.0),
            'textY' => 160.0,
            'anchor' => $left ? 'end' : 'start',
            'size' => 21,
        ];

        return self::overlap(self::extent($mark['textX'], $text, $mark['anchor']), self::extent($lift['x'], $lift['text'], $lift['anchor']))
            ? $above(21)
            : $mark;
    }

    /**
     * @param array{x: float, text: string, textX: float, textY: float, anchor: string, size: int}|null $mark
     *
     * @return array{text: string, x: float, anchor: string}|null
     */
    private static function thickens(bool $carries, string $percent, float $x, float $width, ?array $mark): ?array
    {
        $right = $x > 0.6 * $width;
        $text = Words::text($carries && $width >= self::NARROW ? 'stove.carries_thickens' : 'stove.thickens', percent: $percent);
        $said = ['text' => $text, 'x' => $right ? max(78.0, $x) - 64.0 : max(78.0, $x) + 64.0, 'anchor' => $right ? 'end' : 'start'];
        $inTheWay = $mark !== null
        && $mark['textY'] > 100.0
        && self::overlap(self::extent($said['x'], $text, $said['anchor']), self::extent($mark['textX'], $mark['text'], $mark['anchor']));

        return $inTheWay ? null : $said;
    }

    /** @return array{float, float} from where to where a text stands, about */
    private static function extent(float $x, string $text, string $anchor): array
    {
        $long = self::LETTER * mb_strlen($text);

        return match ($anchor) {
            'end' => [$x - $long, $x],
            'middle' => [$x - $long / 2.0, $x + $long / 2.0],
            default => [$x, $x + $long],
        };
    }

    /**
     * @param array{float, float} $one
     * @param array{float, float} $other
     */
    private static function overlap(array $one, array $other): bool
    {
        return $one[0] < $other[1] + self::CLEAR && $other[0] < $one[1] + self::CLEAR;
    }
}
