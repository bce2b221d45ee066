<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * The back of a spoon held level with a finger line drawn through its film, and beside it the same bowl in section.
 *
 * The film is drawn 13 units a millimetre in the section; the line closes, and drops hang, as the sauce is thinner.
 */
final readonly class SpoonDrawing
{
    public const WIDTH = 284.0;

    public const HEIGHT = 140.0;

    /** The view of the bowl and the drops alone, without handle and section. */
    public const BOWL_BOX = '60 6 148 132';

    private const CENTRE_X = 134.0;

    private const CENTRE_Y = 58.0;

    private const RX = 66.0;

    private const RY = 43.6;

    private const SECTION_X = 228.0;

    private const PER_MILLIMETRE = 13.0;

    /** Thicker than this is drawn no thicker: it already fills the bowl. */
    private const THICKEST = 3.2;

    /** @param float $run 0 the line holds clean, 1 it closes at once */
    private function __construct(public float $filmMillimetres, public float $run, public float $opacity, public int $drops) {}

    /**
     * @param float $filmMillimetres thickness of the film after ten seconds
     * @param float $yield Pa; holds the line from 1.2 on
     * @param float $viscosity Pa s, for the drops
     */
    public static function of(float $filmMillimetres, float $yield, float $viscosity): self
    {
        $run = max(0.0, min(1.0, 1.0 - log(max($yield, 1e-6) / 0.1) / log(1.2 / 0.1)));

        return new self(
            min(self::THICKEST, $filmMillimetres),
            $filmMillimetres < 0.45 ? max(0.1, $run) : $run,
            min(1.0, 0.18 + 0.82 * (1.0 - exp(-$filmMillimetres / 0.55))),
            match (true) {
                $viscosity < 0.08 => 4,
                $viscosity < 0.35 => 3,
                $viscosity < 1.4 => 1,
                default => 0,
            },
        );
    }

    public function bowl(): string
    {
        $at = static fn(float $dx, float $dy): string => Svg::number(self::CENTRE_X + self::RX * $dx)
            . ' '
            . Svg::number(self::CENTRE_Y + self::RY * $dy);

        return 'M'
            . $at(-1, 0)
            . 'C'
            . $at(-1, -0.62)
            . ' '
            . $at(-0.66, -1)
            . ' '
            . $at(-0.12, -1)
            . 'C'
            . $at(0.5, -1)
            . ' '
            . $at(1, -0.56)
            . ' '
            . $at(1, 0)
            . 'C'
            . $at(1, 0.56)
            . ' '
            . $at(0.5, 1)
            . ' '
            . $at(-0.12, 1)
            . 'C'
            . $at(-0.66, 1)
            . ' '
            . $at(-1, 0.62)
            . ' '
            . $at(-1, 0)
            . 'Z';
    }

    public function handle(): string
    {
        [$x, $y] = [self::CENTRE_X - self::RX, self::CENTRE_Y];

        return Svg::path(
            'M%s %sQ%s %s %s %sL8 %sQ0 %s 0 %sQ0 %s 8 %s',
            $x + 10,
            $y - 13,
            $x - 2,
            $y - 4,
            $x - 16,
            $y - 3.6,
            $y - 8,
            $y - 8,
            $y,
            $y + 8,
            $y + 8,
        ) . Svg::path('L%s %sQ%s %s %s %sZ', $x - 16, $y + 3.6, $x - 2, $y + 4, $x + 10, $y + 13);
    }

    /** The film over the far part of the bowl, wavy where it begins. */
    public function film(): string
    {
        $x = self::CENTRE_X - self::RX * 0.66;
        $top = self::CENTRE_Y - self::RY - 4.0;
        $quarter = (2.0 * self::RY + 8.0) / 4.0;
        $wave = 3.0 + 3.0 * min(1.6, $this->filmMillimetres);

        return Svg::path(
            'M%s %sq%s %s 0 %st0 %st0 %st0 %sH%sV%sZ',
            $x,
            $top,
            $wave,
            $quarter / 2.0,
            $quarter,
            $quarter,
            $quarter,
            $quarter,
            self::CENTRE_X + self::RX + 8.0,
            $top,
        );
    }

    /** The finger line: a gap that stops short of the film's edge. */
    public function gap(): string
    {
        return Svg::path(
            'M%s %sH%sa%s %s 0 0 0 0 %sH%s',
            $this->gapEnd(),
            $this->gapTop(),
            $this->gapStart(),
            $this->gapHeight() / 2.0,
            $this->gapHeight() / 2.0,
            $this->gapHeight(),
            $this->gapEnd(),
        );
    }

    /** @return list<string> tongues of sauce that reach across the line */
    public function tongues(): array
    {
        $count = (int) round($this->run * 9.0);
        $tongues = [];
        for ($i = 0; $i < $count; $i++) {
            $x = $this->gapStart() + 6.0 + $i * (self::CENTRE_X + self::RX * 0.9 - $this->gapStart() - 6.0) / max(1, $count - 1);
            $length = $this->gapHeight() * (0.4 + 0.62 * $this->run) * ($i % 3 === 1 ? 1.0 : 0.72);
            $tongues[] = Svg::path(
                'M%s %sq5.5 2 5.5 %sa2.5 2.5 0 0 0 5 0q0 %s 5.5 %sZ',
                $x - 8.0,
                $this->gapTop() - 0.5,
                $length,
                -($length - 2.0),
                -$length,
            );
        }

        return $tongues;
    }

    /** @return list<string> */
    public function drips(): array
    {
        $places = [[0.12, 0.0], [-0.28, 6.0], [0.46, 3.0], [-0.02, 22.0]];

        return array_map(
            static fn(array $at): string => Svg::path(
                'M%s %sc2 5 5 7 5 11a5 5 0 0 1 -10 0c0 -4 3 -6 5 -11Z',
                self::CENTRE_X + self::RX * $at[0],
                self::CENTRE_Y + self::RY - 1.0 + $at[1],
            ),
            array_slice($places, 0, $this->drops),
        );
    }

    public function shine(): string
    {
        [$x, $y, $rx, $ry] = [self::CENTRE_X, self::CENTRE_Y, self::RX, self::RY];

        return Svg::path(
            'M%s %sQ%s %s %s %s',
            $x - 0.34 * $rx,
            $y - 0.72 * $ry,
            $x + 0.2 * $rx,
            $y - 0.92 * $ry,
            $x + 0.62 * $rx,
            $y - 0.52 * $ry,
        );
    }

    public function sectionMetal(): string
    {
        return Svg::line(
            array_map(
                fn(int $i): array => [$this->arc($i / 30.0) - 2.0, self::CENTRE_Y - self::RY + (2.0 * self::RY * $i) / 30.0],
                range(0, 30),
            ),
        );
    }

    /** @return list<string> the film in section, above and below the finger line, thicker downhill */
    public function sectionFilms(): array
    {
        $above = ($this->gapTop() - (self::CENTRE_Y - self::RY)) / (2.0 * self::RY);
        $below = ($this->gapTop() + $this->gapHeight() - (self::CENTRE_Y - self::RY)) / (2.0 * self::RY);

        return [$this->sectionFilm(0.02, $above), $this->sectionFilm($below, 0.99)];
    }

    /** @return list<array{float, float, float}> dotted lines from bowl to section: x from, x to, y */
    public function sightLines(): array
    {
        $lines = [];
        foreach ([$this->gapTop(), $this->gapTop() + $this->gapHeight()] as $y) {
            $lines[] = [self::CENTRE_X + self::RX * 0.985, $this->arc(($y - self::CENTRE_Y + self::RY) / (2.0 * self::RY)) - 5.0, $y];
        }

        return $lines;
    }

    private function sectionFilm(float $from, float $to): string
    {
        $along = array_map(static fn(int $i): float => $from + (($to - $from) * $i) / 24.0, range(0, 24));
        $point = fn(float $t, float $film): array => [
            $this->arc($t) + $film * self::PER_MILLIMETRE,
            self::CENTRE_Y - self::RY + 2.0 * self::RY * $t,
        ];
        $film = fn(float $t): float => $this->filmMillimetres
            * sqrt(max(0.08, $t))
            * min(1.0, sqrt(max(0.0, ($t - $from) / 0.05)), sqrt(max(0.0, ($to - $t) / 0.05)));
        $outer = array_map(static fn(float $t): array => $point($t, $film($t)), $along);
        $inner = array_map(static fn(float $t): array => $point($t, 0.0), array_reverse($along));

        return Svg::line([...$outer, ...$inner]) . 'Z';
    }

    private function arc(float $t): float
    {
        return self::SECTION_X + self::RY * 0.42 * sin(M_PI * max(0.0, min(1.0, $t)));
    }

    private function gapHeight(): float
    {
        return self::RY * 0.30;
    }

    private function gapTop(): float
    {
        return self::CENTRE_Y - $this->gapHeight() / 2.0 - self::RY * 0.04;
    }

    private function gapStart(): float
    {
        return self::CENTRE_X - self::RX * 0.52;
    }

    private function gapEnd(): float
    {
        return self::CENTRE_X + self::RX + 13.0;
    }
}
