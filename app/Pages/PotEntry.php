<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Litres;
use App\Format\Words;
use DateTimeImmutable;
use Lento\Quantity\Volume;

/** A pot in the log: what was planned and what came out. */
final readonly class PotEntry
{
    public function __construct(
        public int $id,
        public string $name,
        public DateTimeImmutable $startedAt,
        public ?DateTimeImmutable $finishedAt,
        public ?string $cook,
        public float $plannedMillilitres,
        public string $plannedSpoon,
        public string $plannedClass,
        public float $plannedMinutes,
        public ?float $millilitres,
        public ?string $spoon,
        public string $taste,
        public ?Foreseen $foreseen = null,
    ) {}

    public function planned(): string
    {
        return Litres::of(Volume::ofMillilitres($this->plannedMillilitres))->text() . ', ' . mb_strtolower(Words::text('thickness.spoon.' . $this->plannedSpoon));
    }

    public function outcome(): string
    {
        return $this->millilitres === null || $this->spoon === null
            ? Words::text($this->finishedAt === null ? 'log.still_on' : 'log.taken_off')
            : Litres::of(Volume::ofMillilitres($this->millilitres))->text() . ', ' . mb_strtolower(Words::text('thickness.spoon.' . $this->spoon));
    }

    /** "7 % less than planned", "as planned" */
    public function volumeVerdict(): string
    {
        if ($this->millilitres === null) {
            return '';
        }
        $percent = (int) round(100.0 * ($this->millilitres / $this->plannedMillilitres - 1.0));

        return match (true) {
            abs($percent) <= 2 => Words::text('log.volume_as_planned'),
            $percent > 0 => Words::text('log.volume_more', percent: $percent),
            default => Words::text('log.volume_less', percent: -$percent),
        };
    }

    public function spoonVerdict(): string
    {
        return match (true) {
            $this->spoon === null => '',
            $this->spoon === $this->plannedSpoon => Words::text('log.spoon_as_planned'),
            default => Words::text('log.spoon_other', planned: mb_strtolower(Words::text('thickness.spoon.' . $this->plannedSpoon))),
        };
    }

    /** @return float share of the planned volume, at most 1.5, for the bar */
    public function volumeShare(): float
    {
        return min(1.5, ($this->millilitres ?? 0.0) / max(1.0, $this->plannedMillilitres));
    }

    public function minutesTaken(): ?int
    {
        return $this->finishedAt === null ? null : (int) round(($this->finishedAt->getTimestamp() - $this->startedAt->getTimestamp()) / 60);
    }
}
