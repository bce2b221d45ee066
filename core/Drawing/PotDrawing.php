<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * A pan in cross-section, true to scale, with the level before and after the simmer.
 *
 * Fits any pan from saucepan to kettle into one box; labels stand outside the walls, so that no value can make them collide.
 */
final readonly class PotDrawing
{
    public const WIDTH = 472.0;

    public const HEIGHT = 206.0;

    private const WIDEST = 216.0;

    private const TALLEST = 142.0;

    private const CENTRE = 226.0;

    private const FLOOR = 186.0;

    /** Ticks on the wall stand at least so far apart. */
    private const TICK_GAP = 17.0;

    /** Narrower than this there is no room for figures on the wall. */
    private const FIGURES_FROM = 110.0;

    /** @param list<array{y: float, litres: string}> $ticks */
    private function __construct(
        public float $left,
        public float $right,
        public float $top,
        public float $floor,
        public float $startLevel,
        public float $endLevel,
        public float $limitLevel,
        public float $skewer,
        public array $ticks,
        public bool $figures,
    ) {}

    /**
     * @param float $diameterCm
     * @param float $heightCm
     * @param float $startLitres in the pan when all the liquid is in
     * @param float $endLitres in the pan after the simmer
     * @param float $limit share of the brim that is safe
     */
    public static function of(float $diameterCm, float $heightCm, float $startLitres, float $endLitres, float $limit): self
    {
        $perCm = min(self::WIDEST / $diameterCm, self::TALLEST / $heightCm);
        $width = $diameterCm * $perCm;
        $top = self::FLOOR - $heightCm * $perCm;
        $litresPerCm = M_PI * $diameterCm ** 2 / 4000.0;
        $level = static fn(float $litres): float => max($top - 6.0, self::FLOOR - $litres / $litresPerCm * $perCm);

        return new self(
            self::CENTRE - $width / 2.0,
            self::CENTRE + $width / 2.0,
            $top,
            self::FLOOR,
            $level($startLitres),
            $level($endLitres),
            self::FLOOR - $limit * $heightCm * $perCm,
            self::CENTRE - $width * 0.1,
            self::ticks($litresPerCm, $heightCm, $perCm),
            $width >= self::FIGURES_FROM,
        );
    }

    /** The inside of the pan, rounded at the floor. */
    public function inside(): string
    {
        $r = min(11.0, ($this->right - $this->left) / 4.0, ($this->floor - $this->top) / 2.0);

        return Svg::path(
            'M%s %sV%sQ%s %s %s %s',
            $this->left,
            $this->top,
            $this->floor - $r,
            $this->left,
            $this->floor,
            $this->left + $r,
            $this->floor,
        ) . Svg::path('H%sQ%s %s %s %sV%sZ', $this->right - $r, $this->right, $this->floor, $this->right, $this->floor - $r, $this->top);
    }

    public function width(): float
    {
        return $this->right - $this->left;
    }

    /** Of the copper under it. */
    public function baseWidth(): float
    {
        return max(4.0, $this->width() - 12.0);
    }

    /** Where "boil over" is written: beside its line, and never above the picture. */
    public function limitLabel(): float
    {
        return max(36.0, $this->limitLevel - 8.0);
    }

    /**
     * @return list<array{y: float, litres: string, inSauce: bool, figure: bool}> the ticks on the wall; a figure only where nothing else
     * is written
     */
    public function marks(): array
    {
        return array_map(
            fn(array $tick): array => [
                ...$tick,
                'inSauce' => $tick['y'] > $this->endLevel,
                'figure'
                    => $this->figures
                    && abs($tick['y'] - $this->limitLevel) > 9.0
                    && ($tick['y'] > $this->endLevel + 7.0 || $tick['y'] < $this->startLevel - 5.0),
            ],
            $this->ticks,
        );
    }

    /** Two arrows at the skewer, where the level has to be. */
    public function arrows(float $level): string
    {
        return Svg::path('M%s %sl7 4l-7 4Z M%s %sl-7 4l7 4Z', $this->skewer - 8.0, $level - 4.0, $this->skewer + 8.0, $level - 4.0);
    }

    /** Walls with a rolled rim. */
    public function walls(): string
    {
        $r = min(13.0, ($this->right - $this->left) / 4.0, ($this->floor - $this->top) / 2.0);
        [$left, $right, $floor, $rim] = [$this->left - 2.5, $this->right + 2.5, $this->floor + 2.5, $this->top - 3.0];

        return Svg::path('M%s %sH%sV%sQ%s %s %s %s', $left - 6.5, $rim, $left, $floor - $r, $left, $floor, $left + $r, $floor)
            . Svg::path('H%sQ%s %s %s %sV%sH%s', $right - $r, $right, $floor, $right, $floor - $r, $rim, $right + 6.5);
    }

    /** Two ears at the rim, short enough to leave the labels their room at any height. */
    public function ears(): string
    {
        return Svg::path('M%s %sh9q4 0 4 4t-4 4h-9Z', $this->right + 5.0, $this->top + 4.0)
            . Svg::path('M%s %sh-9q-4 0 -4 4t4 4h9Z', $this->left - 5.0, $this->top + 4.0);
    }

    /** From a level out to where its label stands. */
    public function leader(float $level, float $labelY): string
    {
        return Svg::path('M%s %sH%sL%s %s', $this->right + 4.0, $level, $this->right + 12.0, self::labelX() - 4.0, $labelY);
    }

    public static function labelX(): float
    {
        return self::CENTRE + self::WIDEST / 2.0 + 24.0;
    }

    /** @return list<array{y: float, litres: string}> */
    private static function ticks(float $litresPerCm, float $heightCm, float $perCm): array
    {
        $step = TickStep::first(
            [0.05, 0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0],
            static fn(float $step): bool => ($step / $litresPerCm) * $perCm >= self::TICK_GAP,
        );
        $ticks = [];
        for ($i = 1, $most = (int) floor(($litresPerCm * $heightCm) / $step + 1e-9); $i <= $most; $i++) {
            $ticks[] = [
                'y' => self::FLOOR - (($i * $step) / $litresPerCm) * $perCm,
                'litres' => rtrim(rtrim(sprintf('%.2F', $i * $step), '0'), '.'),
            ];
        }

        return $ticks;
    }
}
