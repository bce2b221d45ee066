<?php

declare(strict_types=1);

namespace App\Stove;

use DateTimeImmutable;
use Lento\Course\CallKind;

/** A pot that is on, as it hangs on the rail: where it stands, what it is at, when it calls next and what for. */
final readonly class Ticket
{
    /**
     * @param string $what it calls for next: "stir", "skim", or what its step is
     * @param DateTimeImmutable|null $calls when; null when it wants hands already
     * @param float $seconds that it has waited or will have waited by then
     */
    public function __construct(
        public int $potId,
        public string $name,
        public string $place,
        public string $mark,
        public string $cook,
        public string $what,
        public CallKind $kind,
        public ?DateTimeImmutable $calls,
        public float $seconds,
    ) {}
}
