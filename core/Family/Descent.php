<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Compose\Base;

/** What a sauce is, a base or a derivative, and what it is made from. */
final readonly class Descent
{
    /**
     * @param Base|null $base null for a derivative
     * @param Derivative|null $derivative null for a base
     * @param string|null $parent the key of what it is made from; null for a base that is made from stock
     */
    public function __construct(
        public ?Base $base,
        public ?Derivative $derivative,
        public ?string $parent,
    ) {}
}
