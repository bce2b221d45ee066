<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\EventWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Compose\StepKind;
use Lento\Course\Course;

/** A pot without a sheet: what is done to it is written down, and nothing is foreseen. */
final readonly class FreePotPage
{
    private function __construct(public int $potId, public string $name, public Course $course, public Kitchen $kitchen) {}

    public static function of(int $potId, string $name, Course $course, Kitchen $kitchen): self
    {
        return new self($potId, $name, $course, $kitchen);
    }

    public function title(): string
    {
        $kind = $this->course->step()->kind;

        return match ($kind) {
            StepKind::Free => $this->name,
            StepKind::Finish => Words::text('steps.finish.title'),
            default => Words::text('steps.' . $kind->value . '.name'),
        };
    }

    public function isFinishing(): bool
    {
        return $this->course->step()->kind === StepKind::Finish;
    }

    public function soFar(): SoFar
    {
        return new SoFar($this->course, EventWords::of($this->kitchen, $this->course->steps, null));
    }

    public function whereabouts(): Whereabouts
    {
        return new Whereabouts($this->course, $this->kitchen);
    }

    /** @return list<string> */
    public function instruments(): array
    {
        return ['temperature', 'depth', 'weight'];
    }
}
