<?php

declare(strict_types=1);

namespace Lento\Score;

/** What the cooks were told of a task. */
final readonly class Announced
{
    public function __construct(public int $start, public ?string $cook = null) {}
}
