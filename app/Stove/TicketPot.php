<?php

declare(strict_types=1);

namespace App\Stove;

/** Which pot a ticket is of: where it stands and who stands at it. */
final readonly class TicketPot
{
    public function __construct(
        public int $potId,
        public string $name,
        public string $place,
        public string $mark,
        public string $cook,
        public ?PotOfService $of = null,
    ) {}
}
