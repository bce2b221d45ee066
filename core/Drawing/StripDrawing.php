<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** The roux strip: colour along x, thickening left as the curve above it. */
final readonly class StripDrawing
{
    private const POINTS = 48;

    /** @param list<array{offset: float, hex: string}> $stops */
    private function __construct(
        public float $width,
        public float $curveHeight,
        public array $stops,
        public string $curve,
        private Scale $x,
        private float $darkest,
    ) {}

    /**
     * @param non-empty-list<array{float, string, float}> $samples shade, colour as #rrggbb, strength left (0 to 1), even steps from 0
     */
    public static function of(float $width, float $curveHeight, array $samples): self
    {
        $darkest = $samples[count($samples) - 1][0];
        $x = new Scale(0.0, $darkest, 0.0, $width);
        $points = [];
        $stops = [];
        foreach ($samples as [$shade, $hex, $strength]) {
            $points[] = [$x->at($shade), $curveHeight * (1.0 - $strength) + 2.0];
            $stops[] = ['offset' => round(100.0 * $shade / $darkest, 2), 'hex' => $hex];
        }

        return new self($width, $curveHeight, $stops, Svg::line($points), $x, $darkest);
    }

    /** @return int how many even steps a caller should sample */
    public static function steps(): int
    {
        return self::POINTS;
    }

    public function x(float $shade): float
    {
        return $this->x->at(min($shade, $this->darkest));
    }

    public function y(float $strength): float
    {
        return $this->curveHeight * (1.0 - $strength) + 2.0;
    }

    /** The curve closed down to the bar, for a wash under it. */
    public function area(): string
    {
        return $this->curve . Svg::path('V%sH0Z', $this->curveHeight + 2.0);
    }
}
