<?php

declare(strict_types=1);

namespace Lento\Score;

/** Where a task came to be. */
final readonly class Placed
{
    /** @param string|null $cook null where nobody is needed */
    public function __construct(public int $start, public ?string $cook) {}
}
