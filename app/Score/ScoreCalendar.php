<?php

declare(strict_types=1);

namespace App\Score;

use App\Format\Words;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Lento\Score\Task;
use Sabre\VObject\Component\VCalendar;

/** A plan as a calendar, RFC 5545: an event for each thing that somebody does, in time that every calendar understands. */
final readonly class ScoreCalendar
{
    /** @param string|null $cook whose alone; null for all */
    public static function of(ScoreReading $reading, string $title, CarbonImmutable $now, ?string $cook = null): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Lento//Score//EN', 'NAME' => $title, 'X-WR-CALNAME' => $title]);
        foreach ($reading->tasks as $task) {
            $placed = $reading->placed($task);
            if (!$task->asks->attention->needsACook() || ($cook !== null && $placed->cook !== $cook)) {
                continue;
            }
            $day = $reading->score->day;
            $start = $day->moment($placed->start);
            $calendar->add('VEVENT', [
                'UID' => self::uid($reading->score->service->service, $start, $task->id),
                'DTSTAMP' => $now->setTimezone(new DateTimeZone('UTC')),
                'DTSTART' => $start->setTimezone(new DateTimeZone('UTC')),
                'DTEND' => $start->addMinutes($task->minutes->likely)->setTimezone(new DateTimeZone('UTC')),
                'SUMMARY' => self::says($reading, $task, $cook === null ? (string) $placed->cook : ''),
                'LOCATION' => $reading->stationName($task),
            ]);
        }

        return $calendar->serialize();
    }

    /** The same of a thing to be done on a day, however often it is told anew. */
    public static function uid(int $service, CarbonImmutable $at, string $task): string
    {
        return hash('sha256', "{$service} {$at->format('Ymd')} {$task}") . '@lento';
    }

    /** "Ines: pour, whisk, Béchamel" */
    private static function says(ScoreReading $reading, Task $task, string $cook): string
    {
        $what = Words::text('score.figure.' . $task->kind) . ', ' . $reading->names[$task->sauce];

        return $cook === '' ? $what : "{$cook}: {$what}";
    }
}
