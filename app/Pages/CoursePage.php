<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Bands;
use App\Format\Words;
use DateTimeImmutable;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Course\Course;
use Lento\Drawing\CourseDrawing;

/** One logged pot: plan, outcome, and its course in time. */
final readonly class CoursePage
{
    /**
     * @param list<string> $names the steps' words
     * @param list<array{time: string, name: string, minutes: string, planned: string, note: bool}> $rows
     */
    private function __construct(public PotEntry $entry, public CourseDrawing $drawing, public array $names, public array $rows) {}

    /** @param list<Note> $notes */
    public static function of(PotEntry $entry, Course $course, array $notes): self
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
                'at' => $visit->from->getTimestamp(),
            ];
        }
        foreach ($notes as $note) {
            $rows[] = ['time' => $note->at->format('H:i'), 'name' => $note->text, 'minutes' => '', 'planned' => '', 'note' => true, 'at' => $note->at->getTimestamp()];
        }
        usort($rows, static fn(array $a, array $b): int => $a['at'] <=> $b['at']);

        return new self($entry, CourseDrawing::of(array_map(static fn($step): float => $step->time->inMinutes(), $course->steps), $visits), $names, $rows);
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
