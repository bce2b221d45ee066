<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Bands;
use App\Format\EventWords;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\Words;
use DateTimeImmutable;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Course\Course;
use Lento\Course\EventKind;
use Lento\Drawing\CourseDrawing;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Stove\PotWatch;
use Lento\Stove\SauceWatch;

/** One logged pot: plan and outcome, its course in time with all that happened, and what to change. */
final readonly class CoursePage
{
    /**
     * @param list<string> $names the steps' words
     * @param list<array{time: string, name: string, minutes: string, planned: string, note: bool}> $rows
     */
    private function __construct(public PotEntry $entry, public CourseDrawing $drawing, public array $names, public array $rows, public ?SauceWatch $sauce) {}

    public static function of(PotEntry $entry, Course $course, EventWords $words, ?PotWatch $watch): self
    {
        $names = array_map(static fn($step): string => Words::text('steps.' . $step->kind->value . '.name'), $course->steps);
        $since = static fn(DateTimeImmutable $at): float => max(0.0, ($at->getTimestamp() - $entry->startedAt->getTimestamp()) / 60.0);
        $visits = [];
        $rows = [];
        foreach ($course->visits as $visit) {
            $until = $visit->until ?? $visit->from;
            $visits[] = [$visit->step, $since($visit->from), $since($until)];
            $rows[] = [
                'time' => $visit->from->format('H:i'),
                'name' => $names[$visit->step],
                'minutes' => self::minutes(($until->getTimestamp() - $visit->from->getTimestamp()) / 60.0),
                'planned' => self::planned($course->steps[$visit->step], $entry->foreseen),
                'note' => false,
                'at' => (float) $visit->from->format('U.v'),
            ];
        }
        foreach ($course->events as $event) {
            // That a step is done shows in the next one's beginning; its visits are counted below.
            if (!in_array($event->kind, [EventKind::Done, EventKind::Finished, EventKind::Tended], true)) {
                $rows[] = ['time' => $event->at->format('H:i'), 'name' => $words->line($event), 'minutes' => '', 'planned' => '', 'note' => true, 'at' => (float) $event->at->format('U.v')];
            }
        }
        $rows = [...$rows, ...self::tended($course)];
        usort($rows, static fn(array $a, array $b): int => [$a['at'], $a['note']] <=> [$b['at'], $b['note']]);

        return new self($entry, CourseDrawing::of(array_map(static fn($step): float => $step->time->inMinutes(), $course->steps), $visits), $names, $rows, $watch?->sauce);
    }

    /** @return list<array{time: string, name: string, minutes: string, planned: string, note: bool, at: float}> the visits of each stay at a step, counted: "stirred 19 times, skimmed 9 times" */
    private static function tended(Course $course): array
    {
        $rows = [];
        foreach ($course->visits as $visit) {
            $times = [];
            foreach ($course->events as $event) {
                if ($event->tending !== null && $event->at >= $visit->from && ($visit->until === null || $event->at < $visit->until)) {
                    $times[$event->tending->value] = ($times[$event->tending->value] ?? 0) + 1;
                }
            }
            if ($times !== []) {
                $words = array_map(static fn(string $kind, int $count): string => trans_choice('log.times', $count, ['did' => Words::text('stove.event.tended.' . $kind), 'count' => $count]), array_keys($times), $times);
                $rows[] = ['time' => '', 'name' => implode(', ', $words), 'minutes' => '', 'planned' => '', 'note' => true, 'at' => (float) $visit->from->format('U.v')];
            }
        }

        return $rows;
    }

    /** @return list<string> what the next pot of it should do otherwise; nothing where there was no sheet */
    public function nextTime(): array
    {
        $next = $this->entry->next;
        if ($next === null) {
            return [];
        }
        $lines = [
            ...(abs($next['flour_change']) < 1e-6 ? [] : [Words::text($next['flour_change'] > 0.0 ? 'log.next.more_flour' : 'log.next.less_flour', amount: Grams::of(Mass::ofGrams((float) $next['flour_g']))->text(), percent: sprintf('%.0F', 100.0 * abs($next['flour_change'])))]),
            ...(abs($next['liquid_change']) < 1e-6 ? [] : [Words::text($next['liquid_change'] > 0.0 ? 'log.next.more_liquid' : 'log.next.less_liquid', amount: Litres::of(Volume::ofMillilitres((float) $next['liquid_ml']))->text(), percent: sprintf('%.0F', 100.0 * abs($next['liquid_change'])))]),
        ];

        return $lines === [] ? [Words::text('log.next.same')] : $lines;
    }

    /** With its band where the eye, not the clock, decided. */
    private static function planned(Step $step, ?Foreseen $foreseen): string
    {
        $band = $step->kind === StepKind::Colour ? $foreseen?->rouxMinutes : null;

        return self::minutes($step->time->inMinutes()) . ($band === null ? '' : ' (' . Bands::range(...$band) . ')');
    }

    private static function minutes(float $minutes): string
    {
        return $minutes < 0.75 ? '< 1' : sprintf('%.0F', $minutes);
    }
}
