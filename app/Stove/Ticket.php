<?php

declare(strict_types=1);

namespace App\Stove;

use DateTimeImmutable;
use Lento\Course\CallKind;

/** A pot that is on, as it hangs on the rail: where it stands, what it is at, when it calls next and what for. */
final readonly class Ticket
{
    public int $potId;

    public string $name;

    public string $place;

    public string $mark;

    public string $cook;

    public ?PotOfService $of;

    /**
     * @param string $what it calls for next: "stir", "skim", or what its step is
     * @param DateTimeImmutable|null $calls when; null when it wants hands already
     * @param float $seconds that it has waited or will have waited by then
     */
    public function __construct(
        TicketPot $pot,
        public string $what,
        public CallKind $kind,
        public ?DateTimeImmutable $calls,
        public float $seconds,
    ) {
        $this->potId = $pot->potId;
        $this->name = $pot->name;
        $this->place = $pot->place;
        $this->mark = $pot->mark;
        $this->cook = $pot->cook;
        $this->of = $pot->of;
    }

    /** Where it stands and who stands at it. */
    public function whereabouts(): string
    {
        return implode(' · ', array_filter([$this->place, $this->cook], static fn(string $one): bool => $one !== ''));
    }
}
