<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * The gates of a cooling rule as posts, readings as dots, the curve that was, and the curves that may be.
 *
 * Labels stand where nothing else does: those of posts beside their heads, on the inner side of the last; those of readings above their
 * dots, left out where the next one's would touch them.
 */
final readonly class CoolingDrawing
{
    public const WIDTH = 540.0;

    public const HEIGHT = 340.0;

    public const POST = 14.0;

    private const FLAG = 58.0;

    private const LEFT = 40.0;

    private const RIGHT = 24.0;

    private const TOP = 12.0;

    private const BOTTOM = 30.0;

    /** px that the label of a post takes beside it. */
    private const LABEL = 92.0;

    /** px between two readings that are both named. */
    private const NAMED = 44.0;

    /** Share of the time that is drawn after the last thing in it. */
    private const AIR = 0.04;

    private const COLDEST = 0.0;

    /**
     * @param list<array{x: float, y: float, name: string}> $read
     * @param list<array{float, float}> $doubted
     * @param list<array{x: float, y: float, limit: string, by: string, anchor: string, words: float, cross: ?float}> $posts
     * @param list<array{float, string}> $xTicks
     * @param list<array{float, string}> $yTicks
     */
    private function __construct(
        public array $read,
        public array $doubted,
        public string $gone,
        public string $stands,
        public string $band,
        public string $fix,
        public array $posts,
        public float $now,
        public array $xTicks,
        public array $yTicks,
    ) {}

    /**
     * @param list<CoolingPost> $posts
     * @param list<array{float, string}> $hours minute and what the clock shows then
     */
    public static function of(CoolingCurves $curves, array $posts, float $now, array $hours, bool $fahrenheit = false): self
    {
        $end = (1.0 + self::AIR) * max([60.0, $now, ...array_map(static fn(CoolingPost $one): float => $one->minute, $posts)]);
        $hottest = max([60.0, ...array_column($curves->all(), 1)]);
        $x = new Scale(0.0, $end, self::LEFT, self::WIDTH - self::RIGHT);
        $y = new Scale(self::COLDEST, 1.04 * $hottest, self::floor(), self::TOP + 8.0);
        $fix = array_values(array_filter($curves->fix, static fn(array $point): bool => $point[0] <= $end));

        return new self(
            self::named($curves->read, $x, $y, $fahrenheit),
            array_map(static fn(array $point): array => [
                $x->at($point[0]),
                $y->at(min(1.02 * $hottest, max(self::COLDEST, $point[1]))),
            ], $curves->doubted),
            self::line($curves->gone, $x, $y, $end),
            self::line($curves->stands, $x, $y, $end),
            self::line($curves->band, $x, $y, $end),
            self::line($fix, $x, $y, $end),
            self::posts($posts, $curves->stands, $x, $y),
            $x->at(min($now, $end)),
            self::ticks($hours, $x),
            array_map(static fn(int $celsius): array => [
                $y->at((float) $celsius),
                sprintf('%.0F°', $fahrenheit ? $celsius * 1.8 + 32.0 : $celsius),
            ], range(0, (int) (20 * floor($hottest / 20.0)), 20)),
        );
    }

    /** Where the flag of now begins: left of its line, and never out of the picture. */
    public function flag(): float
    {
        return max(self::LEFT, $this->now - self::FLAG);
    }

    public static function floor(): float
    {
        return self::HEIGHT - self::BOTTOM;
    }

    public static function left(): float
    {
        return self::LEFT;
    }

    public static function right(): float
    {
        return self::WIDTH - self::RIGHT;
    }

    public static function top(): float
    {
        return self::TOP;
    }

    /**
     * @param list<array{float, float}> $points
     */
    private static function line(array $points, Scale $x, Scale $y, float $end): string
    {
        $drawn = array_map(
            static fn(array $point): array => [$x->at(min($end, $point[0])), $y->at(max(self::COLDEST, $point[1]))],
            $points,
        );

        return count($drawn) < 2 ? '' : Svg::line($drawn);
    }

    /**
     * @param list<array{float, float}> $read
     *
     * @return list<array{x: float, y: float, name: string}>
     */
    private static function named(array $read, Scale $x, Scale $y, bool $fahrenheit): array
    {
        // From the last one back: it is the one that counts, and what would touch it goes without a name.
        [$named, $next] = [[], INF];
        foreach (array_reverse($read) as [$minute, $celsius]) {
            $at = $x->at($minute);
            $isNamed = $next - $at >= self::NAMED;
            $next = $isNamed ? $at : $next;
            $named[] = [
                'x' => $at,
                'y' => $y->at(max(self::COLDEST, $celsius)),
                'name' => $isNamed ? sprintf('%.0F°', $fahrenheit ? $celsius * 1.8 + 32.0 : $celsius) : '',
            ];
        }

        return array_reverse($named);
    }

    /**
     * @param list<CoolingPost> $posts
     * @param list<array{float, float}> $stands
     *
     * @return list<array{x: float, y: float, limit: string, by: string, anchor: string, words: float, cross: ?float}>
     */
    private static function posts(array $posts, array $stands, Scale $x, Scale $y): array
    {
        $drawn = [];
        foreach ($posts as $i => $post) {
            $at = $x->at($post->minute);
            $next = isset($posts[$i + 1]) ? $x->at($posts[$i + 1]->minute) : self::WIDTH;
            // The next post's own words stand to its left where it is the last.
            $isRoom = $next - $at > self::LABEL * ($i === count($posts) - 2 ? 2.0 : 1.0) || $i === 0 && count($posts) > 1;
            $inner = $isRoom && $at + self::LABEL < self::WIDTH;
            $drawn[] = [
                'x' => $at,
                'y' => $y->at($post->celsius),
                'limit' => $post->limit,
                'by' => $post->by,
                'anchor' => $inner ? 'start' : 'end',
                'words' => $inner ? $at + self::POST / 2.0 + 7.0 : $at - self::POST / 2.0 - 7.0,
                'cross' => $post->isHit ? $y->at(self::height($stands, $post->minute)) : null,
            ];
        }

        return $drawn;
    }

    /** @param list<array{float, float}> $curve */
    private static function height(array $curve, float $minute): float
    {
        $before = null;
        foreach ($curve as $point) {
            if ($point[0] >= $minute) {
                return $before === null || $point[0] === $before[0]
                    ? $point[1]
                    : $before[1] + ($point[1] - $before[1]) * ($minute - $before[0]) / ($point[0] - $before[0]);
            }
            $before = $point;
        }

        return $before[1] ?? 0.0;
    }

    /**
     * @param list<array{float, string}> $hours
     *
     * @return list<array{float, string}>
     */
    private static function ticks(array $hours, Scale $x): array
    {
        $ticks = [];
        $last = -INF;
        foreach ($hours as [$minute, $clock]) {
            $at = $x->at($minute);
            if ($at >= self::LEFT - 1.0 && $at <= self::WIDTH - self::RIGHT + 1.0 && $at - $last >= 54.0) {
                $ticks[] = [$at, $clock];
                $last = $at;
            }
        }

        return $ticks;
    }
}
