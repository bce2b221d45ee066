<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\EventWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Stove\Place;
use Lento\Compose\StepKind;
use Lento\Course\Course;

/** A pot without a sheet: what is done to it is written down, and nothing is foreseen. */
final readonly class FreePotPage
{
    private const LAST_EVENTS = 9;

    private EventWords $events;

    private function __construct(public int $potId, public string $name, public Course $course, public Kitchen $kitchen)
    {
        $this->events = EventWords::of($kitchen, $course->steps, null);
    }

    public static function of(int $potId, string $name, Course $course, Kitchen $kitchen): self
    {
        return new self($potId, $name, $course, $kitchen);
    }

    public function title(): string
    {
        return $this->isFinishing() ? Words::text('steps.finish.title') : $this->name;
    }

    public function isFinishing(): bool
    {
        return $this->course->step()->kind === StepKind::Finish;
    }

    public function place(): string
    {
        return Place::named($this->course->place, $this->kitchen)->name ?? '';
    }

    /** @return array<string, Place> */
    public function places(): array
    {
        return Place::all($this->kitchen);
    }

    /** @return list<string> */
    public function instruments(): array
    {
        return ['temperature', 'depth', 'weight'];
    }

    /** @return list<Note> newest first */
    public function lastEvents(): array
    {
        return array_map(fn($event): Note => new Note($event->at, $this->events->line($event)), array_reverse(array_slice($this->course->events, -self::LAST_EVENTS)));
    }

    /** @return array{token: string, says: string}|null */
    public function undo(): ?array
    {
        $event = $this->course->undoable();

        return $event === null ? null : ['token' => $event->id, 'says' => Words::text('stove.undo_what', what: $this->events->line($event))];
    }
}
