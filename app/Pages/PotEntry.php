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
    /** @param array{flour_g: float|int, flour_change: float|int, liquid_ml: float|int, liquid_change: float|int}|null $next what the core would change */
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
        public string $change = '',
        public string $colour = '',
        public float $heldMillilitres = 0.0,
        public float $cooledMillilitres = 0.0,
        public ?array $next = null,
    ) {}

    /** Where it went: "1.50 l held hot, 0.40 l cooled"; empty where all was served. */
    public function kept(): string
    {
        $part = static fn(float $millilitres, string $key): array => $millilitres <= 0.0 ? [] : [Words::text($key, litres: Litres::of(Volume::ofMillilitres($millilitres))->text())];

        return implode(', ', [...$part($this->heldMillilitres, 'log.held'), ...$part($this->cooledMillilitres, 'log.cooled')]);
    }

    /** Whether there was a sheet to hold it against. */
    public function hasPlan(): bool
    {
        return $this->plannedMillilitres > 0.0;
    }

    public function planned(): string
    {
        return !$this->hasPlan() ? Words::text('log.unplanned') : Litres::of(Volume::ofMillilitres($this->plannedMillilitres))->text() . ', ' . mb_strtolower(Words::text('thickness.spoon.' . $this->plannedSpoon));
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
        if ($this->millilitres === null || !$this->hasPlan()) {
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
            $this->spoon === null || !$this->hasPlan() => '',
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
