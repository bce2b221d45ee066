<?php

declare(strict_types=1);

namespace App\Pages\Log;

use App\Format\Bands;
use App\Format\Litres;
use App\Format\Words;
use App\Log\LoggedPot;
use DateTimeImmutable;
use Lento\Course\Outcome;
use Lento\Plan\Promise;
use Lento\Quantity\Volume;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/** A pot in the log: what was planned and what came out. */
final readonly class PotEntry
{
    public int $id;

    public string $name;

    public DateTimeImmutable $startedAt;

    public ?DateTimeImmutable $finishedAt;

    public ?string $cook;

    public string $taste;

    public string $change;

    public string $colour;

    private ?Promise $promise;

    private ?Outcome $outcome;

    public function __construct(public LoggedPot $pot)
    {
        [$this->id, $this->name, $this->startedAt, $this->finishedAt, $this->cook] = [
            $pot->id,
            $pot->name,
            $pot->startedAt,
            $pot->finishedAt,
            $pot->cook,
        ];
        [$this->promise, $this->outcome] = [$pot->promise, $pot->outcome];
        [$this->taste, $this->change, $this->colour] = [
            $pot->outcome->taste ?? '',
            $pot->outcome->change ?? '',
            $pot->outcome?->colour->value ?? '',
        ];
    }

    public function plannedMinutes(): float
    {
        return $this->pot->planned->inMinutes();
    }

    public function plannedMillilitres(): float
    {
        return $this->promise?->volume->inMillilitres() ?? 0.0;
    }

    public function millilitres(): ?float
    {
        return $this->outcome?->volume->inMillilitres();
    }

    /** "58 g/l (52–65), could be gratin; 65 mm deep"; '' where it was not foreseen */
    public function foreseen(): string
    {
        $thickness = $this->promise?->thickness;
        $band = $this->promise?->band;
        $depth = $this->pot->depth;
        if ($thickness === null || $band === null) {
            return '';
        }
        $could = Bands::classes(array_map(static fn(ThicknessClass $class): string => $class->value, $this->promise->couldBe ?? []));
        $grams = Words::text('outlook.grams', likely: sprintf('%.0F', $band->likely), range: Bands::range($band->low, $band->high))
        . ($could === '' ? '' : ', ' . $could);

        return $depth === null ? $grams : Words::text('log.foreseen', thickness: $grams, depth: sprintf('%.0F', $depth->inMillimetres()));
    }

    /** Where it went: "1.50 l held hot, 0.40 l cooled"; empty where all was served. */
    public function kept(): string
    {
        $part = static fn(?Volume $volume, string $key): array => $volume === null || $volume->cubicMetres <= 0.0
            ? []
            : [Words::text($key, litres: Litres::of($volume)->text())];

        return implode(', ', [...$part($this->outcome?->held, 'log.held'), ...$part($this->outcome?->cooled, 'log.cooled')]);
    }

    /** Whether it was said what came out. */
    public function isClosed(): bool
    {
        return $this->outcome !== null;
    }

    /** Whether there was a sheet to hold it against. */
    public function hasPlan(): bool
    {
        return $this->plannedMillilitres() > 0.0;
    }

    public function planned(): string
    {
        $spoon = $this->promise?->spoon;

        return $this->promise === null
            ? Words::text('log.unplanned')
            : Litres::of($this->promise->volume)->text() . ($spoon === null ? '' : ', ' . self::spoonWord($spoon));
    }

    public function outcome(): string
    {
        return $this->outcome === null
            ? Words::text($this->finishedAt === null ? 'log.still_on' : 'log.taken_off')
            : Litres::of($this->outcome->volume)->text() . ', ' . self::spoonWord($this->outcome->spoon);
    }

    /** "7 % less than planned", "as planned" */
    public function volumeVerdict(): string
    {
        if ($this->outcome === null || !$this->hasPlan()) {
            return '';
        }
        $percent = (int) round(100.0 * ($this->outcome->volume->inMillilitres() / $this->plannedMillilitres() - 1.0));

        return match (true) {
            abs($percent) <= 2 => Words::text('log.volume_as_planned'),
            $percent > 0 => Words::text('log.volume_more', percent: $percent),
            default => Words::text('log.volume_less', percent: -$percent),
        };
    }

    public function spoonVerdict(): string
    {
        $planned = $this->promise?->spoon;

        return match (true) {
            $this->outcome === null || $planned === null => '',
            $this->outcome->spoon === $planned => Words::text('log.spoon_as_planned'),
            default => Words::text('log.spoon_other', planned: self::spoonWord($planned)),
        };
    }

    /** @return float share of the planned volume, at most 1.5, for the bar */
    public function volumeShare(): float
    {
        return min(1.5, ($this->millilitres() ?? 0.0) / max(1.0, $this->plannedMillilitres()));
    }

    public function minutesTaken(): ?int
    {
        return $this->finishedAt === null ? null : (int) round(($this->finishedAt->getTimestamp() - $this->startedAt->getTimestamp()) / 60);
    }

    private static function spoonWord(SpoonWord $word): string
    {
        return mb_strtolower(Words::text('thickness.spoon.' . $word->value));
    }
}
