<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\EventWords;
use App\Pages\Compose\Note;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\Happened\Done;

/** What has happened to a pot so far, in lines, and what one tap takes back. */
final readonly class SoFar
{
    public function __construct(private Course $course, private EventWords $words) {}

    /** @return list<Note> the last few, newest first */
    public function last(int $most): array
    {
        return array_map(
            fn(Event $event): Note => new Note($event->at, $this->words->line($event)),
            array_reverse(array_slice($this->course->events, -$most)),
        );
    }

    /** @return array{token: string, what: string, back: string}|null back is the step that it leads back to; '' where it leads to none */
    public function undo(): ?array
    {
        $event = $this->course->undoable();

        return $event === null
            ? null
            : [
                'token' => $event->id,
                'what' => $this->words->line($event),
                'back' => $event instanceof Done ? $event->step : '',
            ];
    }
}
