<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\StepWords;
use Lento\Course\Course;
use Lento\Plan\Step;

/** The steps of a pot as notes on a line: done, now, ahead. */
final readonly class Progress
{
    /** @return list<array{name: string, state: 'done past'|'done'|'now'|'ahead'}> */
    public static function of(Course $course): array
    {
        return array_map(static fn(Step $step, int $i): array => [
            'name' => StepWords::name($step),
            'state' => match (true) {
                $i < $course->current - 1 => 'done past',
                $i < $course->current => 'done',
                $i === $course->current => 'now',
                default => 'ahead',
            },
        ], $course->steps, array_keys($course->steps));
    }
}
