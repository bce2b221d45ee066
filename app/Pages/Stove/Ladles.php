<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Litres;
use App\Format\SauceNames;
use App\Format\Words;
use Lento\Course\Course;
use Lento\Plan\Ladle;
use Lento\Quantity\Volume;

/** What is ladled off a base for its service: what is still to be, what has been and when, what is left in the pot. */
final readonly class Ladles
{
    /** @param list<Ladle> $planned */
    public function __construct(private Course $course, private array $planned, private Volume $comesTo, private SauceNames $names) {}

    public function isEmpty(): bool
    {
        return $this->planned === [] && $this->course->ladles() === [];
    }

    /** @return list<array{text: string, done: bool}> those that have been first */
    public function lines(): array
    {
        [$lines, $done] = [[], []];
        foreach ($this->course->ladles() as $ladle) {
            $done[$ladle->branch] = true;
            $lines[] = [
                'text' => Words::text(
                    'family.ladled.done',
                    litres: Litres::of($ladle->volume)->text(),
                    name: $this->names->ofBranch($ladle->branch, $ladle->for),
                    time: $ladle->at->format('H:i'),
                ),
                'done' => true,
            ];
        }
        foreach ($this->planned as $one) {
            if ($one->branch === '' || !isset($done[$one->branch])) {
                $lines[] = [
                    'text' => Words::text(
                        'family.ladled.planned',
                        litres: Litres::of($one->volume)->text(),
                        name: $this->names->ofBranch($one->branch, $one->sauce),
                    ),
                    'done' => false,
                ];
            }
        }

        return $lines;
    }

    public function left(): string
    {
        $taken = 0.0;
        foreach ($this->course->ladles() as $ladle) {
            $taken += $ladle->volume->inLitres();
        }

        return Words::text(
            'family.ladled.left',
            litres: Litres::of(Volume::ofLitres(max(0.0, $this->comesTo->inLitres() - $taken)))->text(),
        );
    }
}
