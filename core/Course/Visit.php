<?php

declare(strict_types=1);

namespace Lento\Course;

use DateTimeImmutable;

/** One stay at one step. A step that was gone back to is visited twice. */
final readonly class Visit
{
    /** @param int<0, max> $step */
    public function __construct(public int $step, public DateTimeImmutable $from, public ?DateTimeImmutable $until = null) {}
}
