<?php

declare(strict_types=1);

namespace Lento\Score;

/** What a task asks of the cooks. */
final readonly class Asks
{
    /** @param string|null $skill without which nobody does it */
    public function __construct(public Attention $attention, public ?Visits $visits = null, public ?string $skill = null) {}
}
