<?php

declare(strict_types=1);

namespace App\Stove;

use DateTimeImmutable;

/** A pot that is on, as it hangs on the rail. */
final readonly class Ticket
{
    /** @param DateTimeImmutable|null $ends when its timer runs out; null when the cook decides, so it wants a hand now */
    public function __construct(
        public int $potId,
        public string $name,
        public string $step,
        public ?DateTimeImmutable $ends,
        public float $seconds,
    ) {}
}
