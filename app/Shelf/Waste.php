<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Models\Tub;
use App\Records\Moment;
use Carbon\CarbonImmutable;
use Lento\Quantity\Volume;

/**
 * What was thrown away in a week: what, why, and what it had cost.
 *
 * @phpstan-type Thrown array{at: CarbonImmutable, name: string, code: string, volume: Volume, reason: string, cost: ?float, tub: int}
 */
final readonly class Waste
{
    private const MOST = 500;

    /** @param list<Thrown> $lines */
    private function __construct(public CarbonImmutable $monday, public array $lines) {}

    public static function ofWeek(CarbonImmutable $day): self
    {
        $monday = $day->startOfWeek();
        $lines = [];
        $binned = Tub::query()
            ->with('batch')
            ->whereBetween('gone_at_ms', [$monday->getTimestampMs(), $monday->endOfWeek()->getTimestampMs()])
            ->where('binned_ml', '>', 0)
            ->orderByDesc('gone_at_ms')
            ->limit(self::MOST);
        foreach ($binned->get() as $tub) {
            $volume = Volume::ofMillilitres((float) $tub->binned_ml);
            $cost = $tub->batch->cost_per_litre;
            $lines[] = [
                'at' => CarbonImmutable::instance(Moment::of($tub->gone_at_ms ?? 0)),
                'name' => $tub->batch->name,
                'code' => $tub->batch->code,
                'volume' => $volume,
                'reason' => $tub->bin_reason ?? 'other',
                'cost' => $cost === null ? null : $cost * $volume->inLitres(),
                'tub' => $tub->id,
            ];
        }

        return new self($monday, $lines);
    }

    public function volume(): Volume
    {
        return Volume::ofCubicMetres(array_sum(array_map(static fn(array $line): float => $line['volume']->cubicMetres, $this->lines)));
    }

    public function cost(): float
    {
        return array_sum(array_map(static fn(array $line): float => $line['cost'] ?? 0.0, $this->lines));
    }

    /** @return array<string, Volume> by reason, the most first */
    public function reasons(): array
    {
        $reasons = [];
        foreach ($this->lines as $line) {
            $reasons[$line['reason']] = ($reasons[$line['reason']] ?? 0.0) + $line['volume']->cubicMetres;
        }
        arsort($reasons);

        return array_map(Volume::ofCubicMetres(...), $reasons);
    }
}
