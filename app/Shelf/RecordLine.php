<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Format\TubWords;
use DateTimeImmutable;
use Lento\Shelf\Happened;
use Lento\Shelf\ShelfEvent;

/** One line of the record: what was read or done, when, by whom; whether it was said after the day was sealed. */
final readonly class RecordLine
{
    /** s: longer after it was tapped than a slow line takes. */
    private const LATE = 120;

    public function __construct(
        public ShelfEvent $event,
        public int $nth,
        public DateTimeImmutable $saidAt,
        public bool $counts,
        public bool $isAddition,
    ) {}

    public function what(): string
    {
        return TubWords::of($this->event);
    }

    /** When it was written down, where that was later than it was tapped: a tablet held it without a line. Null of all others. */
    public function heldUntil(): ?DateTimeImmutable
    {
        return $this->saidAt->getTimestamp() - $this->event->at->getTimestamp() >= self::LATE ? $this->saidAt : null;
    }

    public function celsius(): ?float
    {
        return match (true) {
            $this->event instanceof Happened\ReadOff,
            $this->event instanceof Happened\Reheated,
            $this->event instanceof Happened\PutIn => round($this->event->temperature->inCelsius(), 1),
            default => null,
        };
    }
}
