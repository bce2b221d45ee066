<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * A few curves over one pair of axes, as a whole SVG: for documents, where no stylesheet reaches. Each curve is told apart by its dashes
 * and its name.
 */
final readonly class LineChart
{
    private const WIDTH = 760.0;

    private const HEIGHT = 400.0;

    private const LEFT = 64.0;

    private const RIGHT = 150.0;

    private const TOP = 62.0;

    private const BOTTOM = 52.0;

    private const INK = '#2b211a';

    private const SOFT = '#6a5a4a';

    private const RULE = '#d9cdb8';

    private const DASHES = ['', '9 4', '3 3', '12 3 3 3', '6 2 1 2 1 2'];

    /** @param list<array{name: string, points: non-empty-list<array{float, float}>}> $curves */
    private function __construct(
        private string $title,
        private string $xName,
        private string $yName,
        private Scale $x,
        private Scale $y,
        private float $xMost,
        private float $yMost,
        private array $curves,
    ) {}

    /**
     * @param list<array{name: string, points: non-empty-list<array{float, float}>}> $curves from the origin up to the given ends of the
     * axes
     */
    public static function of(string $title, string $xName, string $yName, float $xMost, float $yMost, array $curves): self
    {
        return new self(
            $title,
            $xName,
            $yName,
            new Scale(0.0, $xMost, self::LEFT, self::WIDTH - self::RIGHT),
            new Scale(0.0, $yMost, self::HEIGHT - self::BOTTOM, self::TOP),
            $xMost,
            $yMost,
            $curves,
        );
    }

    /** @param string $more further marks, drawn beneath the curves */
    public function svg(string $more = ''): string
    {
        return sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$.0F %2$.0F" role="img" font-family="sans-serif" '
                . 'font-size="14"><title>%3$s</title><rect width="%1$.0F" height="%2$.0F" fill="#fbf7ef"/>',
            self::WIDTH,
            self::HEIGHT,
            self::escaped($this->title),
        )
            . $more
            . $this->axes()
            . $this->curves()
            . sprintf(
                '<text x="%.0F" y="24" font-size="17" font-weight="bold" fill="%s">%s</text></svg>' . "\n",
                self::LEFT,
                self::INK,
                self::escaped($this->title),
            );
    }

    /** A band of colour under the x axis, for a scale that is a colour. */
    public function swatch(float $from, float $to, string $hex): string
    {
        return sprintf(
            '<rect x="%s" y="%s" width="%s" height="10" fill="%s"/>',
            Svg::number($this->x->at($from)),
            Svg::number($this->y->at(0.0)),
            Svg::number($this->x->at($to) - $this->x->at($from) + 0.5),
            $hex,
        );
    }

    /** A post hanging down to a limit: the curve must pass beneath. */
    public function gate(float $x, float $y, string $name): string
    {
        return sprintf(
            '<path d="M%1$s %2$sV%3$s" stroke="%4$s" stroke-width="5"/><text x="%5$s" y="%7$s" fill="%4$s">%6$s</text>',
            Svg::number($this->x->at($x)),
            Svg::number(self::TOP),
            Svg::number($this->y->at($y)),
            '#a3262a',
            Svg::number($this->x->at($x) + 8.0),
            self::escaped($name),
            Svg::number(self::TOP + 14.0),
        );
    }

    private function axes(): string
    {
        $svg = '';
        foreach ($this->ticks($this->yMost, 6.0) as $value) {
            $at = Svg::number($this->y->at($value));
            $svg .= sprintf(
                '<path d="M%s %sH%s" stroke="%s"/><text x="%s" y="%s" text-anchor="end" dominant-baseline="middle" fill="%s">%s</text>',
                self::LEFT,
                $at,
                self::WIDTH - self::RIGHT,
                self::RULE,
                self::LEFT - 8.0,
                $at,
                self::SOFT,
                self::number($value),
            );
        }
        foreach ($this->ticks($this->xMost, 9.0) as $value) {
            $svg .= sprintf(
                '<text x="%s" y="%s" text-anchor="middle" fill="%s">%s</text>',
                Svg::number($this->x->at($value)),
                self::HEIGHT - self::BOTTOM + 26.0,
                self::SOFT,
                self::number($value),
            );
        }

        return $svg
            . sprintf(
                '<path d="M%1$s %2$sV%3$sH%4$s" fill="none" stroke="%5$s" stroke-width="1.5"/><text x="%4$s" y="%6$s" '
                    . 'text-anchor="end" fill="%5$s">%7$s</text><text x="%8$s" y="%9$s" fill="%5$s">%10$s</text>',
                self::LEFT,
                self::TOP,
                self::HEIGHT - self::BOTTOM,
                self::WIDTH - self::RIGHT,
                self::INK,
                self::HEIGHT - 8.0,
                self::escaped($this->xName),
                8.0,
                self::TOP - 18.0,
                self::escaped($this->yName),
            );
    }

    private function curves(): string
    {
        $svg = '';
        $taken = [];
        foreach ($this->curves as $i => ['name' => $name, 'points' => $points]) {
            $inside = array_values(
                array_filter($points, fn(array $point): bool => $point[0] <= $this->xMost + 1e-9 && $point[1] <= $this->yMost + 1e-9),
            );
            if ($inside === []) {
                continue;
            }
            $path = Svg::line(array_map(fn(array $point): array => [$this->x->at($point[0]), $this->y->at($point[1])], $inside));
            $last = $inside[count($inside) - 1];
            $label = $this->free($this->y->at($last[1]), $taken);
            $taken[] = $label;
            $svg
                .= sprintf(
                    '<path d="%s" fill="none" stroke="%s" stroke-width="2.5" stroke-dasharray="%s"/>',
                    $path,
                    self::INK,
                    self::DASHES[$i % count(self::DASHES)],
                )
                . sprintf(
                    '<text x="%s" y="%s" dominant-baseline="middle" fill="%s">%s</text>',
                    Svg::number($this->x->at($last[0]) + 8.0),
                    Svg::number($label),
                    self::INK,
                    self::escaped($name),
                );
        }

        return $svg;
    }

    /**
     * The nearest height at which a name runs into no other.
     *
     * @param list<float> $taken
     */
    private function free(float $wanted, array $taken): float
    {
        foreach ([0.0, 17.0, -17.0, 34.0, -34.0, 51.0, -51.0] as $shift) {
            if (array_filter($taken, static fn(float $y): bool => abs($y - $wanted - $shift) < 16.0) === []) {
                return $wanted + $shift;
            }
        }

        return $wanted;
    }

    /** @return list<float> */
    private function ticks(float $most, float $about): array
    {
        $rough = $most / $about;
        $power = 10.0 ** floor(log10($rough));
        $step = $power * ($rough / $power < 1.5 ? 1.0 : ($rough / $power < 3.5 ? 2.0 : ($rough / $power < 7.5 ? 5.0 : 10.0)));
        $ticks = [];
        for ($value = 0.0; $value <= $most + 1e-9; $value += $step) {
            $ticks[] = $value;
        }

        return $ticks;
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(sprintf('%.1F', $value), '0'), '.');
    }

    private static function escaped(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1);
    }
}
