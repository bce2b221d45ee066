<?php

declare(strict_types=1);

namespace Lento\Keeping;

use DateInterval;
use DateTimeImmutable;

/** One limit of a cooling rule as it stands for one sauce: since when its clock runs, until when, and what the readings say. */
final readonly class Gate
{
    /**
     * @param DateTimeImmutable|null $since null until a reading starts its clock
     * @param CoolingReading|null $by the reading that went through it, in time or not
     */
    public function __construct(
        public CoolingStage $stage,
        public ?DateTimeImmutable $since,
        public Verdict $verdict,
        public ?CoolingReading $by,
    ) {}

    public function deadline(): ?DateTimeImmutable
    {
        return $this->since?->add(new DateInterval(sprintf('PT%dS', (int) round($this->stage->within->seconds))));
    }
}
