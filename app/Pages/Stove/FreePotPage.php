<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\EventWords;
use App\Format\StepWords;
use App\Kitchen\Kitchen;
use Lento\Course\Course;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;

/** A pot without a sheet: what is done to it is written down, and nothing is foreseen. */
final readonly class FreePotPage
{
    private function __construct(
        public int $potId,
        public string $name,
        private Plan $plan,
        public Course $course,
        public Kitchen $kitchen,
    ) {}

    public static function of(int $potId, string $name, Plan $plan, Course $course, Kitchen $kitchen): self
    {
        return new self($potId, $name, $plan, $course, $kitchen);
    }

    public function title(): string
    {
        $step = $this->course->step();

        return $step->kind === StepKind::Free ? $this->name : $this->said($step);
    }

    public function isFinishing(): bool
    {
        return $this->course->step()->kind === StepKind::Finish;
    }

    public function soFar(): SoFar
    {
        return new SoFar($this->course, EventWords::of($this->kitchen, $this->plan));
    }

    /** @return array<string, string> */
    public function told(): array
    {
        return Told::of($this->potId, $this->course, []);
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

    private function said(Step $step): string
    {
        $title = StepWords::of($this->plan)->title($step);

        return $title === '' ? StepWords::name($step) : $title;
    }
}
