<?php

declare(strict_types=1);

namespace Lento\Course;

use DateTimeImmutable;

/** A moment at which a pot wants its cook. */
final readonly class Call
{
    public function __construct(public CallKind $kind, public DateTimeImmutable $at) {}
}
