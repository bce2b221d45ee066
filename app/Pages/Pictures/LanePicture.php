<?php

declare(strict_types=1);

namespace App\Pages\Pictures;

use App\Format\Words;
use App\Practice\Talk;
use Lento\Drawing\LaneDrawing;
use Lento\Drawing\Lanes;
use Lento\Drawing\Svg;
use Lento\Practice\CarefulCook;
use Lento\Practice\Played;
use Lento\Practice\Standing;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/** What became of a practice pot beside the best that could be: the colour of its roux, and how thick it was. */
final readonly class LanePicture
{
    private const HEIGHT = 180.0;

    private const EVERY = 20;

    /** px that words beside a mark take. */
    private const NAME = 190.0;

    private const SHADES = ['white' => 0.6, 'blond' => 1.5, 'brown' => 2.8, 'dark' => 3.5, 'burnt' => 4.0];

    /** g flour per litre that are drawn at most. */
    private const THICKEST = 130.0;

    /**
     * @param array{x: float, y: float, nameX: float, anchor: string}|null $began where most was lost
     * @param array{x: float, y: float, text: string, nameX: float, nameY: float, anchor: string} $end
     */
    private function __construct(
        public string $kind,
        public LaneDrawing $drawing,
        public string $yours,
        public string $best,
        public ?array $began,
        public array $end,
        public string $says,
    ) {}

    public function box(): string
    {
        return Svg::path('-78 -26 %s %s', $this->drawing->width + 88.0, $this->drawing->height + 56.0);
    }

    /** y of the minutes below it. */
    public function under(): float
    {
        return $this->drawing->height + 24.0;
    }

    /**
     * @param list<float> $widths px
     *
     * @return list<list<self>> what there is to draw, at each width
     */
    public static function of(Talk $talk, ?int $again, array $widths): array
    {
        $running = $talk->running;
        $course = $running->pot->course($running->played->deeds, self::EVERY);
        $best = self::best($talk, $again);
        $pictures = [];
        $shade = static fn(Standing $one): ?float => $one->pot->state->paste === null ? null : $one->pot->state->shade?->value;
        $thick = static fn(Standing $one): ?float => $one->pot->state->paste === null && $one->pot->state->sauce->grams() > 0.0
            ? EquivalentFlour::of($one->pot->state->sauce)->gramsPerLitre
            : null;
        $classes = [];
        foreach (ThicknessClass::cases() as $class) {
            $classes[Words::text('thickness.class.' . $class->value)] = $class->most()->gramsPerLitre;
        }
        $shades = [];
        foreach (self::SHADES as $name => $until) {
            $shades[Words::text('practice.stages.' . $name)] = $until;
        }
        foreach ([['shade', $shade, $shades, 4.0], ['thickness', $thick, $classes, self::THICKEST]] as [$kind, $value, $lanes, $most]) {
            [$yours, $theirs] = [self::points($course, $value), self::points($best, $value)];
            if (count($yours) > 1) {
                $pictures[] = array_map(
                    static fn(float $width): self => self::drawn($kind, $yours, $theirs, $lanes, [$most, $again, $width]),
                    $widths,
                );
            }
        }

        return $pictures;
    }

    /**
     * What careful hands would have made of it from there on.
     *
     * @return list<Standing>
     */
    private static function best(Talk $talk, ?int $again): array
    {
        $running = $talk->running;
        $from = $running->played->begins[0];
        foreach ($running->played->begins as $begin) {
            $from = $again !== null && $begin->second() <= $again ? $begin : $from;
        }
        $finished = (new CarefulCook($running->pot))->finishes(Played::from($from));

        return $finished === null ? [] : $running->pot->course($finished->deeds, self::EVERY, $from);
    }

    /**
     * @param list<Standing> $course
     * @param callable(Standing): ?float $value
     *
     * @return list<array{float, float}>
     */
    private static function points(array $course, callable $value): array
    {
        $points = [];
        foreach ($course as $one) {
            $is = $value($one);
            if ($is !== null) {
                $points[] = [(float) $one->second(), $is];
            }
        }

        return $points;
    }

    /**
     * @param non-empty-list<array{float, float}> $yours
     * @param list<array{float, float}> $best
     * @param array<string, float> $lanes
     * @param array{float, int|null, float} $over the most of it, where it began, and how wide it is drawn
     */
    private static function drawn(string $kind, array $yours, array $best, array $lanes, array $over): self
    {
        [$most, $again, $width] = $over;
        $until = max($yours[count($yours) - 1][0], $best === [] ? 0.0 : $best[count($best) - 1][0]);
        $drawing = LaneDrawing::of($width, self::HEIGHT, Lanes::over($yours[0][0], $until, $most, $lanes));
        $last = $yours[count($yours) - 1];
        $at = array_values(array_filter($yours, static fn(array $point): bool => $again !== null && $point[0] >= $again))[0] ?? null;
        $text = Words::text('practice.debrief.yours') . ' ' . ($kind === 'shade' ? self::lane($last[1], $lanes) : round($last[1]) . ' g/l');

        return new self(
            $kind,
            $drawing,
            $drawing->line($yours),
            $drawing->line($best),
            $again !== null && $at !== null && $again >= $yours[0][0] ? self::mark($drawing, $at) : null,
            self::end($drawing, $last, $text),
            Words::text('practice.debrief.drawn.' . $kind, lane: self::lane($last[1], $lanes), best: $best === []
                ? Words::text('practice.debrief.none')
                : self::lane($best[count($best) - 1][1], $lanes)),
        );
    }

    /**
     * @param array{float, float} $at
     *
     * @return array{x: float, y: float, nameX: float, anchor: string}
     */
    private static function mark(LaneDrawing $drawing, array $at): array
    {
        $x = $drawing->x($at[0]);
        $left = $x > $drawing->width - self::NAME;

        return ['x' => $x, 'y' => $drawing->y($at[1]), 'nameX' => $x + ($left ? -6.0 : 6.0), 'anchor' => $left ? 'end' : 'start'];
    }

    /**
     * @param array{float, float} $at
     *
     * @return array{x: float, y: float, text: string, nameX: float, nameY: float, anchor: string}
     */
    private static function end(LaneDrawing $drawing, array $at, string $text): array
    {
        [$x, $y] = [$drawing->x($at[0]), $drawing->y($at[1])];
        $left = $x > $drawing->width - self::NAME;

        return [
            'x' => $x,
            'y' => $y,
            'text' => $text,
            'nameX' => $x + ($left ? -12.0 : 12.0),
            'nameY' => max(16.0, $y - 12.0),
            'anchor' => $left ? 'end' : 'start',
        ];
    }

    /** @param array<string, float> $lanes */
    private static function lane(float $value, array $lanes): string
    {
        foreach ($lanes as $name => $until) {
            if ($value < $until) {
                return $name;
            }
        }

        return (string) array_key_last($lanes);
    }
}
