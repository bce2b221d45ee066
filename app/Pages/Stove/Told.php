<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Records\Moment;
use Lento\Course\Course;

/** What a stove page tells its script of the pot: which it is, where it stands, what it has seen, and how to go on without a line. */
final readonly class Told
{
    /**
     * @param list<array<string, mixed>> $ahead
     *
     * @return array<string, string> by attribute, as yet unescaped
     */
    public static function of(int $potId, Course $course, array $ahead): array
    {
        $last = $course->events === [] ? null : $course->events[count($course->events) - 1];

        return [
            'data-pot' => (string) $potId,
            'data-step' => $course->step()->id,
            'data-events' => (string) count($course->events),
            'data-last' => (string) ($last === null ? 0 : Moment::ms($last->at)),
            'data-ahead' => json_encode($ahead, JSON_THROW_ON_ERROR),
        ];
    }
}
