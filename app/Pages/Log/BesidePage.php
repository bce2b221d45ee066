<?php

declare(strict_types=1);

namespace App\Pages\Log;

use App\Format\Litres;
use App\Format\Words;
use Lento\Course\Happened\Tended;
use Lento\Drawing\CourseDrawing;
use Lento\Plan\StepKind;
use Lento\Plan\TendingKind;
use Lento\Quantity\Volume;

/** Two pots of the same sauce beside one another: what came out, how long each step took, on one scale of time. */
final readonly class BesidePage
{
    /**
     * @param array{CourseDrawing, CourseDrawing} $drawings
     * @param list<array{name: string, first: string, second: string, difference: string}> $rows
     */
    private function __construct(public CoursePage $first, public CoursePage $second, public array $drawings, public array $rows) {}

    public static function of(CoursePage $first, CoursePage $second): self
    {
        $reach = max($first->minutes, $second->minutes);
        [$a, $b] = [$first->entry, $second->entry];
        $rows = [
            self::row(
                'litres',
                $a->outcome(),
                $b->outcome(),
                $a->millilitres() === null || $b->millilitres() === null ? '' : self::litres($b->millilitres() - $a->millilitres()),
            ),
            self::row(
                'planned',
                $a->planned(),
                $b->planned(),
                $a->hasPlan() && $b->hasPlan() ? self::litres($b->plannedMillilitres() - $a->plannedMillilitres()) : '',
            ),
            self::row('colour', self::colour($a), self::colour($b)),
            self::row('taste', $a->taste, $b->taste),
            self::row('change', $a->change, $b->change),
            self::row(
                'whole',
                (string) ($a->minutesTaken() ?? ''),
                (string) ($b->minutesTaken() ?? ''),
                self::minutes((float) ($b->minutesTaken() ?? 0) - (float) ($a->minutesTaken() ?? 0)),
            ),
            self::row('events', self::visits($first), self::visits($second)),
        ];
        [$one, $other] = [self::steps($first), self::steps($second)];
        foreach (StepKind::cases() as $kind) {
            if (isset($one[$kind->value]) || isset($other[$kind->value])) {
                [$took, $otherTook] = [$one[$kind->value] ?? null, $other[$kind->value] ?? null];
                $rows[] = [
                    'name' => Words::text('steps.' . $kind->value . '.name') . ', min',
                    'first' => $took === null ? '' : sprintf('%.0F', $took),
                    'second' => $otherTook === null ? '' : sprintf('%.0F', $otherTook),
                    'difference' => $took === null || $otherTook === null ? '' : self::minutes($otherTook - $took),
                ];
            }
        }

        return new self(
            $first,
            $second,
            [$first->drawnTo($reach), $second->drawnTo($reach)],
            array_values(array_filter($rows, static fn(array $row): bool => $row['first'] . $row['second'] !== '')),
        );
    }

    /** Of both, or of one of them where they are called the same. */
    public function name(): string
    {
        return implode(', ', array_unique([$this->first->entry->name, $this->second->entry->name]));
    }

    /** @return array{name: string, first: string, second: string, difference: string} */
    private static function row(string $key, string $first, string $second, string $difference = ''): array
    {
        return ['name' => Words::text('log.rows.' . $key), 'first' => $first, 'second' => $second, 'difference' => $difference];
    }

    private static function colour(PotEntry $entry): string
    {
        return $entry->colour === '' ? '' : Words::text('compose.colour.' . $entry->colour);
    }

    private static function visits(CoursePage $page): string
    {
        $times = [];
        foreach ($page->course->events as $event) {
            if ($event instanceof Tended) {
                $times[$event->tending->value] = ($times[$event->tending->value] ?? 0) + 1;
            }
        }

        return $times === []
            ? ''
            : Words::text('log.rows.visits', stir: $times[TendingKind::Stir->value] ?? 0, skim: $times[TendingKind::Skim->value] ?? 0);
    }

    /** @return array<string, float> minutes at the steps of each kind, all visits of it together */
    private static function steps(CoursePage $page): array
    {
        $minutes = [];
        foreach ($page->course->visits as $visit) {
            $kind = $page->course->steps[$visit->step]->kind->value;
            $minutes[$kind]
                = ($minutes[$kind] ?? 0.0) + max(0, ($visit->until ?? $visit->from)->getTimestamp() - $visit->from->getTimestamp()) / 60.0;
        }

        return $minutes;
    }

    private static function minutes(float $difference): string
    {
        return abs($difference) < 0.5 ? Words::text('log.same') : sprintf('%+.0F', $difference);
    }

    private static function litres(float $millilitres): string
    {
        return abs($millilitres) < 5.0
            ? Words::text('log.same')
            : ($millilitres > 0.0 ? '+' : '−') . Litres::of(Volume::ofMillilitres(abs($millilitres)))->text();
    }
}
