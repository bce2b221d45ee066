<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Litres;
use App\Format\Words;
use Lento\Course\Course;
use Lento\Quantity\Volume;

/** What is ladled off a base for its service: what is still to be, what has been and when, what is left in the pot. */
final readonly class Ladles
{
    /** @param list<array{for: string, litres: float|int}> $planned */
    public function __construct(private Course $course, private array $planned, private Volume $comesTo) {}

    public function isEmpty(): bool
    {
        return $this->planned === [] && $this->course->ladles() === [];
    }

    /** @return list<array{text: string, done: bool}> those that have been first */
    public function lines(): array
    {
        $lines = [];
        $done = [];
        foreach ($this->course->ladles() as $event) {
            $done[$event->text] = true;
            $lines[] = ['text' => Words::text('family.ladled.done', litres: Litres::of($event->taken ?? Volume::ofLitres(0.0))->text(), name: $event->text, time: $event->at->format('H:i')), 'done' => true];
        }
        foreach ($this->planned as $one) {
            if (!isset($done[$one['for']])) {
                $lines[] = ['text' => Words::text('family.ladled.planned', litres: Litres::of(Volume::ofLitres((float) $one['litres']))->text(), name: $one['for']), 'done' => false];
            }
        }

        return $lines;
    }

    public function left(): string
    {
        $taken = 0.0;
        foreach ($this->course->ladles() as $event) {
            $taken += $event->taken?->inLitres() ?? 0.0;
        }

        return Words::text('family.ladled.left', litres: Litres::of(Volume::ofLitres(max(0.0, $this->comesTo->inLitres() - $taken)))->text());
    }
}
