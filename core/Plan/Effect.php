<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\OutOfRange;
use Lento\Thickness\Sauce;

/** What a step does to the sauce once it is done, beside what its heat does: so much of it is lost, so much joins it. */
final readonly class Effect
{
    private function __construct(public float $keeps, public ?Sauce $joins) {}

    public static function none(): self
    {
        return new self(1.0, null);
    }

    /**
     * @param float $share of the sauce that is left, 0 to 1: the rest clings to pan and strainer
     *
     * @throws OutOfRange
     */
    public static function keeping(float $share, ?Sauce $joins = null): self
    {
        if (!is_finite($share) || $share < 0.0 || $share > 1.0) {
            throw OutOfRange::between('share-that-a-step-leaves', is_finite($share) ? $share : 0.0, 0.0, 1.0, '');
        }

        return new self($share, $joins);
    }

    public static function joining(Sauce $sauce): self
    {
        return new self(1.0, $sauce);
    }

    public function isNone(): bool
    {
        return $this->keeps === 1.0 && $this->joins === null;
    }

    public function on(Sauce $sauce): Sauce
    {
        $left = $this->keeps === 1.0 ? $sauce : $sauce->times($this->keeps);

        return $this->joins === null ? $left : $left->plus($this->joins);
    }
}
