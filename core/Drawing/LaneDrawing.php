<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Lines over time across lanes that have names: a colour on its way from white to burnt, a thickness from soup to binding. */
final readonly class LaneDrawing
{
    private const TICKS = 6;

    /** px of a lane that has room for its name. */
    private const NAMED = 18.0;

    /**
     * @param list<array{name: string, y: float, height: float, nameY: float, named: bool}> $lanes from below to above
     * @param list<array{x: float, minutes: string}> $ticks
     */
    private function __construct(
        public float $width,
        public float $height,
        public array $lanes,
        public array $ticks,
        private Lanes $scale,
    ) {}

    public static function of(float $width, float $height, Lanes $scale): self
    {
        $lanes = [];
        $below = 0.0;
        foreach ($scale->lanes as $name => $above) {
            $top = min($above, $scale->most);
            if ($top > $below) {
                [$y, $bottom] = [self::at($top, $scale, $height), self::at($below, $scale, $height)];
                $lanes[] = [
                    'name' => $name,
                    'y' => $y,
                    'height' => $bottom - $y,
                    'nameY' => ($y + $bottom) / 2.0 + 6.0,
                    'named' => $bottom - $y >= self::NAMED,
                ];
            }
            $below = max($below, $top);
        }
        $minutes = max(1.0, ($scale->until - $scale->from) / 60.0);
        $step = max(1.0, ceil($minutes / self::TICKS));
        $ticks = [];
        for ($minute = 0.0; $minute <= $minutes + 1e-6; $minute += $step) {
            $ticks[] = ['x' => $width * $minute / $minutes, 'minutes' => (string) (int) round($scale->from / 60.0 + $minute)];
        }

        return new self($width, $height, $lanes, $ticks, $scale);
    }

    private static function at(float $value, Lanes $scale, float $height): float
    {
        $share = $value / $scale->most;

        return $height * (1.0 - max(0.0, min(1.0, $share)));
    }

    public function x(float $second): float
    {
        $share = ($second - $this->scale->from) / max(1.0, $this->scale->until - $this->scale->from);

        return $this->width * max(0.0, min(1.0, $share));
    }

    public function y(float $value): float
    {
        return self::at($value, $this->scale, $this->height);
    }

    /** @param list<array{float, float}> $points seconds and values */
    public function line(array $points): string
    {
        $path = '';
        foreach ($points as $i => [$second, $value]) {
            $path .= Svg::path(($i === 0 ? 'M' : 'L') . '%s %s', $this->x($second), $this->y($value));
        }

        return $path;
    }
}
