<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Exception\OutOfRange;

/** What one wish gets of a base that is there. */
final readonly class Share
{
    /**
     * @param float $wanted litres of the finished sauce
     * @param Derived|null $made null where there is nothing for it
     * @param string|null $ranOut what ran out first: an ingredient, or the base; null where it gets all it asked for
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public Derivative $derivative, public float $wanted, public ?Derived $made, public ?string $ranOut)
    {
        OutOfRange::refuse('volume', $wanted, 0.0, 1e6, 'l');
    }

    /** @return float part of what was asked for, 0 to 1 */
    public function part(): float
    {
        return $this->made === null ? 0.0 : min(1.0, $this->made->volume()->inLitres() / $this->wanted);
    }
}
