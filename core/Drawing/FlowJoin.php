<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A thing that joins a fall from the left, bends down along it, and goes into the pan beside it. */
final readonly class FlowJoin
{
    private const ROUND = 7.0;

    /** px of a letter of its words, about. */
    private const LETTER = 6.9;

    public float $x;

    public float $y;

    public float $edge;

    public float $width;

    public float $bottom;

    /**
     * @param bool $toScale false where it is drawn wider than it is, so that it is seen
     * @param int<0, max> $more things that join below it without words
     */
    public function __construct(
        public FlowAddition $addition,
        JoinPlace $place,
        public bool $toScale,
        public int $more = 0,
    ) {
        $this->x = $place->x;
        $this->y = $place->y;
        $this->edge = $place->edge;
        $this->width = $place->width;
        $this->bottom = $place->bottom;
    }

    /** @param int<0, max> $more */
    public function andMore(int $more): self
    {
        return new self(
            $this->addition,
            new JoinPlace($this->x, $this->y, $this->edge, $this->width, $this->bottom),
            $this->toScale,
            $more,
        );
    }

    /** Its name, cut where the fall begins. */
    public function name(): string
    {
        $room = (int) floor(($this->edge - $this->x) / self::LETTER) - mb_strlen($this->addition->amount) - 1;
        $name = $this->addition->name;

        return mb_strlen($name) <= $room ? $name : rtrim(mb_substr($name, 0, max(1, $room - 1))) . '…';
    }

    public function shape(): string
    {
        [$outer, $inner] = [$this->width + self::ROUND, self::ROUND];

        return Svg::path(
            'M%s %sH%sQ%s %s %s %s',
            $this->x,
            $this->y,
            $this->edge - $outer,
            $this->edge,
            $this->y,
            $this->edge,
            $this->y + $outer,
        )
            . Svg::path('V%sH%sV%s', $this->bottom, $this->edge - $this->width, $this->y + $outer)
            . Svg::path(
                'Q%s %s %s %sH%sZ',
                $this->edge - $this->width,
                $this->y + $this->width,
                $this->edge - $this->width - $inner,
                $this->y + $this->width,
                $this->x,
            );
    }
}
