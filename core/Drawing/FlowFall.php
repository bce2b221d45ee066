<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** What is ladled off one pan into another, as wide as it is much. */
final readonly class FlowFall
{
    /** px of a fall in which its litres have room. */
    private const WIDE_ENOUGH = 66.0;

    private const GATE_OVER_RIM = 24.0;

    private const GATE_BAR = 28.0;

    private function __construct(
        public FlowSauce $sauce,
        public float $from,
        public float $width,
        public float $top,
        public float $centre,
        public float $straightFrom,
        public float $rim,
    ) {}

    /**
     * @param float $from x of its left edge where it leaves
     * @param float $top y of that
     * @param float $centre x where it comes down
     * @param float $rim y of the pan it falls into
     */
    public static function of(FlowSauce $sauce, float $from, float $width, float $top, float $centre, float $rim): self
    {
        return new self($sauce, $from, $width, $top, $centre, $top + 0.24 * ($rim - $top), $rim);
    }

    public function left(): float
    {
        return $this->centre - $this->width / 2.0;
    }

    public function right(): float
    {
        return $this->centre + $this->width / 2.0;
    }

    public function shape(): string
    {
        $bend = 0.6 * ($this->straightFrom - $this->top);
        [$end, $in] = [$this->from + $this->width, $this->rim + 15.0];

        return Svg::path(
            'M%s %sC%s %s %s %s %s %s',
            $this->from,
            $this->top,
            $this->from,
            $this->top + $bend,
            $this->left(),
            $this->straightFrom - $bend,
            $this->left(),
            $this->straightFrom,
        )
            . Svg::path('V%sH%sV%s', $in, $this->right(), $this->straightFrom)
            . Svg::path('C%s %s %s %s %s %sZ', $this->right(), $this->straightFrom - $bend, $end, $this->top + $bend, $end, $this->top);
    }

    public function labelInside(): bool
    {
        return $this->width >= self::WIDE_ENOUGH;
    }

    public function labelX(): float
    {
        return $this->labelInside() ? $this->centre : $this->right() + 9.0;
    }

    public function labelY(): float
    {
        return $this->straightFrom + 28.0;
    }

    /** @return list<array{float, float, float}> x, y and width of the gate's two bars */
    public function gateBars(float $inflowLeft): array
    {
        $y = $this->rim - self::GATE_OVER_RIM;

        return [[$inflowLeft - self::GATE_BAR - 6.0, $y, self::GATE_BAR], [$this->right() + 6.0, $y, self::GATE_BAR]];
    }

    public function gateLabelX(): float
    {
        return $this->right() + self::GATE_BAR + 12.0;
    }

    public function gateLabelY(): float
    {
        return $this->rim - self::GATE_OVER_RIM + 12.0;
    }
}
