<?php

declare(strict_types=1);

namespace Lento\Keeping;

use DateTimeImmutable;

/** From when on a sauce stands somewhere, in something, until its next stint. */
final readonly class Stint
{
    public function __construct(public DateTimeImmutable $from, public Cooling $cooling) {}
}
