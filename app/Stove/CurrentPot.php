<?php

declare(strict_types=1);

namespace App\Stove;

use App\Kitchen\Kitchen;
use App\Kitchen\StoredLesson;
use App\Models\Pot;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use DateTimeImmutable;
use Lento\Compose\Sheet;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Learning\KitchenFactors;
use Lento\Stove\PotWatch;

/** A stored pot made whole: its sheet worked out again from its question, and watched at a moment. */
final readonly class CurrentPot
{
    public function __construct(private Kitchen $kitchen) {}

    /** Null where the pot was begun without a question, or its question has no answer in this kitchen any more. */
    public function sheet(Pot $pot): ?Sheet
    {
        return $pot->isFree() ? null : Answer::to(ComposeFields::from($pot->question), $this->kitchen, StoredLesson::factorsOfRow($pot->plan['factors'] ?? null) ?? KitchenFactors::house())->sheet;
    }

    /** The pot as it was at a moment, by what had happened until then. */
    public function watchAt(Pot $pot, Course $course, DateTimeImmutable $then): ?PotWatch
    {
        $sheet = $this->sheet($pot);
        $then = max($then, $pot->started_at->toDateTimeImmutable());

        return $sheet === null ? null : PotWatch::of($sheet, Course::of($course->steps, $pot->started_at, array_filter($course->events, static fn(Event $event): bool => $event->at <= $then), $course->place, $course->cook), $then);
    }

    public function watch(Pot $pot, DateTimeImmutable $now): ?PotWatch
    {
        $sheet = $this->sheet($pot);

        return $sheet === null ? null : PotWatch::of($sheet, $pot->course(), $now);
    }
}
