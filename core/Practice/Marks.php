<?php

declare(strict_types=1);

namespace Lento\Practice;

/** What stays of what went wrong: none of it goes away by itself. Shares from 0 to 1, but for what ran over. */
final readonly class Marks
{
    /**
     * @param float $middle burnt specks on the middle of the bottom
     * @param float $edge the same along its edge
     * @param float $caught of the sauce on the floor
     * @param float $skin on top of it
     * @param float $split of yolk, cream or milk
     * @param float $ranOver ml
     */
    private function __construct(
        public float $middle,
        public float $edge,
        public float $caught,
        public float $skin,
        public float $split,
        public float $ranOver,
    ) {}

    public static function none(): self
    {
        return new self(0.0, 0.0, 0.0, 0.0, 0.0, 0.0);
    }

    /** @param float $middle share of what was clean that gets its specks now, as are the others */
    public function burning(float $middle, float $edge): self
    {
        return $this->but(middle: self::more($this->middle, $middle), edge: self::more($this->edge, $edge));
    }

    public function catching(float $share): self
    {
        return $this->but(caught: self::more($this->caught, $share));
    }

    public function splitting(float $share): self
    {
        return $this->but(split: self::more($this->split, $share));
    }

    public function skinned(float $skin): self
    {
        return $this->but(skin: max(0.0, min(1.0, $skin)));
    }

    public function runningOver(float $millilitres): self
    {
        return $this->but(ranOver: $this->ranOver + $millilitres);
    }

    /** @return float of all that tastes burnt, 0 to 1 */
    public function burnt(): float
    {
        return 1.0 - (1.0 - max($this->middle, $this->edge)) * (1.0 - $this->caught);
    }

    private static function more(float $is, float $share): float
    {
        return $is + (1.0 - $is) * max(0.0, min(1.0, $share));
    }

    private function but(
        ?float $middle = null,
        ?float $edge = null,
        ?float $caught = null,
        ?float $skin = null,
        ?float $split = null,
        ?float $ranOver = null,
    ): self {
        return new self(
            $middle ?? $this->middle,
            $edge ?? $this->edge,
            $caught ?? $this->caught,
            $skin ?? $this->skin,
            $split ?? $this->split,
            $ranOver ?? $this->ranOver,
        );
    }
}
