<?php

declare(strict_types=1);

namespace App\Pages\Log;

use App\Format\Bands;
use App\Format\EventWords;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\StepWords;
use App\Format\Words;
use App\Pages\Compose\Note;
use DateTimeImmutable;
use Lento\Course\Course;
use Lento\Course\EventKind;
use Lento\Course\Happened\Tended;
use Lento\Drawing\CourseDrawing;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Stove\PotWatch;
use Lento\Stove\SauceWatch;

/** One logged pot: plan and outcome, its course in time with all that happened, and what to change. */
final readonly class CoursePage
{
    /** Letters of what happened that fit into a drawing; the table has all of them. */
    private const LONGEST_MARK = 34;

    /**
     * @param list<string> $names the steps' words
     * @param list<array{time: string, name: string, minutes: string, planned: string, note: bool}> $rows
     * @param list<array{int, float, float}> $visits step, minutes from, minutes until
     * @param list<array{float, string, string}> $marks minute, kind, words
     * @param float $minutes planned or taken, whichever is longer
     */
    private function __construct(
        public PotEntry $entry,
        public CourseDrawing $drawing,
        public array $names,
        public array $rows,
        public ?SauceWatch $sauce,
        public Course $course,
        private array $visits,
        private array $marks,
        public float $minutes,
    ) {}

    public static function of(PotEntry $entry, Plan $plan, Course $course, EventWords $words, ?PotWatch $watch): self
    {
        $names = array_map(StepWords::name(...), $course->steps);
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
                'planned' => self::planned($plan->steps[$visit->step]),
                'note' => false,
                'at' => (float) $visit->from->format('U.v'),
            ];
        }
        foreach ($course->events as $event) {
            // That a step is done shows in the next one's beginning; its visits are counted below.
            if (!in_array($event->kind(), [EventKind::Done, EventKind::Finished, EventKind::Tended], true)) {
                $rows[] = [
                    'time' => $event->at->format('H:i'),
                    'name' => $words->line($event),
                    'minutes' => '',
                    'planned' => '',
                    'note' => true,
                    'at' => (float) $event->at->format('U.v'),
                ];
            }
        }
        $rows = [...$rows, ...self::tended($course)];
        usort($rows, static fn(array $a, array $b): int => [$a['at'], $a['note']] <=> [$b['at'], $b['note']]);

        $marks = [];
        foreach ($course->events as $event) {
            if (
                !in_array($event->kind(), [EventKind::Done, EventKind::Back, EventKind::Finished, EventKind::TakenOff], true)
                && ($course->finishedAt === null || $event->at <= $course->finishedAt)
            ) {
                $mark = self::mark($event->kind());
                $marks[] = [$since($event->at), $mark, $mark === 'tick' ? '' : self::short($words->line($event))];
            }
        }
        $planned = array_map(static fn(Step $step): float => $step->pace->time->inMinutes(), $course->steps);
        $minutes = $course->finishedAt === null ? 0.0 : $since($course->finishedAt);

        return new self(
            $entry,
            CourseDrawing::of($planned, $visits, $marks),
            $names,
            $rows,
            $watch?->sauce,
            $course,
            $visits,
            $marks,
            max($minutes, array_sum($planned)),
        );
    }

    /** The same course on a scale that reaches so far. */
    public function drawnTo(float $minutes): CourseDrawing
    {
        return CourseDrawing::of(
            array_map(static fn(Step $step): float => $step->pace->time->inMinutes(), $this->course->steps),
            $this->visits,
            $this->marks,
            $minutes,
        );
    }

    /** How something that happened is marked in the drawing. */
    private static function mark(EventKind $kind): string
    {
        return match ($kind) {
            EventKind::Tended, EventKind::Poured, EventKind::Unpoured => 'tick',
            EventKind::Read, EventKind::Tasted => 'ring',
            EventKind::Note => 'note',
            EventKind::Rescued, EventKind::FollowedUp => 'rescue',
            EventKind::Heat => 'heat',
            default => 'dot',
        };
    }

    private static function short(string $text): string
    {
        return mb_strlen($text) <= self::LONGEST_MARK ? $text : rtrim(mb_substr($text, 0, self::LONGEST_MARK - 1)) . '…';
    }

    /**
     * @return list<array{time: string, name: string, minutes: string, planned: string, note: bool, at: float}> the visits of each stay at
     * a step, counted: "stirred 19 times, skimmed 9 times"
     */
    private static function tended(Course $course): array
    {
        $rows = [];
        foreach ($course->visits as $visit) {
            $times = [];
            foreach ($course->events as $event) {
                if ($event instanceof Tended && $event->at >= $visit->from && ($visit->until === null || $event->at < $visit->until)) {
                    $times[$event->tending->value] = ($times[$event->tending->value] ?? 0) + 1;
                }
            }
            if ($times !== []) {
                $words = array_map(
                    static fn(string $kind, int $count): string => trans_choice('log.times', $count, [
                        'did' => Words::text('stove.event.tended.' . $kind),
                        'count' => $count,
                    ]),
                    array_keys($times),
                    $times,
                );
                $rows[] = [
                    'time' => '',
                    'name' => implode(', ', $words),
                    'minutes' => '',
                    'planned' => '',
                    'note' => true,
                    'at' => (float) $visit->from->format('U.v'),
                ];
            }
        }

        return $rows;
    }

    /** @return list<string> what the next pot of it should do otherwise; nothing where there was no sheet */
    public function nextTime(): array
    {
        $next = $this->entry->pot->next;
        if ($next === null) {
            return [];
        }
        $lines = [
            ...abs($next['flour_change']) < 1e-6
                ? []
                : [
                    Words::text(
                        $next['flour_change'] > 0.0 ? 'log.next.more_flour' : 'log.next.less_flour',
                        amount: Grams::of(Mass::ofGrams($next['flour_g']))->text(),
                        percent: sprintf('%.0F', 100.0 * abs($next['flour_change'])),
                    ),
                ],
            ...abs($next['liquid_change']) < 1e-6
                ? []
                : [
                    Words::text(
                        $next['liquid_change'] > 0.0 ? 'log.next.more_liquid' : 'log.next.less_liquid',
                        amount: Litres::of(Volume::ofMillilitres($next['liquid_ml']))->text(),
                        percent: sprintf('%.0F', 100.0 * abs($next['liquid_change'])),
                    ),
                ],
        ];

        return $lines === [] ? [Words::text('log.next.same')] : $lines;
    }

    /** With its band where the eye, not the clock, decided. */
    private static function planned(Step $step): string
    {
        $band = $step->pace->band;

        return self::minutes($step->pace->time->inMinutes()) . ($band === null ? '' : ' (' . Bands::range($band->low, $band->high) . ')');
    }

    private static function minutes(float $minutes): string
    {
        return $minutes < 0.75 ? '< 1' : sprintf('%.0F', $minutes);
    }
}
